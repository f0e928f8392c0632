import type { Metadata } from 'next'
import { DoorPage } from '@/features/auth/DoorPage'

export const metadata: Metadata = { title: 'Passphrase' }

type Asked = Record<string, string | string[] | undefined>

export default async function Door({ searchParams }: { searchParams: Promise<Asked> }) {
  const { wrong, wait } = await searchParams
  return <DoorPage isWrong={wrong !== undefined} waitSeconds={Number(wait) || 0} />
}
