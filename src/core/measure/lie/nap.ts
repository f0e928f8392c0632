export const NAPS = ['none', 'down', 'up', 'unknown'] as const
export type Nap = (typeof NAPS)[number]

/** What a nap means for laying out. */
export const napWords: Record<Nap, string> = {
  none: 'It feels the same both ways: you can turn pieces upside down.',
  down: 'Smooth towards the hem: cut every piece the same way up. It wears well, and looks lighter.',
  up: 'Smooth towards the head: cut every piece the same way up. It looks deeper, and rubs sooner.',
  unknown: 'Not known: stroke it both ways, and cut all pieces one way until you know.',
}
