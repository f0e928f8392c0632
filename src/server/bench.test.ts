import { mkdtempSync, readdirSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { PieceSchema, SpecimenNoteSchema, TestSetupSchema } from '../core/notebook/records'
import { type TestAnswer } from '../core/notebook/answers'
import {
  changeSetup,
  findBurnTest,
  latestAtHand,
  looseBurnTests,
  removeBurnTest,
  setAnswers,
  startBurnTest,
} from './burnTests'
import { addControl, controlBurns, controlsBox, removeControl } from './controls'
import { openNotebook, type Notebook } from './database'
import { addPiece } from './pieces'
import { readPicture, savePicture, sweepPictures } from './pictures'
import { keepNotes } from './specimens'
import { readStashEntry } from './stash'

const AT = '2026-01-02T03:04:05.000Z'
const LATER = '2026-01-02T03:09:00.000Z'
const burn = (states: Record<string, string>): TestAnswer[] =>
  Object.entries(states).map(([feature, state]) => ({ specimen: 1, part: 'whole', feature, states: [state] }))
const PNG = Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0])

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
  expect(await changeSetup(db, id, setup)).toBe(true)
  expect((await findBurnTest(db, id))!.setup).toEqual(setup)
  expect(await latestAtHand(db)).toEqual(['loupe'])
  expect(await changeSetup(db, id + 1, setup)).toBe(false)
})

it('keeps the time of each answer, also of one corrected later', async () => {
  const id = await startBurnTest(db, {}, AT)
  await setAnswers(db, id, [{ ...burn({ smell: 'paper' })[0]!, at: LATER }, ...burn({ smoke: 'pale' })], AT)
  expect((await findBurnTest(db, id))!.answers.map(({ at }) => at)).toEqual([LATER, AT])
})

it('keeps notes of specimens, the latest in the place of the one before', async () => {
  const id = await startBurnTest(db, {}, AT)
  const note = SpecimenNoteSchema.parse({
    specimen: 2,
    part: 'warp',
    note: 'from the hem',
    catchSeconds: 1.2,
    burnSeconds: 6,
    burnMm: 20,
  })
  await keepNotes(db, id, [note])
  await keepNotes(db, id, [{ ...note, note: 'from the seam' }, SpecimenNoteSchema.parse({ specimen: 1 })])
  expect((await findBurnTest(db, id))!.specimens).toEqual([
    SpecimenNoteSchema.parse({ specimen: 1 }),
    { ...note, note: 'from the seam' },
  ])
  await removeBurnTest(db, id)
  expect(await db.selectFrom('specimen').selectAll().execute()).toEqual([])
})

describe('the controls box', () => {
  it('holds known pieces with their burns, apart from the unknowns, and says which look impure', async () => {
    const cotton = await addControl(db, { fibre: 'cotton', name: 'Calico corner', sure: 'its ticket' }, AT)
    const doubtful = await addControl(db, { fibre: 'cotton', name: 'Shirt tail', sure: '' }, AT)
    await setAnswers(
      db,
      await startBurnTest(db, { controlId: cotton }, AT),
      burn({ smell: 'paper', residue: 'soft-ash', melting: 'none' }),
      AT,
    )
    await setAnswers(
      db,
      await startBurnTest(db, { controlId: doubtful }, AT),
      burn({ smell: 'sweet-chemical', residue: 'hard-bead', melting: 'melts-drips' }),
      AT,
    )
    expect((await controlsBox(db)).map(({ name, impure }) => [name, impure])).toEqual([
      ['Calico corner', false],
      ['Shirt tail', true],
    ])
    expect(await controlBurns(db)).toHaveLength(2)
    expect(await looseBurnTests(db)).toEqual([])
    await removeControl(db, doubtful)
    expect(await controlBurns(db)).toHaveLength(1)
    expect(await db.selectFrom('burn_test').selectAll().execute()).toHaveLength(1)
  })

  it('and the past of a piece count in its property sheet, unless switched off', async () => {
    const piece = await addPiece(db, PieceSchema.parse({ name: 'Old lining' }), AT)
    const id = await startBurnTest(db, { pieceId: piece }, AT, { history: { made: { before: 1950 } } })
    await setAnswers(db, id, burn({ smell: 'sweet-chemical', melting: 'melts-drips', residue: 'hard-bead' }), AT)
    const polyester = async () =>
      (await readStashEntry(db, piece, 'uk'))!.sheet.belief!.fibres.find((fibre) => fibre.id === 'polyester')!.present
    expect(await polyester()).toBe(0)
    await changeSetup(db, id, TestSetupSchema.parse({ history: { made: { before: 1950 } }, countHistory: false }))
    expect(await polyester()).toBeGreaterThan(0.5)
  })
})

describe('pictures', () => {
  const home = mkdtempSync(join(tmpdir(), 'rough-swatch-pictures-'))

  it('are kept under a name of their own and come back as they were', async () => {
    const name = await savePicture(home, PNG)
    expect(await readPicture(home, name)).toEqual({ bytes: Buffer.from(PNG), type: 'image/png' })
    expect(SpecimenNoteSchema.parse({ specimen: 1, picture: name }).picture).toBe(name)
  })

  it('are refused where they are none, or too large', async () => {
    await expect(savePicture(home, new TextEncoder().encode('<svg onload="alert(1)"/>'))).rejects.toThrow(
      /no JPEG, PNG or WebP/,
    )
    await expect(savePicture(home, new Uint8Array(9 * 1024 * 1024))).rejects.toThrow(/larger than 8 MB/)
  })

  it('never lead out of their folder', async () => {
    for (const name of ['../notebook.sqlite', '..%2Fnotebook.png', '/etc/passwd.png', 'x.png'])
      expect(await readPicture(home, name)).toBeUndefined()
  })

  it('go when nothing has them any more', async () => {
    const [kept, lost] = [await savePicture(home, PNG), await savePicture(home, PNG)]
    await keepNotes(db, await startBurnTest(db, {}, AT), [SpecimenNoteSchema.parse({ specimen: 1, picture: kept })])
    await sweepPictures(db, home)
    expect(readdirSync(join(home, 'pictures'))).toEqual([kept])
    expect(await readPicture(home, lost)).toBeUndefined()
    await sweepPictures(db, join(home, 'nowhere'))
  })
})
