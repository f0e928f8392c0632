/** One stop of the tour: where it is, and what to see there. */
export interface Stop {
  path: string
  title: string
  says: string
}

/** Through the job in its order; every address is there in any notebook. */
export const TOUR: readonly Stop[] = [
  {
    path: '/',
    title: 'Home',
    says: 'You start here each time: suggested next steps and your recent fabrics.',
  },
  {
    path: '/identify',
    title: 'Identify',
    says: 'Look, weigh, touch or burn: start anywhere, and all results are kept together.',
  },
  {
    path: '/identify/burn',
    title: 'Burn test',
    says:
      'You burn a few yarns and answer short questions. The result says how sure it is and what ' +
      'would tell for certain.',
  },
  {
    path: '/stash',
    title: 'Stash',
    says:
      'All your fabrics, with what you know about each. The demo shows the wardrobe of a small ' + 'puppet theatre.',
  },
  {
    path: '/make/patterns',
    title: 'Matching',
    says: 'We compare every pattern with every fabric: what suits, what does not, and how to rescue ' + 'the rest.',
  },
  {
    path: '/make/projects',
    title: 'Projects',
    says: 'From fabric to the last hem: is there enough, what to buy, how to lay it out, when to wash ' + 'it.',
  },
  {
    path: '/make/leftovers',
    title: 'Leftovers',
    says: 'Find patterns that you can cut from garments, curtains and offcuts with the least waste.',
  },
  {
    path: '/learn',
    title: 'Learn',
    says: 'Practise without a flame, guess weights, look anything up. That is all: now identify a ' + 'fabric.',
  },
]
