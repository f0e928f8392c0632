import Database from 'libsql'
import {
  CompiledQuery,
  SelectQueryNode,
  SqliteAdapter,
  SqliteIntrospector,
  SqliteQueryCompiler,
  type DatabaseConnection,
  type Dialect,
  type Driver,
  type Kysely,
  type QueryResult,
} from 'kysely'
import { NotebookTrouble } from './trouble'
import { troubleOf } from './signs'

type Connection = InstanceType<typeof Database>

/** Somebody else writes to the notebook for longer than we wait. Nothing was written. */
export class NotebookBusyError extends Error {
  constructor(waitedMs: number) {
    super(
      `Another program has been writing to this notebook for ${Math.round(waitedMs / 1000)} s. ` +
        'Nothing was saved.',
    )
    this.name = 'NotebookBusyError'
  }
}

/** A commit was answered, but the connection still stands within a transaction. */
export class NotCommittedError extends Error {
  constructor() {
    super('The notebook could not be written. Nothing was saved.')
    this.name = 'NotCommittedError'
  }
}

/** Nothing was kept, and it may be tried again. By its name: bundles have a class each, and one opens the notebook. */
export function isNotWritten(error: unknown): error is NotebookBusyError | NotCommittedError {
  return error instanceof Error && ['NotebookBusyError', 'NotCommittedError'].includes(error.name)
}

/** How long a write waits for another program, ms; in steps, so that pages are served meanwhile. */
const LONGEST_WAIT_MS = 20_000
const STEP_MS = 60
/** How long SQLite itself waits within one call, ms. It holds up everything else, so it is short. */
const BUSY_TIMEOUT_MS = 40

/**
 * SQLite as a notebook needs it: a write-ahead log, so that reading never waits; every commit on the disk before it is
 * answered; write transactions that take their lock when they begin; and a connection that is opened anew after a
 * refusal, because in libsql a statement that met SQLITE_BUSY stays open, and what is "committed" after it never is.
 * @param file of the notebook, or `:memory:`
 * @param onLost called where the file turns out to be damaged
 */
export class NotebookDialect implements Dialect {
  constructor(
    private readonly file: string,
    private readonly onLost = () => {},
  ) {}

  createDriver(): Driver {
    return new NotebookDriver(this.file, this.onLost)
  }
  createQueryCompiler(): SqliteQueryCompiler {
    return new SqliteQueryCompiler()
  }
  createAdapter(): SqliteAdapter {
    return new SqliteAdapter()
  }
  createIntrospector(db: Kysely<unknown>): SqliteIntrospector {
    return new SqliteIntrospector(db)
  }
}

/** A connection as Kysely holds it: it stands within a writing, or reads what was committed last. */
interface Held extends DatabaseConnection {
  isWriting: boolean
}

/** Plain reading; what else begins with “with” may write. */
const READS = /^\s*select\b/i
/** How a connection is set, and what it holds for itself alone: asked of the one that writes, and never waited for. */
const ITS_OWN = /^\s*pragma\b|\btemp\./i

/**
 * Two connections: one that writes, one writing after another, and one that reads what was committed last, so that no
 * page waits while a writing waits for another program. A notebook in memory has but one.
 */
class NotebookDriver implements Driver {
  private db: Connection | undefined
  private readingDb: Connection | undefined
  /** Ends when the writing that is under way ends. */
  private turn: Promise<void> = Promise.resolve()
  private endTurn: (() => void) | undefined

  constructor(
    private readonly file: string,
    private readonly onLost: () => void,
  ) {}

  async init(): Promise<void> {
    this.db = openConnection(this.file)
  }

  async acquireConnection(): Promise<Held> {
    const held: Held = {
      isWriting: false,
      executeQuery: <R>(query: CompiledQuery) => this.executed<R>(held, query),
      streamQuery: <R>(query: CompiledQuery) => this.stream<R>(query),
    }
    return held
  }

  private async executed<R>(held: Held, query: CompiledQuery): Promise<QueryResult<R>> {
    if (held.isWriting || ITS_OWN.test(query.sql)) return this.execute<R>(query)
    if (READS.test(query.sql) && this.file !== ':memory:') return this.read<R>(query)
    await this.takeTurn()
    try {
      return await this.patiently(() => this.execute<R>(query))
    } finally {
      this.endTurn?.()
    }
  }

  /** Waits until no other writing of this process is under way. */
  private async takeTurn(): Promise<void> {
    const before = this.turn
    let end = () => {}
    this.turn = new Promise((resolve) => (end = resolve))
    await before
    this.endTurn = () => {
      this.endTurn = undefined
      end()
    }
  }

  /** Waits for another program's lock without holding up the server. */
  private async patiently<T>(work: () => T): Promise<T> {
    const since = Date.now()
    for (;;) {
      try {
        return work()
      } catch (error) {
        const waited = Date.now() - since
        if (!isBusy(error)) throw error
        if (waited > LONGEST_WAIT_MS) throw new NotebookBusyError(waited)
        await new Promise((resolve) => setTimeout(resolve, STEP_MS))
      }
    }
  }

  /** Takes the write lock at once. */
  async beginTransaction(held: DatabaseConnection): Promise<void> {
    await this.takeTurn()
    try {
      await this.patiently(() => this.execute(CompiledQuery.raw('begin immediate')))
      ;(held as Held).isWriting = true
    } catch (error) {
      this.endTurn?.()
      throw error
    }
  }

  async commitTransaction(held: DatabaseConnection): Promise<void> {
    this.execute(CompiledQuery.raw('commit'))
    if (this.connection.inTransaction) {
      this.reopen()
      throw new NotCommittedError()
    }
    this.endWriting(held)
  }

  async rollbackTransaction(held: DatabaseConnection): Promise<void> {
    try {
      // After a refusal the connection is a new one, with nothing to roll back.
      if (this.db?.inTransaction) this.execute(CompiledQuery.raw('rollback'))
    } finally {
      this.endWriting(held)
    }
  }

  async releaseConnection(held: DatabaseConnection): Promise<void> {
    this.endWriting(held)
  }

  private endWriting(held: DatabaseConnection): void {
    if (!(held as Held).isWriting) return
    ;(held as Held).isWriting = false
    this.endTurn?.()
  }

  async destroy(): Promise<void> {
    this.readingDb?.close()
    this.readingDb = undefined
    // Whoever copies the one file has all of it: what is in the log goes into the file first.
    if (this.db && this.file !== ':memory:') this.db.exec('pragma wal_checkpoint(truncate)')
    this.db?.close()
    this.db = undefined
  }

  private get connection(): Connection {
    if (!this.db) throw new NotebookTrouble('damaged', 'it was closed when it turned out to be damaged')
    return this.db
  }

  /** Reads what was committed last. */
  private read<R>({ sql, parameters }: CompiledQuery): QueryResult<R> {
    // What turned out to be damaged is not opened again.
    if (!this.db) return { rows: this.connection.prepare(sql).all(parameters) as R[] }
    try {
      this.readingDb ??= openConnection(this.file, { isForReading: true })
      return { rows: this.readingDb.prepare(sql).all(parameters) as R[] }
    } catch (error) {
      if (isBusy(error)) {
        // While another program puts its log in order: the one that writes may see it already.
        this.readingDb?.close()
        this.readingDb = undefined
      }
      throw this.troubled(error)
    }
  }

  private execute<R>({ sql, parameters }: CompiledQuery): QueryResult<R> {
    try {
      const statement = this.connection.prepare(sql)
      if (statement.reader) return { rows: statement.all(parameters) as R[] }
      const { changes, lastInsertRowid } = statement.run(parameters)
      return { rows: [], numAffectedRows: BigInt(changes), insertId: BigInt(lastInsertRowid) }
    } catch (error) {
      if (isBusy(error)) this.reopen()
      throw this.troubled(error)
    }
  }

  /** The trouble that an error is a sign of, and what it asks for done. */
  private troubled(error: unknown): unknown {
    const trouble = isBusy(error) ? undefined : troubleOf(error)
    // A damaged file is not touched again; after a full disk a new connection has nothing half-done.
    if (trouble?.kind === 'damaged') this.lose()
    else if (trouble?.kind === 'full') this.reopen()
    return trouble ?? error
  }

  private lose(): void {
    this.readingDb?.close()
    this.readingDb = undefined
    this.db?.close()
    this.db = undefined
    this.onLost()
  }

  private async *stream<R>(query: CompiledQuery): AsyncIterableIterator<QueryResult<R>> {
    if (!SelectQueryNode.is(query.query)) throw new Error('only what is read can be streamed')
    for (const row of this.connection.prepare(query.sql).iterate(query.parameters)) yield { rows: [row as R] }
  }

  private reopen(): void {
    if (this.file === ':memory:') return
    this.letGo()
    this.db = openConnection(this.file)
  }

  /** Closes the connection. One that is closed within a writing would hold its lock until it is swept from memory. */
  private letGo(): void {
    try {
      if (this.db?.inTransaction) this.db.exec('rollback')
    } catch {
      // A statement is still open: closing is all that can be done.
    }
    this.db?.close()
  }
}

function openConnection(file: string, { isForReading = false } = {}): Connection {
  const db = new Database(file, { timeout: BUSY_TIMEOUT_MS })
  if (isForReading) {
    db.pragma('query_only = ON')
    return db
  }
  db.pragma('journal_mode = WAL')
  db.pragma('synchronous = FULL')
  db.pragma('foreign_keys = ON')
  return db
}

function isBusy(error: unknown): boolean {
  const { code = '', message = '' } = (error ?? {}) as { code?: string; message?: string }
  return /SQLITE_(BUSY|LOCKED)/.test(code) || /database (table )?is locked/.test(message)
}
