import { runningGroups } from '@/core/stashSearch/stashIndex/running'
import { type Shelf } from '@/server/cache/shelf'

/** Fabrics by each symbol on their care label. */
export const careOnShelves = (shelf: Shelf) => shelf.follow('by care symbol', () => runningGroups(({ care }) => care))
