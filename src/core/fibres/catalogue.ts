import { FIBRE_IDS, type FamilyId, type Fibre, type FibreId } from './types'

/**
 * Sources, column by column.
 * density: Morton & Hearle, Physical Properties of Textile Fibres, as carried in the project's check values;
 *   hemp, ramie, jute, modal, lyocell, cupro, triacetate, hair, modacrylic and metallic from memory.
 * regainPercent: ASTM D1909 for wool, silk, viscose, acetate, nylon, polyester, acrylic, polypropylene; the rest from memory or null.
 * allowancePercent: Regulation (EU) 1007/2011, Annex IX (middle of a range where it gives one).
 * soldSince: from memory of published histories of man-made fibres; the later end where sources differ.
 * lookalike: common practice.
 */
const rows: readonly Fibre[] = [
  fibre('cotton', 'plant', 'cotton', 'cotton', [], false, [1.52, 1.55], 8.5, 8.5, null, 'viscose, modal and lyocell burn just as cotton does'),
  fibre('linen', 'plant', 'linen', 'linen', ['flax'], false, [1.5, 1.5], 12, 12, null, 'hemp and ramie burn as linen does'),
  fibre('hemp', 'plant', 'hemp', 'hemp', ['true hemp'], false, [1.48, 1.5], 12, 12, null, 'linen and ramie burn as hemp does'),
  fibre('ramie', 'plant', 'ramie', 'ramie', ['china grass'], false, [1.5, 1.56], 7.8, 8.5, null, 'linen and hemp burn as ramie does'),
  fibre('jute', 'plant', 'jute', 'jute', ['hessian fibre', 'burlap fibre'], false, [1.44, 1.5], 13.75, 17, null, 'hemp burns as jute does'),
  fibre('viscose', 'regenerated', 'viscose', 'rayon', ['viscose rayon', 'bamboo viscose', 'artificial silk'], false, [1.52, 1.52], 11, 13, 1910, 'cotton, modal and lyocell burn just as viscose does'),
  fibre('modal', 'regenerated', 'modal', 'modal', ['high wet modulus rayon', 'polynosic'], false, [1.52, 1.53], 11, 13, 1965, 'cotton, viscose and lyocell burn just as modal does'),
  fibre('lyocell', 'regenerated', 'lyocell', 'lyocell', [], false, [1.5, 1.52], 11, 13, 1992, 'cotton, viscose and modal burn just as lyocell does'),
  fibre('cupro', 'regenerated', 'cupro', 'cupro', ['cuprammonium rayon', 'cuprammonium'], false, [1.52, 1.54], 11, 13, 1920, 'viscose burns as cupro does'),
  fibre('acetate', 'acetate', 'acetate', 'acetate', ['cellulose acetate', 'diacetate'], true, [1.31, 1.32], 6.5, 9, 1924, 'triacetate burns as acetate does'),
  fibre('triacetate', 'acetate', 'triacetate', 'triacetate', [], true, [1.3, 1.32], 3.5, 7, 1954, 'acetate burns as triacetate does'),
  fibre('wool', 'protein', 'wool', 'wool', ['lambswool', 'virgin wool', 'merino'], false, [1.31, 1.31], 13.6, 17.5, null, 'mohair, alpaca and cashmere burn just as wool does'),
  fibre('hair', 'protein', 'fine hair', 'fine hair', ['mohair', 'alpaca', 'cashmere', 'camel', 'angora'], false, [1.28, 1.32], 13.6, 17.5, null, 'wool burns just as mohair, alpaca and cashmere do'),
  fibre('silk', 'protein', 'silk', 'silk', ['tussah', 'wild silk', 'mulberry silk'], false, [1.34, 1.34], 11, 11, null, 'wool and hair burn much as silk does'),
  fibre('polyester', 'synthetic', 'polyester', 'polyester', ['polyethylene terephthalate'], true, [1.38, 1.39], 0.4, 1.5, 1953, 'nylon differs from polyester in smell and colour of bead only'),
  fibre('nylon', 'synthetic', 'nylon', 'nylon', ['polyamide'], true, [1.14, 1.14], 4.5, 6, 1939, 'polyester differs from nylon in smell and colour of bead only'),
  fibre('acrylic', 'synthetic', 'acrylic', 'acrylic', [], true, [1.17, 1.19], 1.5, 2, 1950, null),
  fibre('modacrylic', 'synthetic', 'modacrylic', 'modacrylic', [], true, [1.3, 1.37], 2, 2, 1950, null),
  fibre('polypropylene', 'synthetic', 'polypropylene', 'polypropylene', ['olefin', 'polyolefin'], true, [0.9, 0.91], 0, 2, 1959, null),
  fibre('elastane', 'synthetic', 'elastane', 'spandex', [], true, [1.2, 1.2], 1.3, 1.5, 1959, null),
  fibre('glass', 'mineral', 'glass', 'glass', ['glass fibre', 'fiberglass', 'fibreglass'], false, [2.5, 2.6], 0, 2.5, 1938, null),
  fibre('metallic', 'mineral', 'metallic', 'metallic', ['metal', 'metallised film', 'metallized film'], false, [1.5, 8], 0, 2, null, null),
]

/** Every fibre, in the order of the vocabulary. */
export const fibres: readonly Fibre[] = rows

const byId = new Map(rows.map((row) => [row.id, row]))

/** @throws RangeError when no fibre has the id (the vocabulary's schema rules that out at the edge). */
export function fibreById(id: FibreId): Fibre {
  const found = byId.get(id)
  if (!found) throw new RangeError(`fibreById: no fibre is called "${String(id)}"; known are ${FIBRE_IDS.join(', ')}`)
  return found
}

/** The fibre that a word means, in UK or US English or as written on labels; undefined where nobody knows it. */
export function fibreByWord(word: string): Fibre | undefined {
  const sought = word.trim().toLowerCase()
  return rows.find(({ id, name, also }) => id === sought || name.uk === sought || name.us === sought || also.includes(sought))
}

function fibre(
  id: FibreId, family: FamilyId, uk: string, us: string, also: readonly string[], thermoplastic: boolean,
  density: readonly [number, number], regainPercent: number | null, allowancePercent: number | null,
  soldSince: number | null, lookalike: string | null,
): Fibre {
  return { id, family, name: { uk, us }, also, thermoplastic, density, regainPercent, allowancePercent, soldSince, lookalike }
}
