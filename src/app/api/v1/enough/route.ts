export { postEnough as POST } from '@/server/api/enough'
