import { type Loaded } from '../patterns/load'
import { type loadProject } from './load'

/** A project as its page shows it. */
export type ProjectData = Loaded<typeof loadProject>
