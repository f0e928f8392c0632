import { sql } from 'kysely'
import { type PieceSummary } from '../../core/stashSearch/pieceSummary'
import { inOrder, stashRowOf, type ShelfRow } from '../../core/stashSearch/filter'
import { type ShelfSort } from '../../core/stashSearch/query'
import { type Vocabulary } from '../../core/vocabulary/words'
import { type Notebook } from '../store/openNotebook'
import { runJob } from '../jobs/pool'
import { inTransaction } from '../store/repository'
import { TABLES_VERSION } from './tables'
import { fileOf, isReadOnly } from './fileOf'
import { waitBriefly } from './waitBriefly'
import { gistIn, lookOver, type RememberedPiece, type SummaryMaking, type Stale } from './remember'
import { itemAt } from '@/core/lists/items'

/** So many are looked over while a page waits; more than that, in the background. */
const AT_ONCE = 60
/** So many go to a worker thread at a time. */
const BATCH = 250

let shelves = 0

/** Every piece on the shelves, held in memory as it is remembered. */
export class Shelf {
  /** Tells one shelf from another within this run. */
  readonly name = String((shelves += 1))
  private readonly rows = new Map<string, ShelfRow>()
  private readonly hand = new Map<string, PieceSummary>()
  private readonly reckoned = new Map<string, unknown>()
  private all: readonly PieceSummary[] | undefined
  /** The last making of a gist that is read. */
  latest = 0
  /** In which making each was made: every piece that is remembered, on a shelf or not. */
  private readonly madeIn = new Map<string, number>()
  private day = ''
  private isCurrent = false
  /** Pieces that are still to be looked over in the background. */
  left = 0
  /** Of those, pieces of which nothing is remembered at all. */
  private unseen = 0
  private working: Promise<void> | undefined
  /** Marks of what is being remembered. */
  private readonly underWay = new Set<string>()

  constructor(
    private readonly db: Notebook,
    private readonly making: SummaryMaking,
    /** The notebook's file, for worker threads; undefined where it lies in memory only. */
    private readonly file: string | undefined,
    /** A protected notebook cannot be remembered beside its pieces: it is looked over once, in memory. */
    private readonly isReadOnly = false,
  ) {}

  /**
   * Brings what is remembered up to what is written: a few pieces at once, many of them in the background.
   * @param today ISO 8601
   */
  async refresh(today: string): Promise<void> {
    if (this.isReadOnly) return this.refreshInMemory(today)
    await this.markOutdated()
    const stale = await this.stale(AT_ONCE + 1)
    if (stale.length > AT_ONCE) {
      this.left = await this.countStale()
      this.inBackground()
    } else {
      const fresh = stale.filter(({ mark }) => !this.underWay.has(mark))
      if (fresh.length > 0) await this.takeIn(await this.lookOverHere(fresh), today)
    }
    await this.read(today)
    if (stale.length > AT_ONCE) await this.countAndRead(today)
    else this.unseen = 0
  }

  /** What was remembered while the unseen were counted is read: nothing is missing from both. */
  private async countAndRead(today: string): Promise<void> {
    for (let before = -1; before !== this.latest;) {
      before = this.latest
      this.unseen = await this.countUnseen()
      await this.read(today)
    }
  }

  /** What was made stands on the shelves at once, and is remembered as soon as it can be written. */
  private async takeIn(made: readonly RememberedPiece[], today: string): Promise<void> {
    for (const { id, made: one } of made)
      if (one) this.put(JSON.parse(one.gist) as PieceSummary, today)
      else {
        this.rows.delete(id)
        this.hand.delete(id)
      }
    this.forget()
    for (const { mark } of made) this.underWay.add(mark)
    const kept = this.keep(made).finally(() => {
      for (const { mark } of made) this.underWay.delete(mark)
    })
    await waitBriefly(kept)
  }

  private async refreshInMemory(today: string): Promise<void> {
    if (this.isCurrent) return
    this.isCurrent = true
    const { rows } = await sql<Stale>`select id, '' as mark from record where kind = 'piece'`.execute(this.db)
    for (let at = 0; at < rows.length; at += BATCH) {
      const made = await lookOver(this.db, rows.slice(at, at + BATCH), this.making, new Map())
      for (const { made: one } of made) if (one) this.put(JSON.parse(one.gist) as PieceSummary, today)
    }
  }

  private put(gist: PieceSummary, today: string): void {
    this.rows.delete(gist.id)
    this.hand.delete(gist.id)
    // A cloth in hand lies on no shelf yet.
    if (gist.inHand) this.hand.set(gist.id, gist)
    else this.rows.set(gist.id, stashRowOf(gist, today))
  }

  /** Waits for what goes on in the background. */
  async settled(): Promise<void> {
    await this.working
  }

  /** Pieces that can be told about. */
  get size(): number {
    return this.rows.size
  }

  /** Pieces that there are: also those that nobody has looked over yet. */
  get count(): number {
    return this.rows.size + this.unseen
  }

  find(id: string): PieceSummary | undefined {
    return this.rows.get(id)?.gist
  }

  /** Cloths that were taken in the hand and are not put on a shelf yet, the newest first. */
  inHand(): PieceSummary[] {
    return [...this.hand.values()].sort((a, b) => (a.id < b.id ? 1 : -1))
  }

  /** Everything on the shelves; the same list until something changes. */
  gists(): readonly PieceSummary[] {
    this.all ??= [...this.rows.values()].map(({ gist }) => gist)
    return this.all
  }

  /** What was made after that making. */
  changedSince(latest: number): PieceSummary[] {
    return this.gists().filter(({ id }) => (this.madeIn.get(id) ?? 0) > latest)
  }

  /**
   * What is reckoned over all of the shelves: once, and the same until a piece or the day changes.
   * @param name of what is reckoned, one for each way of reckoning
   */
  once<T>(name: string, reckon: (gists: readonly PieceSummary[]) => T): T {
    if (!this.reckoned.has(name)) {
      const told = reckon(this.gists())
      this.reckoned.set(name, told)
      // What failed is asked again.
      if (told instanceof Promise) told.catch(() => this.reckoned.delete(name))
    }
    return this.reckoned.get(name) as T
  }

  /** All of it in an order; the same list until something changes. */
  inOrder(sort: ShelfSort): readonly ShelfRow[] {
    return this.once(`in order ${sort}`, () => inOrder([...this.rows.values()], sort))
  }

  /** Something on the shelves is not as it was. */
  private forget(): void {
    this.reckoned.clear()
    this.all = undefined
  }

  private stale(most: number): Promise<Stale[]> {
    return this.db.selectFrom('stale').select(['piece_id as id', 'mark']).limit(most).execute()
  }

  /** What was made with other tables, or in another English, is stale; looked for once. */
  private async markOutdated(): Promise<void> {
    if (this.isCurrent) return
    const marking = sql`insert or ignore into stale
      select piece_id, lower(hex(randomblob(8))) from remembered where tables <> ${this.version}`.execute(this.db)
    await waitBriefly(marking.then(() => (this.isCurrent = true)))
  }

  private get version(): string {
    return `${this.making.tables} ${this.making.words}`
  }

  private async known(ids: readonly string[]): Promise<Map<string, { stamp: string; gist: string }>> {
    const rows = await this.db
      .selectFrom('remembered')
      .select(['piece_id', 'stamp', 'gist'])
      .where('piece_id', 'in', [...ids])
      .where('tables', '=', this.version)
      .execute()
    return new Map(rows.map(({ piece_id, stamp, gist }) => [piece_id, { stamp, gist }]))
  }

  private async lookOverHere(stale: readonly Stale[]): Promise<RememberedPiece[]> {
    return lookOver(this.db, stale, this.making, await this.known(stale.map(({ id }) => id)))
  }

  /** Keeps what was made, unless the piece changed meanwhile: its mark is another one then, and it stays stale. */
  private async keep(made: readonly RememberedPiece[]): Promise<void> {
    await inTransaction(this.db, async (open) => {
      for (const { id, mark, made: one } of made) {
        if (one) {
          // Higher than any that was read, though that one may be gone by now.
          await sql`insert or replace into remembered (piece_id, tables, stamp, gist, made)
            select ${id}, ${this.version}, ${one.stamp}, ${one.gist},
              (select max(coalesce(max(made), 0), ${this.latest}) + 1 from remembered)
            where exists (select 1 from record where id = ${id})`.execute(open)
          await sql`update sought_row set words = (select searched from record where id = ${id}) || ' ' || ${one.words}
            where record_id = ${id}`.execute(open)
        } else await open.deleteFrom('remembered').where('piece_id', '=', id).execute()
        await open.deleteFrom('stale').where('piece_id', '=', id).where('mark', '=', mark).execute()
      }
    })
  }

  private inBackground(): void {
    this.working ??= this.work().finally(() => {
      this.working = undefined
      this.left = 0
    })
    // Whoever waits for it is told; nobody else has to be.
    this.working.catch(() => undefined)
  }

  private async work(): Promise<void> {
    for (;;) {
      const stale = await this.stale(BATCH)
      if (stale.length === 0) return
      this.left = await this.countStale()
      const made = this.file
        ? await runJob('lookPiecesOver', {
            file: this.file,
            making: this.making,
            stale,
            known: await this.known(stale.map(({ id }) => id)),
          })
        : await this.lookOverHere(stale)
      await this.keep(made)
    }
  }

  private async countStale(): Promise<number> {
    const { rows } = await sql<{ n: number }>`select count(*) as n from stale`.execute(this.db)
    return itemAt(rows, 0).n
  }

  private async countUnseen(): Promise<number> {
    const { rows } = await sql<{ n: number }>`select count(*) as n from stale
      where piece_id not in (select piece_id from remembered)
        and piece_id in (select id from record where kind = 'piece')`.execute(this.db)
    return itemAt(rows, 0).n
  }

  /** Reads what was made since the last time, and lets go of what is no longer there. */
  private async read(today: string): Promise<void> {
    const fresh = await this.freshRows()
    const unreadable: string[] = []
    for (const { piece_id: id, gist, made } of fresh) {
      this.latest = Math.max(this.latest, made)
      const told = gistIn(gist, id)
      if (told && this.putIfWhole(told, today)) this.madeIn.set(told.id, made)
      else unreadable.push(id)
    }
    if (unreadable.length > 0) await this.makeAnew(unreadable, today)
    const lost = await this.letGo()
    if (this.day !== today.slice(0, 10)) {
      // What is a week old today was not yesterday.
      for (const [id, { gist }] of this.rows) this.rows.set(id, stashRowOf(gist, today))
      this.day = today.slice(0, 10)
      this.forget()
    }
    if (fresh.length > 0 || lost) this.forget()
  }

  private freshRows() {
    return this.db
      .selectFrom('remembered')
      .select(['piece_id', 'gist', 'made'])
      .where('made', '>', this.latest)
      .execute()
  }

  private putIfWhole(gist: PieceSummary, today: string): boolean {
    try {
      this.put(gist, today)
      return true
    } catch {
      return false
    }
  }

  /** What is remembered and cannot be read is made again from what the person wrote. */
  private async makeAnew(ids: readonly string[], today: string): Promise<void> {
    for (const { id, mark, made } of await lookOver(
      this.db,
      ids.map((id) => ({ id, mark: '' })),
      this.making,
      new Map(),
    )) {
      if (!made) continue
      await this.keep([{ id, mark, made }])
      this.put(JSON.parse(made.gist) as PieceSummary, today)
      this.madeIn.set(id, this.latest)
    }
  }

  private async letGo(): Promise<boolean> {
    const { rows } = await sql<{ n: number }>`select count(*) as n from remembered`.execute(this.db)
    if (itemAt(rows, 0).n === this.madeIn.size) return false
    const there = new Set(
      (await this.db.selectFrom('remembered').select('piece_id').execute()).map(({ piece_id }) => piece_id),
    )
    for (const id of this.madeIn.keys()) {
      if (there.has(id)) continue
      this.rows.delete(id)
      this.hand.delete(id)
      this.madeIn.delete(id)
    }
    return true
  }
}

// A development server reloads modules; what is in memory stays.
const kept = globalThis as { roughSwatchShelf?: { db: Notebook; words: Vocabulary; shelf: Shelf } }

/**
 * The shelves of a notebook, up to date but for what is looked over in the background.
 * @param today ISO 8601
 */
export async function shelfOf(db: Notebook, words: Vocabulary, today = new Date().toISOString()): Promise<Shelf> {
  const known = kept.roughSwatchShelf
  const shelf = known?.db === db && known.words === words ? known.shelf : await newShelf(db, words)
  kept.roughSwatchShelf = { db, words, shelf }
  await shelf.refresh(today)
  return shelf
}

async function newShelf(db: Notebook, words: Vocabulary): Promise<Shelf> {
  return new Shelf(db, { tables: TABLES_VERSION, words }, await fileOf(db), await isReadOnly(db))
}
