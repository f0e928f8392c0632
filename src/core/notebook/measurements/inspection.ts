import { z } from 'zod'
import { inspectionById } from '../../cloths/inspection'
import { nameCloth } from '../../cloths/name'
import { capitalise, formatPercent } from '../../units/format'
import { type InspectionId } from '../../vocabulary/inspection'
import { type Vocabulary } from '../../vocabulary/words'
import { InspectionSchema } from '../schemas/inspection'
import { defineMeasurement, defineReadingForm, type PropertyCandidate } from './define'
import { mustHave } from '../../lists/items'

const schema = z.strictObject({ kind: z.literal('inspection'), answers: InspectionSchema })

export const inspectionKind = defineMeasurement({
  id: 'inspect',
  title: 'Fabric name',
  term: 'identification by construction',
  finds: 'Look and feel, and turn it over: each question narrows it down as much as possible.',
  how: ['Look at the right side, the back and one pulled thread.', 'Answer what you can see; leave the rest empty.'],
  elsewhere: true,
  forms: {
    inspection: defineReadingForm({ schema, says: ({ answers }) => seenWords(answers) }),
  },
  pool: (readings) => readings.at(-1) ?? null,
  properties: {
    seen: {
      title: 'Looks like',
      term: 'construction',
      now: (_, { vocabulary }, all) => [seen(all.at(-1)?.answers, vocabulary)],
    },
  },
})

type Answers = z.output<typeof InspectionSchema>

/** What was answered, feature by feature: `weave: satin; pile: nothing`. */
function seenWords(answers: Answers): string {
  const labels = given(answers).map(([id, states]) => {
    const { title, states: known } = inspectionById(id)
    const said = states.map((state) => mustHave(known.find((one) => one.id === state)).label.toLowerCase())
    return `${title.toLowerCase()}: ${said.join(' and ')}`
  })
  return capitalise(labels.join('; '))
}

function given(answers: Answers): [InspectionId, string[]][] {
  return Object.entries(answers).filter((one): one is [InspectionId, string[]] => one[1] !== undefined)
}

/** What was seen at the last inspection, and the name that it speaks for. */
function seen(answers: Answers | undefined, vocabulary: Vocabulary): PropertyCandidate | null {
  if (!answers) return null
  const [first, second] = nameCloth({ inspection: Object.fromEntries(given(answers)) }, vocabulary).names
  const rival = second ? `, or ${second.name.toLowerCase()}` : ''
  return {
    how: 'measured',
    value: `${mustHave(first).name.toLowerCase()} (${formatPercent(mustHave(first).probability)})${rival}`,
    note: seenWords(answers),
  }
}
