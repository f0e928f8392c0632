'use client'

import { useMemo, useRef, useState, useTransition } from 'react'
import { type Outcome } from '../outcome'
import { useStored } from '../useStored'
import { useNewId } from './useNewId'

interface Options<T> {
  initial: T
  /** Which revision of a record is changed; left out for a new one. */
  revision?: number
  /**
   * @param revision the one that the person saw, or chose to go on from
   * @param id of a new record, made here: sent again it is the same one
   */
  save: (value: T, revision: number | undefined, id: string) => Promise<Outcome>
  onKept: (kept: { id: string; revision: number }) => void
  /** Under which name what was typed waits in this tab, so that it outlives a reload; left out where nothing waits. */
  keepAs?: string
}

/** What stands in the notebook, where it was changed in another window meanwhile. */
export interface FormClash<T> {
  theirs: T
  /** Takes over what stands there, and goes on from it. */
  takeTheirs: () => void
  /** Sends what was typed here over it. */
  keepMine: () => void
}

export interface Form<T> {
  value: T
  set: (change: Partial<T>) => void
  replace: (value: T) => void
  /** What is wrong with a field, by its path. */
  error: (path: string) => string | undefined
  /** What is wrong altogether: the first refusal, or why nothing could be sent. */
  trouble: string | undefined
  saving: boolean
  submit: () => void
  refuse: (errors: Record<string, string>) => void
  clash: FormClash<T> | undefined
}

const UNREACHED = 'We can’t reach the notebook. Your entries are still here: please try again.'

/**
 * What is typed into a form: sent as a whole, refused at its fields, never lost. A save that fails leaves everything
 * where it was, and so does a reload.
 */
export function useForm<T extends object>({ initial, revision, save, onKept, keepAs }: Options<T>): Form<T> {
  const [typed, setTyped] = useState(initial)
  // What is typed waits in the tab where it has a name; what waits there comes before what was sent along.
  const [waiting, wait] = useStored(`typed-${keepAs ?? ''}`, 'tab')
  const value = useMemo(
    () => (keepAs === undefined ? typed : { ...typed, ...parsed<T>(waiting) }),
    [keepAs, typed, waiting],
  )
  const [errors, setErrors] = useState<Record<string, string>>({})
  const [clash, setClash] = useState<{ theirs: T; revision: number }>()
  const [saving, start] = useTransition()
  const seen = useRef(revision)
  const newId = useNewId(keepAs)

  const replace = (next: T) => {
    setTyped(next)
    if (keepAs !== undefined) wait(JSON.stringify(next))
  }
  const send = (sent: T) =>
    start(async () => {
      const outcome = await newId
        .take()
        .then((id) => save(sent, seen.current, id))
        .catch((): Outcome => ({ ok: false, errors: { '': UNREACHED } }))
      if (outcome.ok) {
        if (keepAs !== undefined) wait(null)
        newId.spend()
        setErrors({})
        onKept(outcome)
        return
      }
      setErrors(outcome.errors)
      setClash(outcome.clash && { theirs: outcome.clash.data as T, revision: outcome.clash.revision })
    })
  const goOn = (next: T) => {
    seen.current = clash?.revision
    setClash(undefined)
    setErrors({})
    replace(next)
  }
  return {
    value,
    set: (change) => replace({ ...value, ...change }),
    replace,
    error: (path) => errors[path],
    trouble: clash ? undefined : Object.values(errors)[0],
    saving,
    submit: () => send(value),
    refuse: setErrors,
    clash: clash && {
      theirs: clash.theirs,
      takeTheirs: () => goOn(clash.theirs),
      keepMine: () => {
        goOn(value)
        send(value)
      },
    },
  }
}

function parsed<T>(text: string | null | undefined): Partial<T> | undefined {
  try {
    return text ? (JSON.parse(text) as Partial<T>) : undefined
  } catch {
    return undefined
  }
}
