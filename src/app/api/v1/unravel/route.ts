export { postUnravel as POST } from '@/server/api/unravel'
