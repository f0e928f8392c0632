import { cleanPicture } from './cleanPicture'
import { countPicture } from './countPicture'

// Each task by its name; a worker thread runs one at a time.
export { cleanPicture, countPicture }
