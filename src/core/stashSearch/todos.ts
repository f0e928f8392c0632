import { materialOf } from '../fabric/materialOf'
import { type Offer } from '../fabric/types'
import { type Quantity } from '../units/quantity'
import { type WashState } from '../vocabulary/cloth'
import { TODOS, type Knowing, type Sorting, type Todo } from '../vocabulary/stash'

interface Standing {
  sorting: Sorting | null
  knowing: Knowing
  called: string
  gsm: Quantity | null
  m2: Quantity | null
  washed: WashState
  offer: Offer
}

/** What is still to be done to a piece; nothing to what is given away. */
export function todosOf({ sorting, knowing, called, gsm, m2, washed, offer }: Standing): Todo[] {
  if (sorting === 'give-away') return []
  const open: Readonly<Record<Todo, boolean>> = {
    identify: knowing === 'untested' || knowing === 'unsettled' || knowing === 'contradicted',
    weigh: gsm === null,
    measure: m2 === null,
    wash: (washed === 'unwashed' || washed === 'unknown') && materialOf(offer)?.washCelsius !== null,
    name: called === '',
  }
  return TODOS.filter((todo) => open[todo])
}
