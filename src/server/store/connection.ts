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

type Connection = InstanceType<typeof Database>

/** Somebody else writes to the notebook for longer than we wait. Nothing was written. */
export class NotebookBusyError extends Error {
  constructor(waitedMs: number) {
    super(`Another program has been writing to this notebook for ${Math.round(waitedMs / 1000)} s. Nothing was kept.`)
    this.name = 'NotebookBusyError'
  }
}

/** A commit was answered, but the connection still stands within a transaction. */
export class NotCommittedError extends Error {
  constructor() {
    super('The notebook did not take what was written. Nothing was kept.')
    this.name = 'NotCommittedError'
  }
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
 */
export class NotebookDialect implements Dialect {
  constructor(private readonly file: string) {}

  createDriver(): Driver {
    return new NotebookDriver(this.file)
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

class NotebookDriver implements Driver {
  private db: Connection | undefined

  constructor(private readonly file: string) {}

  async init(): Promise<void> {
    this.db = openConnection(this.file)
  }

  async acquireConnection(): Promise<DatabaseConnection> {
    return {
      executeQuery: async <R>(query: CompiledQuery) => this.execute<R>(query),
      streamQuery: <R>(query: CompiledQuery) => this.stream<R>(query),
    }
  }

  /** Takes the write lock at once, and waits for it without holding up the server. */
  async beginTransaction(): Promise<void> {
    const since = Date.now()
    for (;;) {
      try {
        this.execute(CompiledQuery.raw('begin immediate'))
        return
      } catch (error) {
        const waited = Date.now() - since
        if (!isBusy(error)) throw error
        if (waited > LONGEST_WAIT_MS) throw new NotebookBusyError(waited)
        await new Promise((resolve) => setTimeout(resolve, STEP_MS))
      }
    }
  }

  async commitTransaction(): Promise<void> {
    this.execute(CompiledQuery.raw('commit'))
    if (this.connection.inTransaction) {
      this.reopen()
      throw new NotCommittedError()
    }
  }

  async rollbackTransaction(): Promise<void> {
    // After a refusal the connection is a new one, with nothing to roll back.
    if (this.connection.inTransaction) this.execute(CompiledQuery.raw('rollback'))
  }

  async releaseConnection(): Promise<void> {}

  async destroy(): Promise<void> {
    this.db?.close()
    this.db = undefined
  }

  private get connection(): Connection {
    if (!this.db) throw new Error('the notebook is closed')
    return this.db
  }

  private execute<R>({ sql, parameters }: CompiledQuery): QueryResult<R> {
    try {
      const statement = this.connection.prepare(sql)
      if (statement.reader) return { rows: statement.all(parameters) as R[] }
      const { changes, lastInsertRowid } = statement.run(parameters)
      return { rows: [], numAffectedRows: BigInt(changes), insertId: BigInt(lastInsertRowid) }
    } catch (error) {
      if (isBusy(error)) this.reopen()
      throw error
    }
  }

  private async *stream<R>(query: CompiledQuery): AsyncIterableIterator<QueryResult<R>> {
    if (!SelectQueryNode.is(query.query as never)) throw new Error('only what is read can be streamed')
    for (const row of this.connection.prepare(query.sql).iterate(query.parameters)) yield { rows: [row as R] }
  }

  private reopen(): void {
    if (this.file === ':memory:') return
    this.db?.close()
    this.db = openConnection(this.file)
  }
}

function openConnection(file: string): Connection {
  const db = new Database(file, { timeout: BUSY_TIMEOUT_MS })
  db.pragma('journal_mode = WAL')
  db.pragma('synchronous = FULL')
  db.pragma('foreign_keys = ON')
  return db
}

function isBusy(error: unknown): boolean {
  const { code = '', message = '' } = (error ?? {}) as { code?: string; message?: string }
  return /SQLITE_(BUSY|LOCKED)/.test(code) || /database (table )?is locked/.test(message)
}
