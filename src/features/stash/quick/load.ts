import { ASKS_NOTHING } from '@/core/stashSearch/query'
import { TODOS, TODO_WORDS } from '@/core/vocabulary/stash'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { askShelf } from '@/server/cache/askShelf'

/** What is still to be done, and of how many pieces. */
export async function loadTodos(words: Vocabulary, heap: string | null = null) {
  const { counts } = await askShelf(await notebook(), { ...ASKS_NOTHING, heap }, words)
  return TODOS.map((id) => ({ id, words: TODO_WORDS[id], count: counts.todo?.[id] ?? 0 })).filter(
    ({ count }) => count > 0,
  )
}
