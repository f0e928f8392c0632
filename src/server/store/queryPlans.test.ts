import { queriesAsked, stepsTo } from '../../../tests/support/queriesAsked'
import { wentSince } from '../records/movements'
import { listBin } from './history'
import { openNotebook, type Notebook } from './openNotebook'

let db: Notebook
beforeEach(async () => {
  db = await openNotebook(':memory:')
})
afterEach(() => db.destroy())

const SINCE = '2026-01-01T00:00:00.000Z'

it.each([
  ['what went', (open: Notebook) => wentSince(open, SINCE, () => undefined)],
  ['what lies in the bin', (open: Notebook) => listBin(open, SINCE)],
])('looks %s up by an index, without walking through every change', async (_, ask) => {
  for (const step of await stepsOf(ask)) expect(step).not.toMatch(/SCAN change$/)
  expect(await stepsOf(ask)).toEqual(
    expect.arrayContaining([
      expect.stringMatching(/SEARCH change USING INDEX change_(?:shortened|removed) \(at>\?\)/),
    ]),
  )
})

/** The steps that SQLite takes for what is asked. */
async function stepsOf(ask: (db: Notebook) => Promise<unknown>): Promise<string[]> {
  const plans = (await queriesAsked(db, ask)).map((query) => stepsTo(db, query))
  return (await Promise.all(plans)).flat()
}
