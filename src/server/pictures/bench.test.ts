import sharp from 'sharp'
import { mkdtempSync, readdirSync, renameSync, utimesSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { SpecimenNoteSchema, TestSetupSchema } from '../../core/notebook/kinds/burnTest'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { type TestAnswer } from '../../core/notebook/answers'
import { changeBurnTest, findBurnTest, latestAtHand, looseBurnTests, startBurnTest } from '../records/burnTests'
import { controlBurns, controlsBox } from '../records/controls'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { readPicture, savePicture, sweepPictures } from './pictures'
import { readStashEntry } from '../records/stash'
import { ConflictError, GoneError } from '../store/errors'
import { countRecords, createRecord, removeRecord } from '../store/repository'

jest.mock('../jobs/pool', () => jest.requireActual('../../../tests/support/jobsHere'))

const AT = '2026-01-02T03:04:05.000Z'
const LATER = '2026-01-02T03:09:00.000Z'
const NOBODY = '01900000-0000-7000-8000-000000000000'
const burn = (states: Record<string, string>): TestAnswer[] =>
  Object.entries(states).map(([feature, state]) => ({ specimen: 1, part: 'whole', feature, states: [state] }))
/** One grey pixel. */
const PNG = Uint8Array.from(
  Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  ),
)

let db: Notebook
beforeEach(async () => {
  db = await openNotebook(':memory:')
})
afterEach(() => db.destroy())

it('keeps what a test is for, with sensible beginnings', async () => {
  const id = await startBurnTest(db, {}, AT)
  expect((await findBurnTest(db, id))!.setup).toEqual({
    asks: 'fibre',
    atHand: ['flame'],
    history: {},
    countHistory: true,
    claim: [],
  })
  const setup = TestSetupSchema.parse({
    asks: 'label',
    atHand: ['loupe'],
    history: { kind: 'lining', made: { before: 1960 } },
    countHistory: false,
    claim: [{ fibre: 'silk', percent: 100 }],
  })
  expect(await changeBurnTest(db, { id, revision: 1 }, { setup }, AT)).toBe(2)
  expect((await findBurnTest(db, id))!.setup).toEqual(setup)
  expect(await latestAtHand(db)).toEqual(['loupe'])
  await expect(changeBurnTest(db, { id: NOBODY, revision: 1 }, { setup }, AT)).rejects.toThrow(GoneError)
})

it('tells a second window what the first one answered, and overwrites nothing', async () => {
  const id = await startBurnTest(db, {}, AT)
  await changeBurnTest(db, { id, revision: 1 }, { answers: burn({ smell: 'paper', smoke: 'pale' }) }, AT)
  const late = changeBurnTest(db, { id, revision: 1 }, { answers: burn({ smell: 'vinegar' }) }, LATER)
  await expect(late).rejects.toThrow(ConflictError)
  const { current } = (await late.catch((error: unknown) => error)) as ConflictError<'burn-test'>
  expect(current).toMatchObject({ revision: 2, data: { answers: [{ states: ['paper'] }, { states: ['pale'] }] } })
  expect((await findBurnTest(db, id))!.answers).toHaveLength(2)
})

it('keeps the time of each answer, also of one corrected later', async () => {
  const id = await startBurnTest(db, {}, AT)
  const answers = [{ ...burn({ smell: 'paper' })[0]!, at: LATER }, ...burn({ smoke: 'pale' })]
  await changeBurnTest(db, { id, revision: 1 }, { answers }, AT)
  expect((await findBurnTest(db, id))!.answers.map(({ at }) => at)).toEqual([LATER, AT])
})

it('keeps notes of specimens, the first specimen first', async () => {
  const id = await startBurnTest(db, {}, AT)
  const note = SpecimenNoteSchema.parse({
    specimen: 2,
    part: 'warp',
    note: 'from the hem',
    catchSeconds: 1.2,
    burnSeconds: 6,
    burnMm: 20,
  })
  const first = SpecimenNoteSchema.parse({ specimen: 1 })
  await changeBurnTest(db, { id, revision: 1 }, { specimens: [note] }, AT)
  await changeBurnTest(db, { id, revision: 2 }, { specimens: [{ ...note, note: 'from the seam' }, first] }, AT)
  expect((await findBurnTest(db, id))!.specimens).toEqual([first, { ...note, note: 'from the seam' }])
})

describe('the controls box', () => {
  it('holds known pieces with their burns, apart from the unknowns, and says which look impure', async () => {
    const box = (name: string, sure: string) => createRecord(db, 'control', { fibre: 'cotton', name, sure }, AT)
    const [cotton, doubtful] = [await box('Calico corner', 'its ticket'), await box('Shirt tail', '')]
    await startBurnTest(
      db,
      { controlId: cotton.id },
      AT,
      {},
      burn({ smell: 'paper', residue: 'soft-ash', melting: 'none' }),
    )
    await startBurnTest(
      db,
      { controlId: doubtful.id },
      AT,
      {},
      burn({ smell: 'sweet-chemical', residue: 'hard-bead', melting: 'melts-drips' }),
    )
    expect((await controlsBox(db)).map(({ name, impure }) => [name, impure])).toEqual([
      ['Calico corner', false],
      ['Shirt tail', true],
    ])
    expect(await controlBurns(db)).toHaveLength(2)
    expect(await looseBurnTests(db)).toEqual([])
    await removeRecord(db, 'control', { id: doubtful.id }, LATER)
    expect(await controlBurns(db)).toHaveLength(1)
    expect(await countRecords(db, 'burn-test')).toBe(1)
  })

  it('and the past of a piece count in its properties, unless switched off', async () => {
    const piece = await createRecord(db, 'piece', PieceSchema.parse({ name: 'Old lining' }), AT)
    const past = { history: { made: { before: 1950 } } }
    const melted = burn({ smell: 'sweet-chemical', melting: 'melts-drips', residue: 'hard-bead' })
    const id = await startBurnTest(db, { pieceId: piece.id }, AT, past, melted)
    const polyester = async () => {
      const { belief } = (await readStashEntry(db, piece.id, 'uk'))!.sheet
      return belief!.fibres.find((fibre) => fibre.id === 'polyester')!.present
    }
    expect(await polyester()).toBeLessThan(0.01)
    const setup = TestSetupSchema.parse({ ...past, countHistory: false })
    await changeBurnTest(db, { id, revision: 1 }, { setup }, LATER)
    expect(await polyester()).toBeGreaterThan(0.5)
  })
})

describe('pictures', () => {
  const home = mkdtempSync(join(tmpdir(), 'rough-swatch-pictures-'))
  const DAYS = 24 * 60 * 60 * 1000

  it('are kept under a name of their own, encoded anew', async () => {
    const name = await savePicture(home, PNG)
    const kept = await readPicture(home, name)
    expect(kept!.type).toBe('image/jpeg')
    expect(await sharp(kept!.bytes).metadata()).toMatchObject({ format: 'jpeg', width: 1, height: 1 })
    expect(SpecimenNoteSchema.parse({ specimen: 1, picture: name }).picture).toBe(name)
  })

  it('are refused where they are none, or too large', async () => {
    await expect(savePicture(home, new TextEncoder().encode('<svg onload="alert(1)"/>'))).rejects.toThrow(
      /not a JPEG, PNG or WebP/,
    )
    // Its first bytes are those of a picture; nothing after them is.
    await expect(savePicture(home, PNG.subarray(0, 10))).rejects.toThrow(/damaged/)
    await expect(savePicture(home, new Uint8Array(9 * 1024 * 1024))).rejects.toThrow(/larger than 8 MB/)
  })

  it('never lead out of their folder', async () => {
    for (const name of ['../notebook.sqlite', '..%2Fnotebook.png', '/etc/passwd.png', 'x.png'])
      expect(await readPicture(home, name)).toBeUndefined()
  })

  it('go when nothing has them any more, and not before they are old', async () => {
    const own = mkdtempSync(join(tmpdir(), 'rough-swatch-pictures-'))
    const [kept, lost, fresh] = [
      await savePicture(own, PNG),
      await savePicture(own, PNG),
      await savePicture(own, PNG),
    ]
    const specimens = [SpecimenNoteSchema.parse({ specimen: 1, picture: kept })]
    const id = await startBurnTest(db, {}, AT)
    await changeBurnTest(db, { id, revision: 1 }, { specimens }, AT)
    const now = Date.now()
    for (const name of [kept, lost]) utimesSync(join(own, 'pictures', name), 1, (now - 2 * DAYS) / 1000)
    await sweepPictures(db, own, now)
    // A new one waits for the note that will name it: two that are sent at once never lose one another.
    expect(readdirSync(join(own, 'pictures')).toSorted()).toEqual([kept, fresh].toSorted())
    expect(await readPicture(own, lost)).toBeUndefined()
    await sweepPictures(db, join(own, 'nowhere'), now)
  })

  it.each(['jpg', 'png', 'webp'])('stay while what names them lies in the bin: %s', async (type) => {
    const own = mkdtempSync(join(tmpdir(), 'rough-swatch-pictures-'))
    const jpg = await savePicture(own, PNG)
    // Notebooks of before kept pictures in the kind that they were sent in.
    const name = `${jpg.slice(0, 36)}.${type}`
    const now = Date.now()
    renameSync(join(own, 'pictures', jpg), join(own, 'pictures', name))
    utimesSync(join(own, 'pictures', name), 1, (now - 2 * DAYS) / 1000)
    const specimens = [SpecimenNoteSchema.parse({ specimen: 1, picture: name })]
    const id = await startBurnTest(db, {}, AT)
    await changeBurnTest(db, { id, revision: 1 }, { specimens }, AT)
    await removeRecord(db, 'burn-test', { id }, new Date(now).toISOString())
    await sweepPictures(db, own, now)
    expect(readdirSync(join(own, 'pictures'))).toEqual([name])
    // Past its time in the bin nothing has it any more.
    await sweepPictures(db, own, now + 100 * DAYS)
    expect(readdirSync(join(own, 'pictures'))).toEqual([])
  })
})
