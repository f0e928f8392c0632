import { sql } from 'kysely'
import { queriesAsked, stepsTo } from '../../tests/support/queriesAsked'
import { CutSchema } from '../core/notebook/cut'
import { PatternSchema } from '../core/notebook/kinds/pattern'
import { PieceSchema } from '../core/notebook/kinds/piece'
import { ProjectSchema } from '../core/notebook/kinds/project'
import { ASKS_NOTHING } from '../core/stashSearch/query'
import { askShelf } from './cache/askShelf'
import { shelfOf } from './cache/shelf'
import { picturesInUse } from './pictures/pictures'
import { burnTestsOf, latestBurnTests, looseBurnTests, startBurnTest, testsOfControls } from './records/burnTests'
import { controlBurns, controlsBox } from './records/controls'
import { cutFrom } from './records/cutting'
import { fullTextSearch, recordsEndingIn } from './records/fullTextSearch'
import { guessesOf } from './records/guesses'
import { measurementsOf } from './records/measurements'
import { wentSince } from './records/movements'
import { patternPieces } from './records/patternPieces'
import { findPattern, listPatterns } from './records/patterns'
import { recordsOfPieces } from './records/pieceRecords'
import { dueCount, listLooks, listPractice, sidesTried } from './records/practice'
import { findProject, keepersOf, listProjects } from './records/projects'
import { loadReservations } from './records/reservations'
import { readWorkroom } from './records/workroom'
import { amendRecord } from './store/amend'
import { changesOf, changeSet, historyOf, listBin, takeBack } from './store/history'
import { openNotebook, type Notebook } from './store/openNotebook'
import { countForPlanner } from './store/statistics'
import { countRecords, createRecord, listRecords, removeRecord } from './store/repository'

const AT = '2026-06-01T10:00:00.000Z'

/**
 * Statements that may walk through all of a table, each by a part of its text, and why. Any other that does so makes a
 * page slower with each fabric that somebody has.
 */
const MAY_WALK: readonly [text: RegExp, why: string][] = [
  [/data like '%\.jpg%'/, 'Pictures that nothing names are swept: any record of any kind may name one.'],
]

let db: Notebook
afterEach(() => db.destroy())

it('has no statement among those that may which is not asked any more', async () => {
  db = await openNotebook(':memory:')
  const asked = await queriesAsked(db, work)
  for (const [part, why] of MAY_WALK) expect([why, asked.some(({ sql }) => part.test(sql))]).toEqual([why, true])
})

/** Many more records than the scenario has, so that they are counted, and plans may be others. */
async function countLargeStash(): Promise<void> {
  await sql`insert into record (id, kind, version, revision, data, title, searched, created_at, updated_at)
    with recursive n(i) as (select 1 union all select i + 1 from n limit 3000)
    select 'filler ' || i, case i % 2 when 0 then 'measurement' else 'view' end, 1, 1, '{}', '', '',
      ${AT}, ${AT} from n`.execute(db)
  await sql`insert into reference (from_id, field, to_id)
    select id, 'pieceId', 'filler ' || (1 + rowid % 300) from record where id like 'filler %'`.execute(db)
  await countForPlanner(db)
  const { rows } = await sql`select * from sqlite_stat1 where tbl in ('record', 'reference')`.execute(db)
  expect(rows.length).toBeGreaterThan(2)
}

/** Everything that the server asks of a notebook while it is worked with. */
async function work(db: Notebook): Promise<void> {
  const piece = await createRecord(
    db,
    'piece',
    PieceSchema.parse({ name: 'Awning', lengthMm: 3000, widthMm: 1400 }),
    AT,
  )
  const other = await createRecord(db, 'piece', PieceSchema.parse({ name: 'Sail', cutFromId: piece.id }), AT)
  const pattern = await createRecord(db, 'pattern', PatternSchema.parse({ name: 'Cape', need: {} }), AT)
  const project = await createRecord(db, 'project', ProjectSchema.parse({ name: 'Cape', patternId: pattern.id }), AT)
  await startBurnTest(db, { pieceId: piece.id }, AT)
  await cutFrom(db, CutSchema.parse({ pieceId: piece.id, lengthMm: 500, what: 'a cape', offcuts: [] }), AT)
  await amendRecord(db, 'piece', piece.id, AT, (data) => ({ ...data, place: 'Loft' }))
  const [last] = await historyOf(db, piece.id)
  await changeSet(db, last!.stroke)
  await takeBack(db, last!.stroke, AT)
  await changesOf(db, piece.id)
  const shelf = await shelfOf(db, 'uk', AT)
  await askShelf(db, ASKS_NOTHING, 'uk')
  await Promise.all([
    burnTestsOf(db, piece.id),
    controlBurns(db),
    controlsBox(db),
    countRecords(db, 'piece'),
    dueCount(db, AT),
    findPattern(db, pattern.id),
    findProject(db, project.id),
    fullTextSearch(db, 'awning'),
    guessesOf(db, 'gsm'),
    keepersOf(db, piece.id),
    latestBurnTests(db, 5),
    listBin(db, AT),
    listLooks(db),
    listPatterns(db),
    listPractice(db),
    listProjects(db),
    listRecords(db, 'piece', { limit: 10 }),
    looseBurnTests(db),
    measurementsOf(db, piece.id),
    patternPieces(db, pattern.id),
    picturesInUse(db, Date.parse(AT)),
    readWorkroom(db),
    recordsEndingIn(db, 'piece', piece.id.slice(-6), 5),
    recordsOfPieces(db, [piece.id, other.id]),
    sidesTried(db),
    testsOfControls(db, [other.id]),
    wentSince(db, AT, () => undefined),
  ])
  await loadReservations(db, shelf)
  await removeRecord(db, 'piece', { id: other.id }, AT)
}

it.each([
  ['before anybody counted them', false],
  ['after SQLite counted a large stash', true],
])(
  'walks through all records, references or changes in no statement but those with a reason, %s',
  async (_, isCounted) => {
    db = await openNotebook(':memory:')
    if (isCounted) await countLargeStash()
    const asked = await queriesAsked(db, work)

    const texts = new Map(asked.map((query) => [query.sql, query]))
    // A scenario that asks for nothing would find nothing.
    expect(texts.size).toBeGreaterThan(40)
    const walking: string[] = []
    for (const [text, query] of texts) {
      if (!/^\s*(with|select|update|delete|insert)/i.test(text)) continue
      const isWalking = (await stepsTo(db, query)).some((step) => /^SCAN (record|reference|change)$/.test(step))
      if (isWalking && !MAY_WALK.some(([part]) => part.test(text))) walking.push(text.replace(/\s+/g, ' '))
    }
    expect(walking).toEqual([])
  },
)
