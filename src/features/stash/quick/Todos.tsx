import { countNoun } from '@/core/units/format'
import Link from 'next/link'
import { Paper, PlainList } from '@/ui/kit/surfaces'

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
              {countNoun(count, 'fabric')}: {words}
            </Link>
          </li>
        ))}
      </PlainList>
    </Paper>
  )
}
