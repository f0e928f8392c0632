/**
 * Where each page was before the places had their names: codes on printed cards, bookmarks and links in calendars lead
 * on. The longer address stands before the shorter one that it begins with.
 */
export const MOVED_PAGES: readonly (readonly [from: string, to: string])[] = [
  ['/find-out', '/identify'],
  ['/bench/controls', '/identify/samples'],
  ['/bench/tests', '/identify/tests'],
  ['/bench/sheet', '/identify/blank-log'],
  ['/bench/:id/slip', '/identify/burn/:id/note'],
  ['/bench', '/identify/burn'],
  ['/inspect', '/identify/name'],
  ['/measure', '/identify/measure'],
  ['/stash/new', '/stash/add'],
  ['/stash/quick', '/stash/quick-add'],
  ['/stash/table', '/stash/spreadsheet'],
  ['/stash/heap', '/stash/piles'],
  ['/stash/looking', '/stash/overview'],
  ['/stash/safe', '/stash/backup'],
  ['/stash/:id/apart', '/stash/:id/take-apart'],
  ['/stash/:id/like', '/stash/:id/similar'],
  ['/projects/new', '/make/projects/add'],
  ['/projects/:id/plan.ics', '/make/projects/:id/schedule.ics'],
  ['/projects/:id/plan', '/make/projects/:id/schedule'],
  ['/projects', '/make/projects'],
  ['/plan.ics', '/make/schedule.ics'],
  ['/plan', '/make/schedule'],
  ['/patterns/new', '/make/patterns/add'],
  ['/patterns/:id/lay', '/make/patterns/:id/layout'],
  ['/patterns', '/make/patterns'],
  ['/use-up', '/make/leftovers'],
  ['/mix', '/make/combine'],
  ['/mend', '/make/mending'],
  ['/workroom', '/make/equipment'],
  ['/shop', '/make/shopping'],
  ['/techniques', '/learn/techniques'],
  ['/weave', '/learn/weave'],
  ['/learn/cloths', '/learn/fabrics'],
  ['/learn/first', '/learn/first-burn'],
  ['/learn/looks', '/learn/name'],
  ['/learn/sides', '/learn/warp-and-nap'],
  ['/learn/numbers', '/learn/figures'],
  ['/learn/blind', '/learn/blind-test'],
  ['/make', '/make/projects'],
]

/** The same as redirects: each with whatever lies below it, but for a place that has pages of its own. */
export function redirectsOfMovedPages(): { source: string; destination: string; permanent: boolean }[] {
  return MOVED_PAGES.flatMap(([from, to]) => {
    const own = { source: from, destination: to, permanent: true }
    const below = { source: `${from}/:below*`, destination: `${to}/:below*`, permanent: true }
    // What lies below a new address that begins with the old one is not sent on to itself.
    return to.startsWith(`${from}/`) || from.endsWith('.ics') ? [own] : [own, below]
  })
}
