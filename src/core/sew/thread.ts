import { bagThreads } from './kinds/bags'
import { quiltingThreads } from './kinds/quilting'
import { rankByPoints, type Points, type RankedWay, type Rule } from './rule'
import { type SewCase } from './sewCase'
import { type Thread } from '../vocabulary/threads'

const WORDS: Readonly<Record<Thread, string>> = {
  polyester: 'Polyester',
  cotton: 'Cotton',
  silk: 'Silk',
  nylon: 'Nylon',
}

export const THREAD_RULES: readonly Rule<Points<Thread>>[] = [
  {
    id: 'thread-polyester',
    when: () => true,
    gives: { polyester: 4 },
    text: 'strong, stretches a little, does not shrink and takes no dye.',
    safety: 0,
  },
  {
    id: 'thread-cotton-on-plant',
    when: (c) => c.isPlant && c.isWoven && c.stretch < 15 && !c.isFilm,
    gives: { cotton: 3 },
    text:
      'the same kind of fibre: takes dye with the fabric; it shrinks a little, and an unwashed seam ' + 'puckers.',
    safety: 1,
    school: 'thread',
  },
  {
    id: 'thread-cotton-picked',
    when: (c) => c.schools.thread === 'cotton' && c.isPlant && c.isWoven && c.stretch < 15,
    gives: { cotton: 3 },
    text: 'your preference on plant fibres.',
    safety: 1,
    school: 'thread',
  },
  {
    id: 'thread-silk-on-silk',
    when: (c) => c.isMostly('silken'),
    gives: { silk: 5, cotton: 1 },
    text: 'fine, smooth and springy: it leaves no mark when pressed. A fine polyester works as well.',
    safety: 1,
  },
  {
    id: 'thread-silk-on-wool',
    when: (c) => c.isMostly('felts'),
    gives: { silk: 3 },
    text: 'stretches with wool and sinks into it; lovely for hand sewing, expensive for long seams.',
    safety: 1,
  },
  {
    id: 'thread-none-shrinking-on-stretch',
    when: (c) => c.isKnit || c.stretch >= 15,
    gives: { cotton: -5, nylon: 2, polyester: 1 },
    text: 'has to stretch with the fabric: cotton snaps; soft (textured) nylon is for loopers and the bobbin.',
    safety: 3,
  },
  {
    id: 'thread-no-cotton-outside',
    when: (c) => c.isFilm || c.makes('swimwear', 'raincoat', 'rucksack'),
    gives: { cotton: -5, nylon: 2, polyester: 1 },
    text: 'does not rot in wet or under a film, where cotton does.',
    safety: 3,
  },
  {
    id: 'thread-strong-for-heavy',
    when: (c) => c.gsm >= 350 && c.isWoven && !c.isMostly('felts'),
    gives: { nylon: 2 },
    text: 'upholstery thread where there is load; ordinary thread everywhere else.',
    safety: 1,
  },
  ...quiltingThreads,
  ...bagThreads,
]

type ThreadChoice = Omit<RankedWay<Thread>, 'id'> & { fibre: Thread }

export const threadChoices = (c: SewCase): ThreadChoice[] =>
  rankByPoints(THREAD_RULES, c, WORDS, 3).map(({ id, ...rest }: RankedWay<Thread>) => ({ fibre: id, ...rest }))
