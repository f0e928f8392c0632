export { postTable as POST } from '@/server/api/table'
