export { postWeigh as POST } from '@/server/api/weigh'
