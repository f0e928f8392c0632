import { pageTitle } from '@/features/shared/settings/pageTitle'
import { fibresTold } from '@/features/learn/lookup/fibresTold'
import { FibresPage } from '@/features/learn/lookup/FibresPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const generateMetadata = pageTitle('Fibres')

export default async function FibresRoute() {
  const { words } = await readPreferences()
  return <FibresPage fibres={fibresTold(words)} />
}
