import { namedCloths } from '@/core/cloths/catalogue'
import { PatternSchema } from '@/core/notebook/kinds/pattern'
import { ProjectSchema } from '@/core/notebook/kinds/project'
import { ProjectClothSchema } from '@/core/notebook/kinds/projectCloth'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { FIBRE_IDS } from '@/core/vocabulary/fibres'
import { GARMENTS } from '@/core/vocabulary/choosing'
import { SORTINGS, THINGS } from '@/core/vocabulary/stash'
import { WASH_STATES } from '@/core/vocabulary/cloth'
import { startBurnTest } from '@/server/records/burnTests'
import { openNotebook } from '@/server/database'
import { addMeasurement } from '@/server/records/measurements'
import { createRecord, inTransaction } from '@/server/store/repository'
import { dice } from '../support/seen'

export interface BigNotebook {
  pieces: number
  patterns: number
  tests: number
  measurements: number
  projects: number
}

const BATCH = 500
const PLACES = ['Loft', 'Wicker hamper', 'Long shelf', 'Under the stage', 'Box 1', 'Box 2', 'Box 12', 'Press', '']
const WORDS = [
  'lobby',
  'terrace',
  'winter garden',
  'night',
  'laundry',
  'ballroom',
  'staff',
  'lounge',
  'blind',
  'sash',
]
const SMELLS = ['paper', 'hair-feather', 'sweet-chemical']

/** Fills a notebook with invented pieces, patterns and evidence, the same from the same seed. */
export async function fillBig(file: string, size: BigNotebook, seed = 1): Promise<void> {
  const random = dice(seed)
  const one = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
  const db = await openNotebook(file)
  const at = new Date(Date.UTC(2026, 4, 2)).toISOString()
  const ids: string[] = []
  const patterns: string[] = []
  const inBatches = async (count: number, work: (open: typeof db, index: number) => Promise<unknown>) => {
    for (let from = 0; from < count; from += BATCH)
      await inTransaction(db, async (open) => {
        for (let i = from; i < Math.min(count, from + BATCH); i++) await work(open, i)
      })
  }
  const colour = () =>
    `#${Math.floor(random() * 0xffffff)
      .toString(16)
      .padStart(6, '0')}`
  await inBatches(size.pieces, async (open, i) => {
    const cloth = one(namedCloths)
    const piece = PieceSchema.parse({
      name: `${one(WORDS)} ${cloth.name.uk} ${i}`,
      called: random() < 0.8 ? cloth.name.uk : '',
      place: one(PLACES),
      thing: random() < 0.8 ? 'cloth' : one(THINGS),
      washed: one(WASH_STATES),
      widthMm: random() < 0.8 ? 900 + Math.floor(random() * 700) : null,
      lengthMm: random() < 0.8 ? 300 + Math.floor(random() * 5000) : null,
      claim: random() < 0.6 ? [{ fibre: one(FIBRE_IDS), percent: 100 }] : [],
      price: random() < 0.5 ? { amount: Math.ceil(random() * 30), currency: '£', per: 'metre' } : null,
      tags: random() < 0.3 ? [one(WORDS)] : [],
      sorting: random() < 0.2 ? one(SORTINGS) : null,
      got: `20${15 + Math.floor(random() * 11)}-0${1 + Math.floor(random() * 9)}-1${Math.floor(random() * 10)}`,
      look: { warp: colour(), weft: colour(), accent: null, colouring: 'plain' },
    })
    ids.push((await createRecord(open, 'piece', piece, at)).id)
  })
  await inBatches(size.measurements, (open) => {
    const grams = 5 + random() * 60
    const side = { lengthMm: 400, widthMm: 300, resolutionGrams: 1, cutErrorMm: 2 }
    return addMeasurement(open, one(ids), { kind: 'weighing', grams, ...side } as never, 'unknown', at)
  })
  await inBatches(size.tests, (open) => {
    const answers = [{ specimen: 1, part: 'whole' as const, feature: 'smell', states: [one(SMELLS)] }]
    return startBurnTest(open, { pieceId: one(ids) }, at, {}, answers)
  })
  await inBatches(size.patterns, async (open, i) => {
    const need = { garment: one(GARMENTS) }
    patterns.push((await createRecord(open, 'pattern', PatternSchema.parse({ name: `Pattern ${i}`, need }), at)).id)
  })
  await inBatches(size.projects, async (open, i) => {
    const project = ProjectSchema.parse({ name: `Project ${i}`, patternId: one(patterns) })
    const projectId = (await createRecord(open, 'project', project, at)).id
    const cloth = ProjectClothSchema.parse({ projectId, role: 'main', pieceId: one(ids) })
    return createRecord(open, 'project-cloth', cloth, at)
  })
  await db.destroy()
}
