'use client'

import { ArrowDown, ArrowLeft, ArrowRight, ArrowUp } from 'lucide-react'
import { useRef } from 'react'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { Actions, Soft } from '@/ui/kit/surfaces'
import { placementKeyOf } from './boardGeometry'
import { type LayoutEditor } from './useLayoutEditor'

/** By mm across and along. */
const NUDGES = [
  { words: 'To the left', Icon: ArrowLeft, by: [0, -10] },
  { words: 'To the right', Icon: ArrowRight, by: [0, 10] },
  { words: 'Up', Icon: ArrowUp, by: [-10, 0] },
  { words: 'Down', Icon: ArrowDown, by: [10, 0] },
] as const

/** What the hand can do with the piece that is chosen. */
export function HandBar({ table }: { table: LayoutEditor }) {
  const { chosen, lay, held, names, undo } = table
  const placement = lay?.placements.find((one) => placementKeyOf(one) === chosen)
  const isPair = placement && table.data.pieces.find(({ id }) => id === placement.id)?.pair
  const bar = useRef<HTMLElement>(null)
  // Where the last step is taken back there is nothing left to press: the keys go to what stands beside it.
  const takeBack = () => {
    if (!undo) return
    undo()
    requestAnimationFrame(() => {
      if (document.activeElement === document.body) bar.current?.querySelector('button')?.focus()
    })
  }
  return (
    <section ref={bar} aria-label="By hand">
      <Actions>
        {placement && chosen ? (
          <>
            <b>{names.get(placement.id)}</b>
            {NUDGES.map(({ words, Icon, by }) => (
              <Button key={words} aria-label={words} onPress={() => table.move(chosen, by, true)}>
                <Icon aria-hidden size={20} />
              </Button>
            ))}
            <Button onPress={() => table.turn(chosen, false)}>Turn upside down</Button>
            {isPair && placement.copies.length === 1 ? (
              <Button onPress={() => table.turn(chosen, true)}>Flip</Button>
            ) : null}
            <Button onPress={() => table.hold(chosen)}>{held.has(chosen) ? 'Unlock' : 'Lock'}</Button>
          </>
        ) : (
          <Soft>Choose a piece to move it.</Soft>
        )}
        {undo ? <QuietButton onPress={takeBack}>Undo</QuietButton> : null}
      </Actions>
      <details>
        <summary>Keys, and care with blades</summary>
        <Soft>
          Drag a piece, or reach it with Tab. Arrow keys move it by 1 cm (with Shift by 1 mm). T turns it upside down,
          F flips it, H locks it, Z undoes the last move. Arrows show the grain. When you cut: blades are for adults;
          cut away from your body, and close the blade when you put it down.
        </Soft>
      </details>
    </section>
  )
}
