export { postMix as POST } from '@/server/api/mix'
