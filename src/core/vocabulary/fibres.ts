import { idsOf } from './words'

/** Families of fibres. `phrase` is how one stands in a sentence: "it is …". */
export const FAMILY_WORDS = {
  plant: { name: 'Plant', phrase: 'a plant fibre' },
  regenerated: { name: 'Regenerated', phrase: 'a regenerated cellulose fibre' },
  acetate: { name: 'Acetate', phrase: 'an acetate' },
  protein: { name: 'Protein', phrase: 'a protein fibre' },
  synthetic: { name: 'Synthetic', phrase: 'a synthetic' },
  mineral: { name: 'Mineral', phrase: 'a mineral or metal fibre' },
} as const
export type FamilyId = keyof typeof FAMILY_WORDS
export const FAMILIES = idsOf(FAMILY_WORDS)

/**
 * UK and US words, and other words that people write on labels (generic, lower case), in the order of the vocabulary.
 */
export const FIBRE_WORDS = {
  cotton: { uk: 'cotton', us: 'cotton', also: [] },
  linen: { uk: 'linen', us: 'linen', also: ['flax'] },
  hemp: { uk: 'hemp', us: 'hemp', also: ['true hemp'] },
  ramie: { uk: 'ramie', us: 'ramie', also: ['china grass'] },
  jute: { uk: 'jute', us: 'jute', also: ['hessian fibre', 'burlap fibre'] },
  viscose: { uk: 'viscose', us: 'rayon', also: ['viscose rayon', 'bamboo viscose', 'artificial silk'] },
  modal: { uk: 'modal', us: 'modal', also: ['high wet modulus rayon', 'polynosic'] },
  lyocell: { uk: 'lyocell', us: 'lyocell', also: [] },
  cupro: { uk: 'cupro', us: 'cupro', also: ['cuprammonium rayon', 'cuprammonium'] },
  acetate: { uk: 'acetate', us: 'acetate', also: ['cellulose acetate', 'diacetate'] },
  triacetate: { uk: 'triacetate', us: 'triacetate', also: [] },
  wool: { uk: 'wool', us: 'wool', also: ['lambswool', 'virgin wool', 'merino'] },
  hair: { uk: 'fine hair', us: 'fine hair', also: ['mohair', 'alpaca', 'cashmere', 'camel', 'angora'] },
  silk: { uk: 'silk', us: 'silk', also: ['tussah', 'wild silk', 'mulberry silk'] },
  polyester: { uk: 'polyester', us: 'polyester', also: ['polyethylene terephthalate'] },
  nylon: { uk: 'nylon', us: 'nylon', also: ['polyamide'] },
  acrylic: { uk: 'acrylic', us: 'acrylic', also: [] },
  modacrylic: { uk: 'modacrylic', us: 'modacrylic', also: [] },
  polypropylene: { uk: 'polypropylene', us: 'polypropylene', also: ['olefin', 'polyolefin'] },
  elastane: { uk: 'elastane', us: 'spandex', also: [] },
  glass: { uk: 'glass', us: 'glass', also: ['glass fibre', 'fiberglass', 'fibreglass'] },
  metallic: { uk: 'metallic', us: 'metallic', also: ['metal', 'metallised film', 'metallized film'] },
} as const
export type FibreId = keyof typeof FIBRE_WORDS
export const FIBRE_IDS = idsOf(FIBRE_WORDS)
