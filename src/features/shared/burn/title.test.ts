import { type Verdict } from '@/core/identify/types'
import { verdictTitle } from './title'

const verdict = (rest: Partial<Verdict>): { verdict: Verdict } => ({
  verdict: {
    level: 'undecided',
    ids: [],
    sides: [],
    sure: null,
    leaning: [],
    leaningProbability: 0.5,
    probability: 0.9,
    text: '',
    ...rest,
  },
})

it.each([
  ['a fibre', { level: 'fibre', ids: ['viscose'], leaning: ['viscose'] }, 'Viscose', 'Rayon'],
  ['a family', { level: 'family', ids: ['plant'] }, 'Plant fibre', 'Plant fibre'],
  ['two families', { level: 'group', ids: ['plant', 'regenerated'] }, 'Plant or regenerated fibre', undefined],
  [
    'one for sure',
    { level: 'group', sure: 'protein', ids: ['protein', 'synthetic', 'plant'] },
    'Protein fibre, alone or with synthetic or plant',
    undefined,
  ],
  ['a blend', { level: 'blend', sides: [['wool'], ['viscose']] }, 'Wool, with viscose', 'Wool, with rayon'],
  [
    'a blend with an open side',
    { level: 'blend', sides: [['cotton', 'viscose'], ['synthetic']] },
    'Cotton or viscose, with synthetic',
    'Cotton or rayon, with synthetic',
  ],
  ['nothing', { level: 'undecided' }, 'Not clear yet', 'Not clear yet'],
] as const)('%s in a few words', (_, told, uk, us) => {
  const one = verdict(told as unknown as Partial<Verdict>)
  expect(verdictTitle(one, 'uk')).toBe(uk)
  if (us) expect(verdictTitle(one, 'us')).toBe(us)
})
