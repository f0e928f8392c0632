import { COLOURED_HOWS } from '../../vocabulary/cloth'

export const COLOURS_FROM = [...COLOURED_HOWS, 'unknown'] as const
export type ColourFrom = (typeof COLOURS_FROM)[number]

export const colourFromWords: Record<ColourFrom, string> = {
  printed: 'Printed: the back is paler, and a thread changes colour along its length.',
  'yarn-dyed':
    'Woven from coloured yarns: each thread keeps its colour, and the pattern is on both sides. ' +
    'Usually the most colourfast in light and washing.',
  'piece-dyed': 'Piece-dyed: both sides alike, every thread one colour, sometimes paler where threads cross.',
  undyed: 'Not dyed: grey, cream or bleached, and it may shrink more.',
  unknown: 'Not known: pull out a coloured thread, and look along it and at the back.',
}
