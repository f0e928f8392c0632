import { readDrawing } from '@/core/formats/readDrawing'
import { MOST_POINTS, NoOutlines } from '@/core/outlines/types'
import { readTable } from '@/core/formats/csv/read'
import { cleanPicture } from '@/server/tasks/cleanPicture'
import { countPicture } from '@/server/tasks/countPicture'
import { timesIn } from '@/core/formats/ics/read'
import { hostileFile, type Format } from '../storm/hostileFiles'
import { dice } from '../support/seen'

// Files that nobody's program writes. Each reader answers, or refuses in words; one that never ends fails here by the
// limit of a test, and in the server by the limit of its thread.

jest.setTimeout(60_000)

const TURNS = Array.from({ length: 17 }, (_, turn) => turn)
const textOf = (format: Format, turn: number) => new TextDecoder().decode(hostileFile(format, turn, dice(turn + 5)))

test.each(TURNS)('drawing %i is read, or refused in words', (turn) => {
  for (const format of ['dxf', 'svg'] as const) {
    try {
      const { pieces } = readDrawing(textOf(format, turn))
      expect(pieces.flatMap(({ outline }) => outline).length).toBeLessThan(MOST_POINTS)
    } catch (error) {
      expect(error).toBeInstanceOf(NoOutlines)
      // Words for a person, and none of the engine's.
      expect((error as Error).message).not.toMatch(/array length|call stack|undefined|NaN|null/i)
    }
  }
})

test.each(TURNS.slice(0, 13))('table %i is read without an error', (turn) => {
  const { rows, columns } = readTable(textOf('csv', turn))
  expect(rows.length).toBeLessThanOrEqual(5000)
  expect(columns.length).toBeLessThanOrEqual(100)
})

// The first kind repeats by a rule that may never come: only the thread's limit ends it.
test.each(TURNS.slice(1, 10))('calendar %i is read, or refused in words', (turn) => {
  const span = { start: Date.UTC(2027, 0, 1) / 60_000, end: Date.UTC(2027, 1, 1) / 60_000 }
  try {
    expect(timesIn(textOf('ics', turn), span).times.length).toBeLessThanOrEqual(1000)
  } catch (error) {
    expect(error).toBeInstanceOf(RangeError)
    expect((error as Error).message).toMatch(/calendar|repeats/)
  }
})

test.each(TURNS.slice(0, 7))('picture %i is refused before it is decoded, or in words', async (turn) => {
  const bytes = hostileFile('picture', turn, dice(turn + 5))
  expect(await cleanPicture({ bytes })).toEqual({ refused: expect.stringMatching(/photo/) })
  expect(await countPicture({ bytes, pixelsPerCm: 100 })).toEqual({ refused: expect.stringMatching(/photo/) })
})
