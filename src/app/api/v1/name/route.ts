export { postName as POST } from '@/server/api/name'
