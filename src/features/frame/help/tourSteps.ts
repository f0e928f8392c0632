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
    title: 'The table',
    says: 'You begin here each time: what is worth doing now, and the pieces that you touched last.',
  },
  {
    path: '/find-out',
    title: 'A cloth in your hand',
    says: 'Look, weigh, touch or burn: whichever door you take, what is known grows in one strip.',
  },
  {
    path: '/bench',
    title: 'The burn bench',
    says: 'A pinch of yarns and short questions. The verdict says how sure it is, and what would settle it.',
  },
  {
    path: '/stash',
    title: 'The shelves',
    says: 'Every piece once, with what is known of it. In the demo: the wardrobe of a small puppet theatre.',
  },
  {
    path: '/patterns',
    title: 'What suits what',
    says: 'Every pattern held against every piece: what fits, what does not, and what would rescue it.',
  },
  {
    path: '/projects',
    title: 'Making',
    says: 'From the cloth to the last hem: is there enough, what to buy, how it lies, when to wash it.',
  },
  {
    path: '/use-up',
    title: 'From what there is',
    says: 'Garments, curtains and offcuts: which patterns can be cut from them, by how little is lost.',
  },
  {
    path: '/learn',
    title: 'Getting better at it',
    says: 'Practise without a flame, guess weights, look anything up. That is all: now take a cloth in your hand.',
  },
]
