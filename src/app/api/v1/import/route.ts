export { postImport as POST } from '@/server/api/exchange'
