export { postTeardown as POST } from '@/server/api/teardown'
