export { postEnvelope as POST } from '@/server/api/envelope'
