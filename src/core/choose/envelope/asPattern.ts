import { type PatternRecord } from '../../notebook/kinds/pattern'
import { type Need } from '../../notebook/schemas/need'
import { type LengthAsked } from '../../notebook/schemas/making'
import { type EnvelopeRead } from './readEnvelope'
import { type LengthRead } from './reading'

/** What an envelope gives a pattern’s record; its name and notes are the person’s own. */
export function patternFrom(
  read: EnvelopeRead,
): Pick<PatternRecord, 'need' | 'lengths' | 'partners' | 'notions' | 'notRead'> {
  const main = read.roles.find(({ role }) => role === 'main')
  const avoid = read.avoid.map(({ id }) => id)
  return {
    need: {
      ...ofCloth(main?.need ?? {}),
      details: main?.need.details ?? [],
      ...(read.garment && { garment: read.garment }),
      ...(avoid.length > 0 && { avoid }),
    },
    lengths: (main?.lengths ?? []).map(asAsked),
    partners: read.roles.flatMap(({ role, need, lengths }) =>
      role === 'main' ? [] : [{ role, label: '', need: ofCloth(need), lengths: lengths.map(asAsked) }],
    ),
    notions: read.notions.map(({ id, text, count }) => ({ id, text, count })),
    notRead: read.notRead,
  }
}

/** A need without what its place in the pattern says already. */
function ofCloth(need: Need): Need {
  const own = { ...need }
  delete own.garment
  delete own.role
  return own
}

/** A length without the line that it was read from. */
const asAsked = ({ size, view, widthMm, lengthMm, nap }: LengthRead): LengthAsked => ({
  size,
  view,
  widthMm,
  lengthMm,
  nap,
})
