import { makePages } from './makePages'
import { stashPages } from './stashPages'
import { type PageInfo } from './places'

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
  ...stashPages,
  ...makePages,
  {
    path: '/learn',
    place: 'learn',
    title: 'Look up',
    about: 'Fibres, cloths and weaves, told and drawn.',
    also: ['glossary', 'reference', 'help'],
    inRow: true,
  },
  {
    path: '/learn/practice',
    place: 'learn',
    title: 'Practise',
    about: 'Burns without a flame: ask for what you want to see, say what it is, and how sure.',
    also: ['practice', 'train', 'quiz', 'guess', 'blind test', 'get better'],
    inRow: true,
  },
  {
    path: '/learn/blind',
    place: 'learn',
    title: 'Blind box',
    about: 'Your own known pieces under letters: burned or felt for real, answered, scored.',
    also: ['blind test', 'shuffle', 'nose', 'known pieces'],
    inRow: true,
  },
  {
    path: '/learn/score',
    place: 'learn',
    title: 'My score',
    about: 'How far your sureness is to be trusted, and what you take for what.',
    also: ['calibration', 'reliability', 'brier', 'log score', 'confusion'],
    inRow: true,
  },
  {
    path: '/learn/convert',
    place: 'learn',
    title: 'Convert',
    about: 'Ounces, grams and momme; yards and metres; yarn counts; needle sizes; stretch; iron dots.',
    also: ['oz', 'gsm', 'momme', 'denier', 'tex', 'yards', 'inches', 'conversion', 'units'],
    inRow: true,
  },
  {
    path: '/learn/words',
    place: 'learn',
    title: 'Words',
    about: 'What is called otherwise in the UK and in the US.',
    also: ['glossary', 'british', 'american', 'muslin', 'calico', 'selvage', 'dictionary'],
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
    path: '/techniques',
    place: 'learn',
    title: 'Seams, hems and ways',
    about: 'Each drawn step by step: French, flat-felled, rolled, blind, velvet without creep.',
    also: ['technique', 'french seam', 'flat-felled', 'rolled hem', 'staystitch', 'blind hem', 'how to sew'],
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

/** Pages that answer to every word, those whose title does first; none of a single record. */
export function pagesFound(text: string): readonly PageInfo[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0) return []
  const has = (where: string) => words.every((word) => where.toLowerCase().includes(word))
  return pages
    .filter(({ of, title, about, also }) => !of && has([title, about, ...also].join(' ')))
    .toSorted((a, b) => Number(has(b.title)) - Number(has(a.title)))
}
