import { firstOf } from './firstOf'

/** What an address asks, as a page is given it. */
export type AskedAddress = Readonly<Record<string, string | string[] | undefined>>

/** One thing that an address says. What makes no sense is read as what is usual; nothing is written as nothing. */
export interface Param<T> {
  read: (text: string) => T
  write: (value: T) => string
}

/** More of an address than this is not read, characters. */
const MOST = 1200

/** A text. */
export const textParam = (most = 100): Param<string> => ({
  read: (text) => text.slice(0, most),
  write: (text) => text,
})

/** A number within bounds; null where none is said. */
export const numberParam = ([low, high]: readonly [number, number]): Param<number | null> => ({
  read: (text) => {
    const value = Number(text)
    return text !== '' && value >= low && value <= high ? value : null
  },
  write: (value) => (value === null ? '' : String(value)),
})

/** A number within bounds, or what is usual. */
export function usualNumberParam(bounds: readonly [number, number], usual: number): Param<number> {
  const { read, write } = numberParam(bounds)
  return { read: (text) => read(text) ?? usual, write: (value) => (value === usual ? '' : write(value)) }
}

/** The same of a whole number. */
export function countParam(bounds: readonly [number, number], usual: number): Param<number> {
  const { read, write } = usualNumberParam(bounds, usual)
  return { read: (text) => Math.round(read(text)), write }
}

/** One of several; the usual one where none of them is said. */
export const choiceParam = <Id extends string>(ids: readonly Id[], usual: Id): Param<Id> => ({
  read: (text) => ids.find((id) => id === text) ?? usual,
  write: (id) => (id === usual ? '' : id),
})

/** Ids of records, in their order; what is no id is left out. */
export const idsParam = (most: number): Param<readonly string[]> => ({
  read: (text) => text.split(',').filter(isId).slice(0, most),
  write: (ids) => ids.join(','),
})

/** One id of a record, if it is one. */
export const idParam: Param<string | undefined> = {
  read: (text) => (isId(text) ? text : undefined),
  write: (id) => id ?? '',
}

/** Whether something is so. */
export const flagParam: Param<boolean> = { read: (text) => text !== '', write: (is) => (is ? 'yes' : '') }

/** Whether it is written as an id; whether there is such a record, the page finds out. */
const isId = (text: string) => /^[\da-f]{8}(-[\da-f]{4}){3}-[\da-f]{12}$/i.test(text)

/** The state of a page that stands in its address: what it says, by the names that it says it under. */
export type Params<T> = { readonly [Key in keyof T]: Param<T[Key]> }

/** What the address of a page says. */
export type AddressState<P> = P extends Params<infer T> ? T : never

const keysOf = <T>(params: Params<T>) => Object.keys(params) as (keyof T & string)[]

/** What an address says; of what is said twice the first. */
export function readAddress<T>(params: Params<T>, asked: AskedAddress): T {
  return Object.fromEntries(keysOf(params).map((key) => [key, params[key].read(firstOf(asked[key], MOST))])) as T
}

/** The address that says it. @param path without a question */
export function writeAddress<T>(params: Params<T>, path: string, value: NoInfer<T>): string {
  const query = new URLSearchParams()
  for (const key of keysOf(params)) {
    const text = params[key].write(value[key])
    if (text !== '') query.set(key, text)
  }
  return query.size > 0 ? `${path}?${query.toString()}` : path
}
