import { sql } from 'kysely'
import { type PieceSummary, type Summaries } from '../../core/stashSearch/pieceSummary'
import { StashIndex } from '../../core/stashSearch/stashIndex/stashIndex'
import { type Vocabulary } from '../../core/vocabulary/words'
import { type Notebook } from '../store/openNotebook'
import { runJob } from '../jobs/pool'
import { inTransaction } from '../store/repository'
import { countForPlanner } from '../store/statistics'
import { TABLES_VERSION } from './tables'
import { fileOf, isReadOnly } from './fileOf'
import { waitBriefly } from './waitBriefly'
import {
  lookOver,
  summaryIn,
  type RememberedPiece,
  type RememberedText,
  type SummaryMaking,
  type Stale,
} from './remember'
import { itemAt, mustHave } from '@/core/lists/items'

/** So many are looked over while a page waits; more than that, in the background. */
const AT_ONCE = 60
/** So many go to a worker thread at a time. */
const BATCH = 250

/** The list of makings is put in order again where it is longer than the stash by so many. */
const MOST_MAKINGS = 1000

/** Every piece on the shelves, held in memory as it is remembered. */
export class Shelf implements Summaries {
  private readonly index = new StashIndex('')
  private readonly hand = new Map<string, PieceSummary>()
  /** The last making of a gist that is read. */
  latest = 0
  /** How often a piece was taken off. */
  removed = 0
  /** In which making each was made: every piece that is remembered, on a shelf or not. */
  private readonly madeIn = new Map<string, number>()
  /** The same in its order; what was made again stands there twice. */
  private makings: { id: string; made: number }[] = []
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
    readonly file: string | undefined,
    /** A protected notebook cannot be remembered beside its pieces: it is looked over once, in memory. */
    private readonly isReadOnly = false,
  ) {}

  /**
   * Brings what is remembered up to what is written: a few pieces at once, many of them in the background.
   * @param today ISO 8601
   */
  async refresh(today: string): Promise<void> {
    this.index.setDay(today)
    if (this.isReadOnly) return this.refreshInMemory()
    await this.markOutdated()
    const stale = await this.stale(AT_ONCE + 1)
    if (stale.length > AT_ONCE) {
      this.left = await this.countStale()
      this.inBackground()
    } else {
      const fresh = stale.filter(({ mark }) => !this.underWay.has(mark))
      if (fresh.length > 0) await this.takeIn(await this.lookOverHere(fresh))
    }
    await this.read()
    if (stale.length > AT_ONCE) await this.countAndRead()
    else this.unseen = 0
  }

  /** What was remembered while the unseen were counted is read: nothing is missing from both. */
  private async countAndRead(): Promise<void> {
    for (let before = -1; before !== this.latest;) {
      before = this.latest
      this.unseen = await this.countUnseen()
      await this.read()
    }
  }

  /** What was made stands on the shelves at once, and is remembered as soon as it can be written. */
  private async takeIn(made: readonly RememberedPiece[]): Promise<void> {
    this.putAll(made.flatMap(summaryMade))
    for (const { id, made: one } of made) if (!one) this.remove(id)
    for (const { mark } of made) this.underWay.add(mark)
    const kept = this.keep(made).finally(() => {
      for (const { mark } of made) this.underWay.delete(mark)
    })
    await waitBriefly(kept)
  }

  private async refreshInMemory(): Promise<void> {
    if (this.isCurrent) return
    this.isCurrent = true
    const { rows } = await sql<Stale>`select id, '' as mark from record where kind = 'piece'`.execute(this.db)
    for (let at = 0; at < rows.length; at += BATCH) {
      const made = (await lookOver(this.db, rows.slice(at, at + BATCH), this.making, new Map())).flatMap(summaryMade)
      this.latest += 1
      this.putAll(made)
      for (const { id } of made) this.wasMade(id, this.latest)
    }
  }

  /** A cloth in hand lies on no shelf yet. */
  private putAll(summaries: readonly PieceSummary[]): void {
    for (const summary of summaries) {
      if (summary.inHand) this.remove(summary.id)
      this.hand.delete(summary.id)
      if (summary.inHand) this.hand.set(summary.id, summary)
    }
    this.index.putAll(summaries.filter(({ inHand }) => !inHand))
  }

  private remove(id: string): void {
    this.removed += 1
    this.index.remove(id)
    this.hand.delete(id)
  }

  /** Waits for what goes on in the background. */
  async settled(): Promise<void> {
    await this.working
  }

  /** Pieces that can be told about. */
  get size(): number {
    return this.index.size
  }

  /** Pieces that there are: also those that nobody has looked over yet. */
  get count(): number {
    return this.index.size + this.unseen
  }

  find(id: string): PieceSummary | undefined {
    return this.index.find(id)
  }

  /** Cloths that were taken in the hand and are not put on a shelf yet, the newest first. */
  inHand(): PieceSummary[] {
    return [...this.hand.values()].sort((a, b) => (a.id < b.id ? 1 : -1))
  }

  all(): readonly PieceSummary[] {
    return this.index.all()
  }

  ask: StashIndex['ask'] = (...asked) => this.index.ask(...asked)

  inOrder: StashIndex['inOrder'] = (sort) => this.index.inOrder(sort)

  /** What is worked out of all that lies on the shelves, and follows each change. */
  follow: StashIndex['follow'] = (name, begin) => this.index.follow(name, begin)

  /** What was made after that making. */
  changedSince(latest: number): PieceSummary[] {
    const ids = new Set<string>()
    for (let at = this.makings.length - 1; at >= 0; at--) {
      const { id, made } = itemAt(this.makings, at)
      if (made <= latest) break
      ids.add(id)
    }
    return [...ids].flatMap((id) => this.find(id) ?? [])
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

  /** What is remembered under another was made in another way. */
  get version(): string {
    return `${this.making.tables} ${this.making.words}`
  }

  private async known(ids: readonly string[]): Promise<Map<string, RememberedText>> {
    const rows = await this.db
      .selectFrom('remembered')
      .select(['piece_id', 'stamp', 'gist', 'offer'])
      .where('piece_id', 'in', [...ids])
      .where('tables', '=', this.version)
      .execute()
    return new Map(rows.map(({ piece_id, ...text }) => [piece_id, text]))
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
          await sql`insert or replace into remembered (piece_id, tables, stamp, gist, offer, made)
            select ${id}, ${this.version}, ${one.stamp}, ${one.gist}, ${one.offer},
              (select max(coalesce(max(made), 0), ${this.latest}) + 1 from remembered)
            where exists (select 1 from record where id = ${id})`.execute(open)
          const words = sql`(select searched from record where id = ${id}) || ' ' || ${one.words}`
          await sql`update sought_row set words = ${words} where record_id = ${id} and words <> ${words}`.execute(
            open,
          )
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
      if (stale.length === 0) return countForPlanner(this.db)
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
  private async read(): Promise<void> {
    const unreadable: string[] = []
    const fresh: PieceSummary[] = []
    for (const { piece_id: id, made, ...text } of await this.freshRows()) {
      this.latest = Math.max(this.latest, made)
      const summary = summaryIn(text, id)
      if (!summary) unreadable.push(id)
      else {
        fresh.push(summary)
        this.wasMade(id, made)
      }
    }
    this.putAll(fresh)
    if (unreadable.length > 0) await this.makeAnew(unreadable)
    await this.letGo()
  }

  private wasMade(id: string, made: number): void {
    this.madeIn.set(id, made)
    this.makings.push({ id, made })
    if (this.makings.length > 2 * this.madeIn.size + MOST_MAKINGS)
      this.makings = [...this.madeIn].map(([one, when]) => ({ id: one, made: when })).sort((a, b) => a.made - b.made)
  }

  private freshRows() {
    return this.db
      .selectFrom('remembered')
      .select(['piece_id', 'gist', 'offer', 'made'])
      .where('made', '>', this.latest)
      .orderBy('made')
      .execute()
  }

  /** What is remembered and cannot be read is made again from what the person wrote. */
  private async makeAnew(ids: readonly string[]): Promise<void> {
    const unmade = ids.map((id) => ({ id, mark: '' }))
    for (const one of await lookOver(this.db, unmade, this.making, new Map())) {
      if (!one.made) continue
      await this.keep([one])
      this.putAll(summaryMade(one))
      this.wasMade(one.id, this.latest)
    }
  }

  private async letGo(): Promise<void> {
    const { rows } = await sql<{ n: number }>`select count(*) as n from remembered`.execute(this.db)
    if (itemAt(rows, 0).n === this.madeIn.size) return
    const there = new Set(
      (await this.db.selectFrom('remembered').select('piece_id').execute()).map(({ piece_id }) => piece_id),
    )
    for (const id of this.madeIn.keys()) {
      if (there.has(id)) continue
      this.remove(id)
      this.madeIn.delete(id)
    }
  }
}

/** What was made of a piece; nothing where it is gone. */
function summaryMade({ id, made }: RememberedPiece): PieceSummary[] {
  return made ? [mustHave(summaryIn(made, id))] : []
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
