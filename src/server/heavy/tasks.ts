import { checkRecords } from './checkRecords'
import { cleanPicture } from './cleanPicture'
import { countPicture } from './countPicture'
import { lookPiecesOver } from './lookPiecesOver'
import { rankCloths } from './rankCloths'

// Each task by its name; a worker thread runs one at a time.
export { checkRecords, cleanPicture, countPicture, lookPiecesOver, rankCloths }
