import { css } from 'styled-components'

/** The colours of the theme that projects are drawn in. */
const COLOURS = ['--indigo', '--madder', '--green', '--weld', '--walnut', '--flame'] as const

/** How the band of a project is filled, so that nobody needs the colour. */
const BANDS = [
  'none',
  'repeating-linear-gradient(0deg, var(--paper) 0 2px, transparent 2px 5px)',
  'repeating-linear-gradient(45deg, var(--paper) 0 2px, transparent 2px 5px)',
  'radial-gradient(circle at 50% 3px, var(--paper) 1.6px, transparent 2px) 0 0 / 100% 6px',
  'linear-gradient(90deg, transparent 40%, var(--paper) 40% 60%, transparent 60%)',
  'repeating-linear-gradient(-45deg, var(--paper) 0 3px, transparent 3px 8px)',
] as const

/** The colour of a project, and its band over it. @param project its place among all */
export function markOf(project: number): { '--own': string; '--band': string } {
  const round = Math.floor(project / COLOURS.length)
  return {
    '--own': `var(${COLOURS[project % COLOURS.length] ?? COLOURS[0]})`,
    '--band': BANDS[(project + round) % BANDS.length] ?? BANDS[0],
  }
}

/** A band in the colour and pattern of a project, at the left of what is its. */
export const band = css`
  &::before {
    content: '';
    position: absolute;
    inset: 0 auto 0 0;
    width: 7px;
    background: var(--band), var(--own);
  }
`
