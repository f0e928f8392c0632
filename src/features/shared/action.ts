import { revalidatePath } from 'next/cache'
import { notFound, redirect } from 'next/navigation'
import { z } from 'zod'
import { isSampleShown } from '@/server/sample/sampleNotebook'
import { RefusedError } from '@/server/store/errors'
import { withStrokes } from '@/server/store/strokes'
import { type ActionInput } from './actionInput'
import { tellDone } from './history/tellDone'
import { type Refusal, valueOf } from './outcome'
import { pagesShowing, type Shown } from './showing'

/** The arguments of an action, by their schemas. */
type Schemas = readonly z.ZodType[]

/** What the browser sends; arguments at the end may be left out where their schemas say so. */
type Sent<S extends Schemas> = S extends readonly [...infer Before extends Schemas, infer Last extends z.ZodType]
  ? undefined extends z.input<Last>
    ? [...Sent<Before>, ActionInput<Last>?]
    : { [K in keyof S]: ActionInput<S[K]> }
  : []

const ONLY_A_SAMPLE = 'This is the sample notebook: nothing is saved in it. Go back to your own notebook first.'

/** What the page says by itself: what was done, with its undoing. Some pages say it otherwise, or at once. */
export const TOLD = true

/** What the handler gets. */
type Parsed<S extends Schemas> = { -readonly [K in keyof S]: z.output<S[K]> }

/** What the browser gets: what the handler answers, or why not; nothing where it is led elsewhere. */
export type Answered<T> = [T] extends [{ goTo: string }]
  ? Refusal
  : ({ ok: true } & (T extends object ? T : unknown)) | Refusal

/**
 * An action of the server. The browser is held to what its schemas take, and the handler gets what they give. Whatever
 * a person can do something about is answered in words by the path of the field; sent again by a page that got no
 * answer it is not done a second time; the pages that show what it changes are made anew.
 * @param takes a schema for each argument; more arguments are left aside
 * @param work answers what the page is to know, or `{ goTo }`: the page that it leads to
 * @param changes what it writes, or what it has written by its answer
 * @param isTold whether the page says what was done, with its undoing
 */
export function action<const S extends Schemas, T extends object | void>(
  takes: S,
  work: (...given: Parsed<S>) => Promise<T>,
  changes: readonly Shown[] | ((answer: T) => readonly Shown[]) = [],
  isTold = false,
): (...sent: Sent<S>) => Promise<Answered<T>> {
  const isWriting = typeof changes === 'function' || changes.length > 0
  return async (...sent) => {
    const outcome = await valueOf(async () => {
      if (isWriting && (await isSampleShown())) throw new RefusedError(ONLY_A_SAMPLE)
      return withStrokes(async () => work(...(await parsed(takes, sent))))
    })
    // What was refused may be gone elsewhere, and the page shows so; what clashes stays beside what was written.
    if (typeof changes !== 'function' && (outcome.ok || !outcome.clash)) showAnew(changes)
    if (!outcome.ok) return outcome as Answered<T>
    const { answer: value, strokes } = outcome.value
    if (isTold) await tellDone(strokes).catch((error: unknown) => console.error('What was done was not told:', error))
    if (typeof changes === 'function') showAnew(changes(value))
    if (value && 'goTo' in value) return redirect(String(value.goTo))
    return { ok: true, ...value } as Answered<T>
  }
}

/**
 * An action that answers with plain data and is asked by the program's own pages only: what none of them would send is
 * a page that does not exist.
 */
export function plainAction<const S extends Schemas, T>(
  takes: S,
  work: (...given: Parsed<S>) => Promise<T>,
  changes: readonly Shown[] = [],
): (...sent: Sent<S>) => Promise<T> {
  return async (...sent) => {
    const given = await readArguments(takes, sent)
    if (!given.success) return notFound()
    const answer = await work(...given.data)
    showAnew(changes)
    return answer
  }
}

function showAnew(changes: readonly Shown[]): void {
  for (const [path, type] of pagesShowing(changes)) revalidatePath(path, type)
}

/** @throws ZodError with each path as the form has it: without the number of the argument */
async function parsed<S extends Schemas>(takes: S, sent: readonly unknown[]): Promise<Parsed<S>> {
  const given = await readArguments(takes, sent)
  if (given.success) return given.data
  throw new z.ZodError(given.error.issues.map((issue) => ({ ...issue, path: issue.path.slice(1) })))
}

async function readArguments<S extends Schemas>(
  takes: S,
  sent: readonly unknown[],
): Promise<z.ZodSafeParseResult<Parsed<S>>> {
  const [first, ...others] = takes
  const schema: z.ZodType<unknown> = first ? z.tuple([first, ...others]) : z.tuple([])
  return (await schema.safeParseAsync(takes.map((_, i) => sent[i]))) as z.ZodSafeParseResult<Parsed<S>>
}
