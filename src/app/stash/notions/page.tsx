import type { Metadata } from 'next'
import { BoxPage } from '@/features/stash/upcycle/BoxPage'
import { loadBox } from '@/features/stash/upcycle/loadBox'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Notions and yarn' }

export default async function NotionsPage() {
  return <BoxPage {...await loadBox((await readPreferences()).words)} />
}
