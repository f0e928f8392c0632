import { backUp } from './backUp'
import { checkRecords } from './checkRecords'
import { cleanPicture } from './cleanPicture'
import { coloursOf } from './coloursOf'
import { countPicture } from './countPicture'
import { importNotebook } from './importNotebook'
import { layCloth } from './layCloth'
import { lookPiecesOver } from './lookPiecesOver'
import { planTogether } from './planTogether'
import { printBook, printCards } from './printCards'
import { printLay } from './printLay'
import { rankCloths } from './rankCloths'
import { readCalendar } from './readCalendar'
import { readOutlines } from './readOutlines'
import { restoreNotebook } from './restoreNotebook'
import { takeTable } from './takeTable'

// Each task by its name; a worker thread runs one at a time.
export {
  backUp,
  checkRecords,
  cleanPicture,
  coloursOf,
  countPicture,
  importNotebook,
  layCloth,
  lookPiecesOver,
  planTogether,
  printBook,
  printCards,
  printLay,
  rankCloths,
  readCalendar,
  readOutlines,
  restoreNotebook,
  takeTable,
}
