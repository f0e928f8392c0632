export { getExport as GET } from '@/server/api/exchange'
