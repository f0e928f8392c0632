'use client'

import { useRef, useState, useTransition } from 'react'
import { type KeptMeasurement, type Measurement } from '@/core/notebook/measurements'
import { type WashState } from '@/core/vocabulary/cloth'
import { type Done } from '../outcome'
import { pictureForm } from '../pictures/pictureForm'
import { useNewId } from '../form/useNewId'
import { dropMeasurement, keepMeasurement } from './actions'

/** What a bench works with: the readings so far, and what to do with another one. */
export interface Readings {
  /** Of this piece, in the state that is chosen. */
  now: readonly KeptMeasurement[]
  /** Of this piece, whatever its state. */
  all: readonly KeptMeasurement[]
  state: WashState
  setState: (state: WashState) => void
  /** Keeps one, and the picture that it was read from; says when it was kept. */
  add: (data: Measurement, onKept?: () => void, picture?: Blob) => void
  drop: (id: string) => void
  /** What could not be kept, in words. */
  trouble: string | undefined
  saving: boolean
}

/**
 * Readings of a piece are kept in the notebook as they are taken; without a piece they stay on the page.
 * @param piece null where none is chosen
 */
export function useReadings(
  piece: { id: string; washed: WashState } | null,
  kept: readonly KeptMeasurement[],
): Readings {
  const [loose, setLoose] = useState<KeptMeasurement[]>([])
  const [state, setState] = useState<WashState>(piece?.washed ?? 'unknown')
  const [trouble, setTrouble] = useState<string>()
  const [saving, start] = useTransition()
  const taken = useRef(0)
  const newId = useNewId()
  const lastTyped = useRef('')
  const all = piece ? kept : loose
  const told = (outcome: Done) => setTrouble(outcome.ok ? undefined : Object.values(outcome.errors).join(' '))
  const add = (data: Measurement, onKept = () => {}, picture?: Blob) => {
    setTrouble(undefined)
    if (!piece) {
      // Counted up and never down, so that no two share an id after one was struck out.
      const id = `on this page ${++taken.current}`
      setLoose((before) => [...before, { id, state, data, at: '' }])
      onKept()
      return
    }
    start(async () => {
      const sent = picture && (await pictureForm(picture))
      // Another reading is another record, also where nobody knows whether the one before was kept.
      const typed = JSON.stringify([data, state])
      if (lastTyped.current !== typed) newId.spend()
      lastTyped.current = typed
      const outcome = await keepMeasurement(piece.id, { data, state }, sent, await newId.take())
      told(outcome)
      if (!outcome.ok) return
      newId.spend()
      onKept()
    })
  }
  const drop = (id: string) => {
    if (piece) start(async () => told(await dropMeasurement(piece.id, id)))
    else setLoose((before) => before.filter((one) => one.id !== id))
  }
  return { now: all.filter((one) => one.state === state), all, state, setState, add, drop, trouble, saving }
}
