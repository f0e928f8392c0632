export { postIdentify as POST } from '@/server/api/identify'
