import type * as Database from '@/server/database'
import { type Notebook } from '@/server/database'

// In place of '@/server/database' in tests of what pages load and do:
// jest.mock('@/server/database', () => jest.requireActual('…/tests/support/ownNotebook'))

const actual = jest.requireActual<typeof Database>('@/server/database')
export const { openNotebook } = actual

let own: Notebook | undefined

/** The notebook that every page reads and writes until the next one is opened, in memory. */
export async function openOwn(): Promise<Notebook> {
  await own?.destroy()
  own = await openNotebook(':memory:')
  return own
}

export async function closeOwn(): Promise<void> {
  await own?.destroy()
  own = undefined
}

/** What a thread opens is the same one: it has no file that two could open. */
export const workerNotebook = () => notebook()

export function notebook(): Promise<Notebook> {
  if (!own) throw new Error('openOwn() first')
  return Promise.resolve(own)
}
