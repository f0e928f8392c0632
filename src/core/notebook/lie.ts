import { finishes, printScale, rightSigns, warpSigns, weighSigns } from '../measure/lie'
import { capitalised } from '../units/format'
import { type Measurement } from './measurements'

/** How a piece lies, in one line. */
export function lieWords({
  warpSigns: warp,
  rightSigns: right,
  nap,
  colourFrom,
  finish,
  printRepeatMm,
  printOffMm,
}: Extract<Measurement, { kind: 'lie' }>): string {
  const [ofWarp, ofRight] = [weighSigns(warpSigns, warp), weighSigns(rightSigns, right)]
  return capitalised(
    [
      ofWarp.which ? `warp along ${ofWarp.which.toUpperCase()}` : 'warp not decided',
      ofRight.which ? `right side ${ofRight.which === 'a' ? 'up' : 'below'}` : 'no right side that shows',
      nap === 'unknown' ? '' : nap === 'none' ? 'no nap' : `nap runs ${nap}`,
      colourFrom === 'unknown' ? '' : colourFrom,
      finish.map((one) => finishes[one].label).join(', '),
      printRepeatMm ? `${printScale(printRepeatMm).scale} print` : '',
      printOffMm ? 'print off grain' : '',
    ]
      .filter(Boolean)
      .join('; '),
  )
}
