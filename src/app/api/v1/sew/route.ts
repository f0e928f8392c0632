export { postSew as POST } from '@/server/api/sew'
