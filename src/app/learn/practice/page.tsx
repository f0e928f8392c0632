import { pageTitle } from '@/features/shared/settings/pageTitle'
import { loadPractice } from '@/features/learn/practice/load'
import { PracticePage } from '@/features/learn/practice/PracticePage'
import { now } from '@/features/shared/now'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const generateMetadata = pageTitle('Practise burn tests')

export default async function PractisePage() {
  const { words } = await readPreferences()
  const data = await loadPractice(words, now())
  return <PracticePage key={data.token} {...data} />
}
