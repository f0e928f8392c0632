import { type Tilt } from './types'

/** What it cost when new, per metre or by the shop. From memory of what is sold; common practice. */
export const prices: readonly Tilt[] = [
  {
    id: 'cheap',
    label: 'Cheap when new',
    factors: {
      polyester: 1.5,
      acrylic: 1.6,
      nylon: 1.2,
      polypropylene: 1.5,
      silk: 0.15,
      hair: 0.25,
      wool: 0.45,
      linen: 0.5,
      lyocell: 0.7,
      cupro: 0.4,
      ramie: 0.7,
    },
  },
  { id: 'middling', label: 'Medium', factors: {} },
  {
    id: 'dear',
    label: 'Expensive when new',
    factors: {
      silk: 2.5,
      hair: 2.5,
      wool: 1.8,
      linen: 1.7,
      cupro: 2,
      lyocell: 1.3,
      polyester: 0.6,
      acrylic: 0.35,
      polypropylene: 0.4,
    },
  },
]

/**
 * Where a label says that it was made. A weak sign, and kept weak: cloth is woven in one country and sewn in another.
 * From memory; common practice.
 */
export const countries: readonly Tilt[] = [
  { id: 'north-west-europe', label: 'Ireland, Belgium or the Baltic', factors: { linen: 1.8, wool: 1.2 } },
  { id: 'british-isles', label: 'Great Britain', factors: { wool: 1.6, hair: 1.2 } },
  { id: 'italy', label: 'Italy', factors: { wool: 1.4, silk: 1.4, hair: 1.3, cupro: 1.2, polypropylene: 0.8 } },
  {
    id: 'south-asia',
    label: 'India, Pakistan or Bangladesh',
    factors: { cotton: 1.5, viscose: 1.2, jute: 1.5, silk: 1.1, wool: 0.7, acrylic: 0.8 },
  },
  {
    id: 'east-asia',
    label: 'China, Korea or Taiwan',
    factors: { polyester: 1.3, nylon: 1.2, ramie: 1.5, silk: 1.1, linen: 0.8 },
  },
  { id: 'japan', label: 'Japan', factors: { cupro: 1.8, polyester: 1.1, triacetate: 1.6, cotton: 1.1 } },
  { id: 'north-america', label: 'United States or Canada', factors: { cotton: 1.2, nylon: 1.2, acetate: 1.2 } },
  { id: 'andes', label: 'Peru or Bolivia', factors: { hair: 2, cotton: 1.2, wool: 1.2, polyester: 0.7 } },
]
