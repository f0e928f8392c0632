/** The five places of the program, in the order of the job. */
export const PLACES = ['table', 'find-out', 'stash', 'make', 'learn'] as const
export type PlaceId = (typeof PLACES)[number]

export const PLACE_WORDS: Readonly<Record<PlaceId, { title: string; asks: string }>> = {
  table: { title: 'Table', asks: 'What shall I do now?' },
  'find-out': { title: 'Find out', asks: 'What is this cloth?' },
  stash: { title: 'Stash', asks: 'What have I, and where is it?' },
  make: { title: 'Make', asks: 'What from what, and how?' },
  learn: { title: 'Learn', asks: 'How do I get better at it?' },
}

/** A page of the program. */
export interface PageInfo {
  /** Its address; `[id]` stands for a record. */
  path: string
  /** The place it belongs to; null for what is always in reach. */
  place: PlaceId | null
  title: string
  /** What one comes for, in a line. */
  about: string
  /** Other words that it is sought by: the trade's, UK and US. */
  also: readonly string[]
  /** Whether it stands in its place's own row. */
  inRow?: boolean
  /** Which record its `[id]` is of. */
  of?: 'piece' | 'pattern' | 'burn-test' | 'heap'
}

/** Every page, read by the navigation, the search, the tests of accessibility and the script that takes pictures. */
export const pages: readonly PageInfo[] = [
  {
    path: '/',
    place: 'table',
    title: 'The table',
    about: 'What is worth doing next, and what lies there.',
    also: ['home', 'start', 'next'],
  },
  {
    path: '/find-out',
    place: 'find-out',
    title: 'I have this in my hand',
    about: 'One way in: everything that is found out of a cloth grows in one strip.',
    also: ['identify', 'what is this', 'begin'],
    inRow: true,
  },
  {
    path: '/bench',
    place: 'find-out',
    title: 'Burn',
    about: 'A pinch of yarns, short questions in the order of the flame, and an honest answer.',
    also: ['burn test', 'flame', 'fibre content', 'fiber content', 'burn bench'],
    inRow: true,
  },
  {
    path: '/bench/tests',
    place: 'find-out',
    title: 'Without a flame',
    about: 'Water, hand, loupe, acetone, bleach: how to, and what each tells apart.',
    also: ['solubility', 'acetone', 'bleach', 'wet strength', 'microscope', 'float'],
    inRow: true,
  },
  {
    path: '/inspect',
    place: 'find-out',
    title: 'Name it',
    about: 'Look, feel, turn it over: what is it called?',
    also: ['construction', 'weave', 'knit', 'what is it called'],
    inRow: true,
  },
  {
    path: '/measure',
    place: 'find-out',
    title: 'Measure',
    about: 'Weight, stretch, drape, opacity, creasing, shrinkage, grain, threads.',
    also: ['gsm', 'oz', 'momme', 'drape', 'opacity', 'skew', 'thread count', 'weigh'],
    inRow: true,
  },
  {
    path: '/bench/controls',
    place: 'find-out',
    title: 'Controls box',
    about: 'Known pieces to lay beside an unknown; burning them teaches the bench your nose.',
    also: ['known pieces', 'reference swatches'],
    inRow: true,
  },
  {
    path: '/bench/sheet',
    place: 'find-out',
    title: 'An empty burn log',
    about: 'For the garden table: ring the answers, type them in later.',
    also: ['print', 'paper', 'log'],
  },
  {
    path: '/stash',
    place: 'stash',
    title: 'Shelves',
    about: 'Every piece, as cloth on shelves or as a list.',
    also: ['stash', 'fabrics', 'pieces', 'list'],
    inRow: true,
  },
  {
    path: '/stash/new',
    place: 'stash',
    title: 'Weigh and keep',
    about: 'A new piece: weighed, named, put on the shelf.',
    also: ['new piece', 'add fabric', 'weigh'],
    inRow: true,
  },
  {
    path: '/stash/quick',
    place: 'stash',
    title: 'Quick entry',
    about: 'At a stall or a shop: a picture, arm-spans, a guess, a price; the rest later.',
    also: ['stall', 'market', 'arm span', 'price', 'shop', 'add', 'fast'],
    inRow: true,
  },
  {
    path: '/stash/heap',
    place: 'stash',
    title: 'Sort a heap',
    about: 'A box or a cupboard full: one piece after another, keep, give away, test or cut up.',
    also: ['box', 'declutter', 'tally', 'give away', 'inherited', 'sorting'],
    inRow: true,
  },
  {
    path: '/stash/heap/[id]',
    place: 'stash',
    title: 'A heap',
    about: 'Sorting one heap, with its tally.',
    also: [],
    of: 'heap',
  },
  {
    path: '/stash/looking',
    place: 'stash',
    title: 'The whole',
    about: 'What there is by fibre and weight, what is known, what comes and goes, what waits.',
    also: ['statistics', 'charts', 'figures', 'how much', 'money', 'ageing'],
    inRow: true,
  },
  {
    path: '/stash/cards',
    place: 'stash',
    title: 'Cards and labels',
    about: 'Swatch cards to staple a snip on, stickers for bundles, and the stash as a book.',
    also: ['print', 'swatch card', 'label', 'sticker', 'pdf', 'qr', 'book', 'index'],
    inRow: true,
  },
  {
    path: '/stash/safe',
    place: 'stash',
    title: 'Keep it safe',
    about: 'Backups, the notebook out and in, and the bin.',
    also: ['backup', 'export', 'import', 'restore', 'bin', 'trash', 'undo', 'csv', 'json', 'zip'],
    inRow: true,
  },
  {
    path: '/stash/[id]',
    place: 'stash',
    title: 'A piece',
    about: 'All that is known of it, and how.',
    also: [],
    of: 'piece',
  },
  {
    path: '/stash/[id]/edit',
    place: 'stash',
    title: 'Change a piece',
    about: 'What is written down of it.',
    also: [],
    of: 'piece',
  },
  {
    path: '/stash/[id]/patterns',
    place: 'stash',
    title: 'Which pattern does it suit?',
    about: 'Every pattern held against this piece.',
    also: [],
    of: 'piece',
  },
  {
    path: '/patterns',
    place: 'make',
    title: 'Patterns',
    about: 'Each with the pieces that suit it best.',
    also: ['sewing patterns', 'match'],
    inRow: true,
  },
  {
    path: '/patterns/new',
    place: 'make',
    title: 'Write a pattern down',
    about: 'What it makes, its details, what its envelope asks.',
    also: ['new pattern', 'add pattern'],
    inRow: true,
  },
  {
    path: '/patterns/[id]',
    place: 'make',
    title: 'A pattern',
    about: 'Every piece held up for it.',
    also: [],
    of: 'pattern',
  },
  {
    path: '/learn',
    place: 'learn',
    title: 'Look up',
    about: 'Fibres, cloths and weaves, told and drawn.',
    also: ['glossary', 'reference', 'help'],
    inRow: true,
  },
  {
    path: '/learn/fibres',
    place: 'learn',
    title: 'Fibres',
    about: 'How each burns, how heavy it is, how it takes up water, how hot it is ironed.',
    also: ['fibers', 'density', 'moisture regain', 'iron', 'rayon', 'spandex'],
    inRow: true,
  },
  {
    path: '/learn/cloths',
    place: 'learn',
    title: 'Cloths',
    about: 'What shops mean by a name, in UK and US words.',
    also: ['fabrics', 'muslin', 'calico', 'names'],
    inRow: true,
  },
  {
    path: '/weave',
    place: 'learn',
    title: 'Weaves',
    about: 'Any draft as cloth, face and back: floats, share of warp, the angle of a twill.',
    also: ['draft', 'drawdown', 'wif', 'twill', 'satin'],
    inRow: true,
  },
  {
    path: '/bench/[id]',
    place: 'find-out',
    title: 'A burn test',
    about: 'At the flame, and its verdict.',
    also: [],
    of: 'burn-test',
  },
  {
    path: '/bench/[id]/log',
    place: 'find-out',
    title: 'Burn log',
    about: 'Every answer, to correct, compare and print.',
    also: [],
    of: 'burn-test',
  },
  {
    path: '/bench/[id]/sheet',
    place: 'find-out',
    title: 'Burn log on paper',
    about: 'The log as a sheet.',
    also: [],
    of: 'burn-test',
  },
  {
    path: '/bench/[id]/slip',
    place: 'find-out',
    title: 'A slip for the shop',
    about: 'What a label claims, and what was seen.',
    also: [],
    of: 'burn-test',
  },
  {
    path: '/safety',
    place: null,
    title: 'Safety',
    about: 'The cautions at the flame, with acetone and with bleach.',
    also: ['burns', 'fumes', 'asbestos', 'first aid'],
  },
  {
    path: '/settings',
    place: null,
    title: 'Settings',
    about: 'Units, UK or US words, light and dark, motion.',
    also: ['units', 'inches', 'dark mode', 'theme'],
  },
  { path: '/search', place: null, title: 'Search', about: 'Pages, pieces and patterns.', also: ['find'] },
]

const patterns = pages.map((page) => ({
  page,
  matches: new RegExp(`^${page.path.replaceAll('[id]', '[0-9a-f-]{36}')}$`),
  below: page.path === '/' ? undefined : `${page.path}/`,
}))

/** The page that an address shows: its own, or the nearest that it lies below. */
export function pageAt(path: string): PageInfo | undefined {
  const exact = patterns.find(({ matches }) => matches.test(path))
  if (exact) return exact.page
  return patterns.filter(({ below }) => below && path.startsWith(below)).at(-1)?.page
}

/** The pages of a place's own row. */
export function rowOf(place: PlaceId): readonly PageInfo[] {
  return pages.filter((page) => page.place === place && page.inRow)
}

/** Pages that answer to every word, those whose title does first; none of a single record. */
export function pagesFound(text: string): readonly PageInfo[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0) return []
  const has = (where: string) => words.every((word) => where.toLowerCase().includes(word))
  return pages
    .filter(({ of, title, about, also }) => !of && has([title, about, ...also].join(' ')))
    .toSorted((a, b) => Number(has(b.title)) - Number(has(a.title)))
}
