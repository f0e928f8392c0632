export { postComfort as POST } from '@/server/api/comfort'
