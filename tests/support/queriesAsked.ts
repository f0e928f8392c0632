import { CompiledQuery, type KyselyPlugin } from 'kysely'
import { type Notebook } from '@/server/store/openNotebook'

/** What SQLite is asked while something is done with a notebook, in its order. */
export async function queriesAsked(db: Notebook, work: (db: Notebook) => Promise<unknown>): Promise<CompiledQuery[]> {
  const asked: CompiledQuery[] = []
  const compiler = db.getExecutor()
  const watching: KyselyPlugin = {
    transformQuery: ({ node, queryId }) => {
      asked.push(compiler.compileQuery(node, queryId))
      return node
    },
    transformResult: ({ result }) => Promise.resolve(result),
  }
  await work(db.withPlugin(watching))
  return asked
}

/** The steps that SQLite takes to answer it. */
export async function stepsTo(db: Notebook, { sql, parameters }: CompiledQuery): Promise<string[]> {
  const explained = CompiledQuery.raw(`explain query plan ${sql}`, [...parameters])
  const { rows } = await db.executeQuery<{ detail: string }>(explained)
  return rows.map(({ detail }) => detail)
}
