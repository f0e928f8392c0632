export { postOutlines as POST } from '@/server/api/outlines'
