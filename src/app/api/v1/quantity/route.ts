export { postQuantity as POST } from '@/server/api/quantity'
