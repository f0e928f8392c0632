import { mkdirSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { namedCloths } from '@/core/cloths/catalogue'
import { openNotebook, type Notebook } from '@/server/database'
import { createRecord, inTransaction } from '@/server/store/repository'
import { dice } from '../../support/seen'
import { addBurns, addControls, addMeasurements } from './evidence'
import { addCuts, addNotions, addPatterns, addProjects } from './making'
import { fillPictures } from './pictures'
import { inventedPiece } from './pieces'
import { mustHave } from '@/core/lists/items'

/** How much of each there is. */
export interface StashSize {
  pieces: number
  lots: number
  heaps: number
  patterns: number
  /** Patterns whose pieces are outlined. */
  outlined: number
  burns: number
  controls: number
  measurements: number
  projects: number
  notions: number
  /** Pieces with a photograph. */
  pictures: number
  /** Lengths that were cut off pieces. */
  cuts: number
}

/** A stash of so many pieces as one grows: everything else in proportion, but for patterns and projects. */
export function stashOf(pieces: number): StashSize {
  const share = (of: number) => Math.max(1, Math.round((of * pieces) / 20_000))
  return {
    ...{ pieces, lots: share(700), heaps: share(40), patterns: 200, outlined: 50, projects: 60 },
    ...{ burns: share(6700), controls: 20, measurements: share(25_000) },
    ...{ notions: share(500), pictures: share(2000), cuts: share(1000) },
  }
}

/** Records written in one transaction. */
const BATCH = 500

/** Draws what is made up, the same from the same seed. */
export interface Draw {
  chance: () => number
  one: <T>(list: readonly T[]) => T
  between: (low: number, high: number) => number
}

/** A notebook that is being filled. */
export interface Filling {
  db: Notebook
  draw: Draw
  at: string
  /** Does something so many times, some hundred to a transaction. */
  each: (count: number, work: (open: Notebook, index: number) => Promise<unknown>) => Promise<void>
}

/** What of it is there already, to refer to. */
export interface Filled {
  pieces: string[]
  patterns: string[]
}

/** Fills a notebook with an invented stash, the same from the same seed. */
export async function fillBig(file: string, size: StashSize, seed = 1): Promise<Filled> {
  const chance = dice(seed)
  const draw: Draw = {
    chance,
    one: (list) => mustHave(list[Math.floor(chance() * list.length)]),
    between: (low, high) => low + Math.floor(chance() * (high - low + 1)),
  }
  mkdirSync(dirname(file), { recursive: true })
  const db = await openNotebook(file)
  const filling: Filling = {
    db,
    draw,
    at: new Date(Date.UTC(2026, 4, 2)).toISOString(),
    each: async (count, work) => {
      for (let from = 0; from < count; from += BATCH)
        await inTransaction(db, async (open) => {
          for (let i = from; i < Math.min(count, from + BATCH); i++) await work(open, i)
        })
    },
  }
  try {
    const pictures = await fillPictures(join(dirname(file), 'pictures'), size.pictures, draw)
    const pieces = await addPieces(filling, size, pictures)
    await addMeasurements(filling, size.measurements, pieces)
    await addControls(filling, size.controls)
    await addBurns(filling, size.burns, pieces)
    const patterns = await addPatterns(filling, size.patterns, size.outlined)
    await addProjects(filling, size.projects, { pieces, patterns })
    await addNotions(filling, size.notions, pieces)
    await addCuts(filling, size.cuts, pieces)
    return { pieces, patterns }
  } finally {
    await db.destroy()
  }
}

/** Pieces by lots of two to eight, with offcuts among them, out of piles, and alone. */
async function addPieces({ draw, each, at }: Filling, size: StashSize, pictures: readonly string[]) {
  const { one, between, chance } = draw
  const lots: string[] = []
  const heaps: string[] = []
  const pieces: string[] = []
  await each(size.lots, async (open, i) => {
    const lot = { name: `Closing sale, lot ${i}`, source: 'the hotel', got: null, price: null, notes: '' }
    lots.push((await createRecord(open, 'lot', lot, at)).id)
  })
  await each(size.heaps, async (open, i) => {
    const heap = { name: `Trunk ${i}`, place: 'Loft', notes: '', done: chance() < 0.8 }
    heaps.push((await createRecord(open, 'heap', heap, at)).id)
  })
  let lot = { id: '', cloth: one(namedCloths), left: 0 }
  await each(size.pieces, async (open, i) => {
    // A lot is of one cloth, and comes piece after piece.
    if (lot.left === 0 && chance() < (size.lots * 1.2) / size.pieces)
      lot = { id: mustHave(lots.shift() ?? one(pieces)), cloth: one(namedCloths), left: between(2, 8) }
    const isOfLot = lot.left > 0 && lots.length > 0
    if (isOfLot) lot.left -= 1
    const cloth = isOfLot ? lot.cloth : one(namedCloths)
    const cutFromId = i > 0 && chance() < 0.05 ? one(pieces.slice(-200)) : null
    const piece = inventedPiece(draw, i, cloth, {
      lotId: isOfLot ? lot.id : null,
      cutFromId,
      heapId: chance() < 0.04 ? one(heaps) : null,
      picture: pictures[i * Math.floor(size.pieces / Math.max(1, pictures.length))],
    })
    pieces.push((await createRecord(open, 'piece', piece, at)).id)
  })
  return pieces
}
