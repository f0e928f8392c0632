import { type Construction, type Interlacing } from '../vocabulary/cloth'
import { clothCalled } from './catalogue'

/** How a cloth is drawn where nothing says its weave. */
const BY_CONSTRUCTION: Readonly<Record<Construction, Interlacing>> = {
  woven: 'plain',
  knit: 'jersey',
  felted: 'felt',
  net: 'mesh',
  hide: 'skin',
  sheet: 'sheet',
}

/** The weave of a piece: from what it is called, else from how it is made, else plain. */
export function weaveOf({
  called,
  construction,
}: {
  called: string
  construction: Construction | null
}): Interlacing {
  return clothCalled(called)?.interlacing ?? BY_CONSTRUCTION[construction ?? 'woven']
}
