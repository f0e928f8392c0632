import { TestSeamSchema } from '../core/notebook/kinds/testSeam'
import { WorkroomSchema } from '../core/notebook/kinds/workroom'
import { type Notebook } from '../server/database'
import { createRecord } from '../server/store/repository'
import { keepWorkroom } from '../server/records/workroom'

/** What stands in the theatre's workroom, and when somebody has time; invented. */
const WORKROOM = {
  machine: { overlocker: true, feet: ['zip', 'buttonhole', 'rolled-hem'], smallestNeedle: 70 },
  household: { washerKg: 5, dryer: false, lineMetres: 14, celsius: 16, humidityPercent: 70 },
  hours: [
    { day: 0, from: '18:30', to: '21:30' },
    { day: 2, from: '18:30', to: '21:30' },
    { day: 5, from: '09:30', to: '13:00' },
  ],
}

/** Seams that were tried on scraps, by the name of the piece. */
const SEAMS = [
  { piece: 'Palm court viscose', needleNm: 80, lengthMm: 2.5, came: 'puckered', notes: 'Bobbin too tight, too.' },
  {
    piece: 'Palm court viscose',
    needleNm: 75,
    lengthMm: 2.2,
    came: 'good',
    tension: 'looser',
    technique: 'french',
    notes: '',
  },
  {
    piece: 'Bellboy red melton',
    needleNm: 90,
    lengthMm: 3,
    came: 'good',
    technique: 'bound',
    notes: 'Raw edges are enough; bound ones look finished.',
  },
] as const

/** The workroom, and the test seams. @param ids of pieces, by name @param at ISO 8601 */
export async function fillWorkroom(db: Notebook, ids: ReadonlyMap<string, string>, at: string): Promise<void> {
  await keepWorkroom(db, WorkroomSchema.parse(WORKROOM), at)
  for (const { piece, ...seam } of SEAMS)
    await createRecord(db, 'test-seam', TestSeamSchema.parse({ pieceId: ids.get(piece), ...seam }), at)
}
