'use client'

import { Button, QuietButton } from '@/ui/kit/buttons'
import { Actions, Soft } from '@/ui/kit/surfaces'
import { placementKeyOf } from './boardGeometry'
import { type LayoutEditor } from './useLayoutEditor'

/** What the hand can do with the piece that is chosen. */
export function HandBar({ table }: { table: LayoutEditor }) {
  const { chosen, lay, held, names, undo } = table
  const placement = lay?.placements.find((one) => placementKeyOf(one) === chosen)
  const isPair = placement && table.data.pieces.find(({ id }) => id === placement.id)?.pair
  return (
    <section aria-label="By hand">
      <Actions>
        {placement && chosen ? (
          <>
            <span>{names.get(placement.id)}:</span>
            <Button onPress={() => table.turn(chosen, false)}>Turn upside down</Button>
            {isPair && placement.copies.length === 1 ? (
              <Button onPress={() => table.turn(chosen, true)}>Flip</Button>
            ) : null}
            <Button onPress={() => table.hold(chosen)}>{held.has(chosen) ? 'Unlock' : 'Lock'}</Button>
          </>
        ) : null}
        {undo ? <QuietButton onPress={undo}>Undo</QuietButton> : null}
      </Actions>
      <Soft>
        Drag a piece, or reach it with Tab. Arrow keys move it by 1 cm (with Shift by 1 mm). T turns it upside down, F
        flips it, H locks it, Z undoes the last move. Arrows show the grain. When you cut: blades are for adults; cut
        away from your body, and close the blade when you put it down.
      </Soft>
    </section>
  )
}
