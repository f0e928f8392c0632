import { countNoun } from '@/core/units/format'
import Link from 'next/link'
import { Paper, PlainList } from '@/ui/kit/surfaces'
import { Say } from '@/ui/text/Say'

/** What waits to be finished, each a click from those pieces. */
export function Todos({ todos }: { todos: readonly { id: string; words: string; count: number }[] }) {
  if (todos.length === 0) return null
  return (
    <Paper aria-labelledby="to-do">
      <h2 id="to-do">To finish later</h2>
      <PlainList>
        {todos.map(({ id, words, count }) => (
          <li key={id}>
            <Link href={`/stash?todo=${id}&as=list`}>
              {countNoun(count, 'fabric')}: <Say>{words}</Say>
            </Link>
          </li>
        ))}
      </PlainList>
    </Paper>
  )
}
