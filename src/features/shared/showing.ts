import { type RecordKindId } from '@/core/notebook/kinds'

/** What is changed and shown on pages: records by their kind, and what is kept beside the notebook. */
export type Shown = RecordKindId | 'everything' | 'backups' | 'sessions'

/** A piece’s name, and what is known of it, stand wherever a piece can be chosen. */
const OF_PIECES = [
  ...['/', '/stash/*', '/patterns/*', '/projects/*', '/shop/*', '/plan', '/use-up', '/mend', '/mix', '/search'],
  ...['/find-out', '/bench/*', '/inspect', '/measure/*', '/learn/*'],
]
const OF_PATTERNS = ['/', '/patterns/*', '/projects/*', '/stash/*', '/shop/*', '/plan', '/use-up', '/search']

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
  garment: ['/stash/*', '/use-up', '/mend'],
  notion: ['/stash/*', '/projects/*', '/shop/*', '/mend'],
  yarn: ['/stash/*', '/mix'],
  'test-seam': ['/stash/*', '/projects/*'],
  pattern: OF_PATTERNS,
  'pattern-piece': ['/patterns/*', '/projects/*'],
  lay: ['/patterns/*', '/projects/*', '/stash/*', '/plan'],
  project: OF_PATTERNS,
  'project-cloth': OF_PATTERNS,
  workroom: ['/workroom', '/plan', '/projects/*', '/stash/*'],
  'blind-box': ['/learn/*', '/bench/*'],
  practice: ['/', '/learn/*'],
  look: ['/', '/learn/*'],
  guess: ['/', '/learn/*'],
  backups: ['/stash/safe'],
  sessions: ['/settings'],
}

/** The pages that show any of these, each once, as Next has them: a page, or a layout with all below it. */
export function pagesShowing(changed: readonly Shown[]): readonly (readonly [string, 'page' | 'layout'])[] {
  return [...new Set(changed.flatMap((one) => SHOWN_ON[one]))].map((path) => {
    return path.endsWith('/*') ? [path.slice(0, -2) || '/', 'layout'] : [path, 'page']
  })
}
