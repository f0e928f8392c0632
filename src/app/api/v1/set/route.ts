export { postSet as POST } from '@/server/api/set'
