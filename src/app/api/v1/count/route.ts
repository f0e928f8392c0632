export { postCount as POST } from '@/server/api/count'
