'use client'

import { useCallback, useEffect, useMemo, useState } from 'react'
import { layTaskOf, type Ground, type Wishes } from '@/core/making/layTask'
import { USUAL_SELVEDGE_MM } from '@/core/vocabulary/laying'
import { type LayAnswer, type LayTask, type Placement } from '@/core/lay/types'
import { placementKeyOf, turnedOver, usedOf, type Fault } from './boardGeometry'
import { type LayData, type Offered } from './load'
import type * as handOf from './hand'
import { useLay } from './useLay'
import { lastOf } from '@/core/lists/items'

type Hand = typeof handOf

/** How long it is laid, s: longer gets a little better. */
export const SECONDS = 8
const MOST_UNDO = 60

/** A cloth of no stash: a shop’s, of a width. */
export interface ShopCloth {
  widthMm: number
  lengthMm: number | null
  oneWay: boolean
}

/** A lay on the table. */
export interface OnTable {
  placements: Placement[]
  layers: LayAnswer['layers']
  /** As the search left it; what was moved by hand is reckoned anew. */
  answer: LayAnswer
  task: LayTask
}

export interface LayoutEditor {
  data: LayData
  grounds: (Ground & Partial<Pick<Offered, 'tile'>>)[]
  wishes: Wishes
  setWishes: (change: Partial<Wishes>) => void
  ground: (change: Partial<Ground>) => void
  shop: ShopCloth
  setShop: (change: Partial<ShopCloth>) => void
  lay: OnTable | null
  faults: Fault[]
  /** Whether what lies was checked: until then nothing is said of it. */
  isChecked: boolean
  usedMm: number
  chosen: string | null
  choose: (key: string | null) => void
  held: ReadonlySet<string>
  hold: (key: string) => void
  move: (key: string, by: readonly [number, number], isLoose: boolean) => void
  turn: (key: string, isFlipped: boolean) => void
  undo: (() => void) | undefined
  start: () => void
  stop: () => void
  isRunning: boolean
  since: number
  trouble: string
  names: ReadonlyMap<string, string>
}

/** All that happens on the table: the cloth, the search, the hand, and what was done before. */
export function useLayoutEditor(data: LayData): LayoutEditor {
  const [wishes, setAllWishes] = useState<Wishes>({
    layers: 'best',
    gapMm: 0,
    matchNotches: true,
    along: 'threads',
    seed: 1,
    onBorder: data.kept?.onBorder ?? null,
  })
  const [changes, setChanges] = useState<Partial<Ground>>({})
  const [shop, setAllShop] = useState<ShopCloth>({ widthMm: 1400, lengthMm: null, oneWay: false })
  const [lay, setLay] = useState<OnTable | null>(() => keptLay(data))
  const [past, setPast] = useState<Placement[][]>([])
  const [chosen, choose] = useState<string | null>(null)
  const [held, setHeld] = useState<ReadonlySet<string>>(new Set())
  const names = useMemo(() => new Map(data.pieces.map(({ id, name }) => [id, name])), [data.pieces])
  const grounds = useMemo(() => groundsOf(data, shop, changes), [data, shop, changes])
  const task = useMemo((): LayTask => layTaskOf(data.pieces, grounds, wishes), [data.pieces, grounds, wishes])
  const take = useCallback((answer: LayAnswer, of: LayTask) => {
    const { placements, layers } = answer
    setLay({ placements, layers, answer, task: of })
  }, [])
  const laying = useLay(take)
  const place = (placements: Placement[]) => {
    if (!lay) return
    setPast((before) => [...before, lay.placements].slice(-MOST_UNDO))
    setLay({ ...lay, placements })
  }
  const start = () => {
    const pinned = lay ? lay.placements.filter((placement) => held.has(placementKeyOf(placement))) : []
    if (lay) setPast((before) => [...before, lay.placements].slice(-MOST_UNDO))
    // The same seed would find the same lay again.
    laying.start({ ...task, pinned, seed: wishes.seed + (lay ? past.length + 1 : 0) }, SECONDS)
  }
  const hand = useHand()
  const faults = useMemo(
    () => (lay && hand ? hand.faultsOn(lay.placements, { task: lay.task, layers: lay.layers, names }) : []),
    [lay, hand, names],
  )
  return {
    data,
    grounds,
    wishes,
    setWishes: (change) => setAllWishes((before) => ({ ...before, ...change })),
    ground: (change) => setChanges((before) => ({ ...before, ...change })),
    shop,
    setShop: (change) => setAllShop((before) => ({ ...before, ...change })),
    lay,
    faults,
    isChecked: hand !== null,
    usedMm: lay ? usedOf(lay.placements, lay.layers) : 0,
    chosen,
    choose,
    held,
    hold: (key) =>
      setHeld((before) => new Set(before.has(key) ? [...before].filter((one) => one !== key) : [...before, key])),
    move: (key, by, isLoose) =>
      lay && hand && place(hand.movedBy(lay.placements, key, by, { task: lay.task, layers: lay.layers, isLoose })),
    turn: (key, isFlipped) => lay && place(turnedOver(lay.placements, key, isFlipped)),
    undo:
      past.length > 0 && lay && !laying.isRunning
        ? () => {
            setLay({ ...lay, placements: lastOf(past) })
            setPast(past.slice(0, -1))
          }
        : undefined,
    start,
    stop: laying.stop,
    isRunning: laying.isRunning,
    since: laying.since,
    trouble: laying.trouble,
    names,
  }
}

/** What the hand needs: it comes after the page. */
function useHand(): Hand | null {
  const [hand, setHand] = useState<Hand | null>(null)
  useEffect(() => void import('./hand').then(setHand), [])
  return hand
}

function groundsOf(data: LayData, shop: ShopCloth, changes: Partial<Ground>): LayoutEditor['grounds'] {
  const chosen = data.chosen.flatMap((id) => data.offered.find((one) => one.id === id) ?? [])
  const wide = chosen.filter(({ widthMm, outline, isGone }) => !isGone && (widthMm > 0 || outline !== null))
  if (wide.length > 1) return wide
  const base: Ground = wide[0] ?? {
    id: 'shop',
    name: 'Fabric of that width',
    ...shop,
    shrinkPercent: { length: 0, width: 0 },
    repeatMm: { x: 0, y: 0 },
    selvedgeMm: USUAL_SELVEDGE_MM,
    outline: null,
    flaws: [],
    leanDeg: 0,
    border: null,
  }
  return [{ ...base, ...changes }]
}

/** The plan that was kept for this cloth, back on the table. */
function keptLay(data: LayData): OnTable | null {
  const { kept, pieces } = data
  if (!kept || !kept.placements.every(({ id }) => pieces.some((piece) => piece.id === id))) return null
  const placements = kept.placements.map((placement) => ({ ...placement, polygon: [...placement.polygon] }))
  const grounds = groundsOf(data, { widthMm: kept.widthMm, lengthMm: kept.lengthMm, oneWay: false }, {})
  const wishes: Wishes = {
    layers: kept.layers,
    gapMm: 0,
    matchNotches: true,
    along: 'threads',
    seed: 1,
    onBorder: kept.onBorder,
  }
  const task = layTaskOf(pieces, grounds, wishes)
  const { layers, usedLengthMm, density } = kept
  const answer: LayAnswer = {
    verdict: 'fits',
    layers,
    placements,
    usedLengthMm,
    density,
    lowerBoundMm: 0,
    unplaced: [],
    leftOver: [],
    buy: null,
    text: 'This is the layout you saved.',
  }
  return { placements, layers, answer, task }
}
