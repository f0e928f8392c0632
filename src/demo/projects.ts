import { type RecordInput } from '../core/notebook/kinds'
import { type Role } from '../core/vocabulary/choosing'

interface DemoProject {
  project: Omit<RecordInput<'project'>, 'finished' | 'patternId'>
  pattern: string
  /** By role: a piece of the stash or several; an empty one is to be bought. */
  cloths: Partial<Record<Role, string | readonly string[]>>
  begunDaysAgo: number
  finishedDaysAgo?: number
}

/** What the wardrobe is making, and what it made; invented. */
export const demoProjects: readonly DemoProject[] = [
  {
    project: {
      name: 'Harbour mistress, winter tour',
      view: 'A',
      notes: 'The lantern scene: she stands in the wind machine.',
      bought: ['thread'],
      currency: '£',
      costs: [
        { what: 'thread', amount: 4.2 },
        { what: '5 large buttons', amount: 11.5 },
      ],
    },
    pattern: 'Harbour mistress’s coat',
    cloths: { main: 'Bellboy red melton', lining: 'Ballroom lining, champagne' },
    begunDaysAgo: 12,
  },
  {
    project: {
      name: 'Six handlers’ overshirts',
      size: '14',
      copies: 6,
      notes: 'Dyed black afterwards, all in one bath.',
    },
    pattern: 'Handlers’ black overshirt',
    cloths: { main: '' },
    begunDaysAgo: 5,
  },
  {
    project: {
      name: 'Deck-chair keeper, striped',
      size: '14',
      notes: 'The stripes meet at the side seams: the front row sits very near.',
    },
    pattern: 'Handlers’ black overshirt',
    cloths: { main: 'Beach awning stripe' },
    begunDaysAgo: 3,
  },
  {
    project: {
      name: 'Lamplighter’s overshirt, of what there is',
      size: '14',
      copies: 2,
      notes: 'Two odd curtains and the tablecloth with the wine stain. Seams where they must be.',
    },
    pattern: 'Handlers’ black overshirt',
    cloths: { main: ['Card room curtain, left', 'Card room curtain, right', 'Banquet tablecloth, stained'] },
    begunDaysAgo: 2,
  },
  {
    project: { name: 'Chorus of gulls, first tier', behind: ['enough', 'buy', 'prepare', 'cut'] },
    pattern: 'Chorus tiered skirts',
    cloths: { main: 'Chambermaid blue' },
    begunDaysAgo: 40,
  },
  {
    project: {
      name: 'Heron, second winter',
      wore: ['creased'],
      woreNotes: 'Hangs as a wing should; lives on a hanger, not in the hamper.',
    },
    pattern: 'Heron’s wing cape',
    cloths: { main: 'Palm court viscose' },
    begunDaysAgo: 120,
    finishedDaysAgo: 60,
  },
]
