import { type z } from 'zod'

/** The same, and nothing in it is changed by whoever reads it: a page sends what it was given. */
type Unchanged<T> = unknown extends T
  ? T
  : T extends string | number | boolean | null | undefined | Blob | FormData
    ? T
    : { readonly [K in keyof T]: Unchanged<T[K]> }

/** What a page sends to an action with this schema. It is parsed again on arrival: anybody may send anything. */
export type ActionInput<S extends z.ZodType> = Unchanged<z.input<S>>
