import type { Metadata } from 'next'
import { TopicsPage } from '@/features/frame/help/TopicsPage'

export const metadata: Metadata = { title: 'Help' }

export default TopicsPage
