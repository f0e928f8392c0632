export const FINISHES = ['none', 'washed-soft', 'mercerised', 'brushed', 'coated', 'pleated'] as const
export type Finish = (typeof FINISHES)[number]

/** How a finish is known, and what it means for the sewing. */
export const finishes: Record<Finish, { label: string; signs: string; means: string }> = {
  none: {
    label: 'none that shows',
    signs: 'Neither soft from washing nor stiff, with no shine that wipes off.',
    means: 'Wash it before you cut.',
  },
  'washed-soft': {
    label: 'washed soft',
    signs: 'Soft and a little crumpled, edges of folds paler.',
    means: 'Most of its shrinkage is gone; measure a square to make sure.',
  },
  mercerised: {
    label: 'mercerised',
    signs: 'A cotton with a lasting silky shine, round smooth yarns under a lens.',
    means: 'It takes dye deeply and keeps its shine in the wash.',
  },
  brushed: {
    label: 'brushed',
    signs: 'Fibres stand up on one or both sides.',
    means:
      'Watch the nap; it sheds, pills, and catches fire sooner than smooth fabric: keep it away from flames and ' +
      'children’s nightwear.',
  },
  coated: {
    label: 'coated or waxed',
    signs: 'One side rubbery, papery or waxy; water stands on it.',
    means:
      'No hot iron on the coating; use clips, since pin holes stay; its weight and burn test include ' +
      'the coating.',
  },
  pleated: {
    label: 'pleated or crinkled',
    signs: 'Folds or crinkles that come back after stretching.',
    means: 'Measure it relaxed and pulled flat; steam may remove the pleats for good.',
  },
}
