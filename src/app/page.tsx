import { readPreferences } from '@/features/settings/readPreferences'
import { foldOf } from '@/features/stash/describe'
import { TableTop } from '@/features/table/TableTop'
import { looseBurnTests } from '@/server/burnTests'
import { notebook } from '@/server/database'
import { listPatterns } from '@/server/patterns'
import { readStash } from '@/server/stash'

export const dynamic = 'force-dynamic'

export default async function TablePage() {
  const { units, words } = await readPreferences()
  const db = await notebook()
  const [stash, patterns, loose] = await Promise.all([readStash(db, words), listPatterns(db), looseBurnTests(db)])
  return (
    <TableTop
      folds={stash.map((entry) => foldOf(entry, units, words))}
      patterns={patterns.length}
      loose={loose.map(({ id }) => id)}
    />
  )
}
