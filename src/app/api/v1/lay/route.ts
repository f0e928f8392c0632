export { postLay as POST } from '@/server/api/lay'
