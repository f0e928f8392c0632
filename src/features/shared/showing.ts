import { type RecordKindId } from '@/core/notebook/kinds'

/** What is changed and shown on pages: records by their kind, and what is kept beside the notebook. */
export type Shown = RecordKindId | 'everything' | 'backups' | 'sessions'

/** A piece’s name, and what is known of it, stand wherever a piece can be chosen. */
const OF_PIECES = [
  ...[
    '/',
    '/stash/*',
    '/make/patterns/*',
    '/make/projects/*',
    '/make/shopping/*',
    '/make/schedule',
    '/make/leftovers',
    '/make/mending',
    '/make/combine',
    '/search',
  ],
  ...['/identify', '/identify/burn/*', '/identify/name', '/identify/measure/*', '/learn/*'],
]
const OF_PATTERNS = [
  '/',
  '/make/patterns/*',
  '/make/projects/*',
  '/stash/*',
  '/make/shopping/*',
  '/make/schedule',
  '/make/leftovers',
  '/search',
]

/** The pages that show each; a star stands for all below. */
const SHOWN_ON: Record<Shown, readonly string[]> = {
  everything: ['/*'],
  piece: OF_PIECES,
  measurement: OF_PIECES,
  'burn-test': OF_PIECES,
  control: OF_PIECES,
  cut: OF_PIECES,
  lot: ['/stash/*'],
  heap: ['/stash/*'],
  view: ['/stash'],
  garment: ['/stash/*', '/make/leftovers', '/make/mending'],
  notion: ['/stash/*', '/make/projects/*', '/make/shopping/*', '/make/mending'],
  yarn: ['/stash/*', '/make/combine'],
  'test-seam': ['/stash/*', '/make/projects/*'],
  pattern: OF_PATTERNS,
  'pattern-piece': ['/make/patterns/*', '/make/projects/*'],
  lay: ['/make/patterns/*', '/make/projects/*', '/stash/*', '/make/schedule'],
  project: OF_PATTERNS,
  'project-cloth': OF_PATTERNS,
  workroom: ['/make/equipment', '/make/schedule', '/make/projects/*', '/stash/*'],
  'blind-box': ['/learn/*', '/identify/burn/*'],
  practice: ['/', '/learn/*'],
  look: ['/', '/learn/*'],
  guess: ['/', '/learn/*'],
  backups: ['/stash/backup'],
  sessions: ['/settings'],
}

/** The pages that show any of these, each once, as Next has them: a page, or a layout with all below it. */
export function pagesShowing(changed: readonly Shown[]): readonly (readonly [string, 'page' | 'layout'])[] {
  return [...new Set(changed.flatMap((one) => SHOWN_ON[one]))].map((path) => {
    return path.endsWith('/*') ? [path.slice(0, -2) || '/', 'layout'] : [path, 'page']
  })
}
