export { postPrepare as POST } from '@/server/api/prepare'
