'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import { type StashRow } from '../rows'

/** Rows asked for at a time. */
const CHUNK = 120

/**
 * What was found, as far as it has been scrolled to: the rest is fetched when it is looked at.
 * @param first rows that came with the page
 * @param address what is asked, as in the address
 */
export function useFound(first: readonly StashRow[], address: string, total: number) {
  const [more, setMore] = useState<{ first: readonly StashRow[]; rows: ReadonlyMap<number, StashRow> }>({
    first,
    rows: new Map(),
  })
  const asked = useRef(new Set<number>())
  // What was fetched for another question is of no use for this one.
  const rows = more.first === first ? more.rows : NOTHING
  useEffect(() => {
    asked.current = new Set()
  }, [first])

  const row = (index: number): StashRow | undefined => first[index] ?? rows.get(index)
  const need = useCallback(
    (from: number, to: number) => {
      for (let chunk = Math.floor(from / CHUNK); chunk * CHUNK < Math.min(to, total); chunk++) {
        const begins = chunk * CHUNK
        if (asked.current.has(chunk) || begins + CHUNK <= first.length) continue
        const isAsked = asked.current
        isAsked.add(chunk)
        const params = new URLSearchParams(address)
        params.set('from', String(begins))
        void fetch(`/stash/rows?${params.toString()}`)
          .then((answer) => (answer.ok ? (answer.json() as Promise<{ rows: StashRow[] }>) : Promise.reject(answer)))
          .then(({ rows: fresh }) =>
            setMore((before) => {
              const all = new Map(before.first === first ? before.rows : [])
              fresh.slice(0, CHUNK).forEach((one, i) => all.set(begins + i, one))
              return { first, rows: all }
            }),
          )
          // Asked again when it is next looked at.
          .catch(() => isAsked.delete(chunk))
      }
    },
    [address, first, total],
  )
  return { row, need }
}

const NOTHING: ReadonlyMap<number, StashRow> = new Map()
