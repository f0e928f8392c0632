import { type LayPrintTask, writeLayout } from '../../core/formats/pdf/writeLayout'
import { fontFiles } from './fontFiles'

/** The cutting plan as a PDF. @throws RangeError where that would be more sheets than anybody glues */
export const printLay = (task: LayPrintTask): Promise<Uint8Array> => writeLayout(task, fontFiles())
