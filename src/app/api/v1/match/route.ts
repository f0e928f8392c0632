export { postMatch as POST } from '@/server/api/match'
