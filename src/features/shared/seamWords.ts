import { type SeamCame, type TestSeam } from '@/core/notebook/kinds/testSeam'

export const CAME_WORDS: Readonly<Record<SeamCame, string>> = {
  good: 'good',
  puckered: 'it puckered',
  skipped: 'it skipped stitches',
  holes: 'it left holes',
  wavy: 'it went wavy',
  marks: 'the fabric was marked',
}

/** A test seam in one line. */
export function seamWords({ needleNm, point, thread, lengthMm, tension, came, notes }: TestSeam): string {
  const parts = [
    `NM ${needleNm}${point ? `, ${point}` : ''}`,
    `${lengthMm} mm`,
    thread,
    tension === 'usual' ? '' : `upper tension ${tension}`,
  ]
  return `${parts.filter(Boolean).join(', ')}: ${CAME_WORDS[came]}.${notes ? ` ${notes}` : ''}`
}
