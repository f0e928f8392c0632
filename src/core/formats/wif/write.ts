import { type Draft } from '../../weave/draft'

/** A draft as text. A pick without a treadle is left out, as the format has it. */
export function writeWif({ threading, tieUp, treadling }: Draft, title = ''): string {
  const shafts = Math.max(1, ...threading, ...tieUp.flat())
  const lines = (rows: readonly (readonly number[])[]) =>
    rows.flatMap((row, index) => (row.length > 0 ? [`${index + 1}=${row.join(',')}`] : []))
  return [
    '[WIF]',
    'Version=1.1',
    'Date=April 20, 1997',
    'Developers=none',
    'Source Program=Rough Swatch',
    '[CONTENTS]',
    ...['TEXT', 'WEAVING', 'WARP', 'WEFT', 'THREADING', 'TIEUP', 'TREADLING'].map((section) => `${section}=true`),
    '[TEXT]',
    `Title=${title.replace(/[\r\n]+/g, ' ')}`,
    '[WEAVING]',
    'Rising Shed=true',
    `Shafts=${shafts}`,
    `Treadles=${Math.max(1, tieUp.length)}`,
    '[WARP]',
    `Threads=${threading.length}`,
    '[WEFT]',
    `Threads=${treadling.length}`,
    '[THREADING]',
    ...threading.map((shaft, end) => `${end + 1}=${shaft}`),
    '[TIEUP]',
    ...lines(tieUp),
    '[TREADLING]',
    ...lines(treadling),
    '',
  ].join('\r\n')
}
