export { postDye as POST } from '@/server/api/dye'
