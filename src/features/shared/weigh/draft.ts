import { type Reading } from '@/core/notebook/schemas/weighing'

/** What may lie on a scale, what is then asked, and how true its sides usually are. */
export const LAID = [
  {
    id: 'square',
    name: 'a cut piece',
    hint: 'Flat, of a size that you know; the larger the better.',
    length: 'Sample length',
    width: 'Sample width',
    layers: false,
    notions: false,
    cutErrorMm: 2,
  },
  {
    id: 'strip',
    name: 'a strip across',
    hint: 'Torn or cut straight, from edge to edge.',
    length: 'Depth of the strip',
    width: 'Width, edge to edge',
    layers: false,
    notions: false,
    cutErrorMm: 2,
  },
  {
    id: 'whole',
    name: 'the whole length',
    hint: 'Folded in any way, with its own length and width: best for a coarse scale.',
    length: 'Whole length',
    width: 'Width, edge to edge',
    layers: false,
    notions: false,
    cutErrorMm: 5,
  },
  {
    id: 'folded',
    name: 'folded layers',
    hint: 'Measure the folded bundle, and count its layers at the edge.',
    length: 'Length of the bundle',
    width: 'Width of the bundle',
    layers: true,
    notions: false,
    cutErrorMm: 3,
  },
  {
    id: 'garment',
    name: 'a garment',
    hint: 'Lay it flat and measure the rectangle that it would fill; front and back are two layers.',
    length: 'Mean length',
    width: 'Mean width',
    layers: true,
    notions: true,
    cutErrorMm: 15,
  },
] as const
export type LaidWeighing = (typeof LAID)[number]['id']

export function laidOf(id: string): (typeof LAID)[number] {
  return LAID.find((one) => one.id === id) ?? LAID[0]
}

/** A reading being filled in: numbers in mm and g, null where still empty. */
export type DraftReading = { [Key in keyof Required<Reading>]: number | null } & { laid: LaidWeighing }

export const EMPTY_READING: DraftReading = {
  laid: 'square',
  grams: null,
  resolutionGrams: 1,
  lengthMm: null,
  widthMm: null,
  cutErrorMm: 2,
  layers: 2,
  notionsGrams: null,
  notionsErrorGrams: null,
  humidityPercent: null,
}

/** The draft once something else lies on the scale: what is known of the piece is filled in. */
export function laidAs(
  draft: DraftReading,
  id: string,
  known: { widthMm: number | null; lengthMm: number | null } = { widthMm: null, lengthMm: null },
): DraftReading {
  const { id: laid, cutErrorMm } = laidOf(id)
  const isFromEdgeToEdge = laid === 'strip' || laid === 'whole'
  return {
    ...draft,
    laid,
    cutErrorMm,
    widthMm: draft.widthMm ?? (isFromEdgeToEdge ? known.widthMm : null),
    lengthMm: draft.lengthMm ?? (laid === 'whole' ? known.lengthMm : null),
  }
}

/** The reading, where everything is filled in and makes sense. */
export function completeReading({
  laid,
  grams,
  resolutionGrams,
  lengthMm,
  widthMm,
  cutErrorMm,
  layers,
  notionsGrams,
  notionsErrorGrams,
  humidityPercent,
}: DraftReading): Reading | undefined {
  if (grams === null || resolutionGrams === null || lengthMm === null || widthMm === null || cutErrorMm === null)
    return undefined
  if (!(grams > 0 && resolutionGrams > 0 && lengthMm > 0 && widthMm > 0 && cutErrorMm >= 0)) return undefined
  const asked = laidOf(laid)
  if (asked.layers && !(layers !== null && layers >= 1)) return undefined
  if (asked.notions && (notionsGrams ?? 0) >= grams) return undefined
  return {
    grams,
    resolutionGrams,
    lengthMm,
    widthMm,
    cutErrorMm,
    ...(asked.layers && layers !== null ? { layers } : {}),
    ...(asked.notions ? { notionsGrams: notionsGrams ?? 0, notionsErrorGrams: notionsErrorGrams ?? 0 } : {}),
    ...(humidityPercent === null ? {} : { humidityPercent }),
  }
}
