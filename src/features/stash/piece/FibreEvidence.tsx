'use client'

import Link from 'next/link'
import { Lead, Callout } from '@/ui/kit/surfaces'
import { ClaimSlip } from '../../shared/burn/ClaimCheck'
import { Likeliest } from '../../shared/burn/Belief'
import { Strips } from '../../shared/burn/Strips'
import { verdictTitle } from '../../shared/burn/title'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { SameCloth } from './SameCloth'
import { type PieceData } from './types'
import { Say } from '@/ui/text/Say'

/** What its burns say together, what each looked like, and what else it could be. */
export function FibreEvidence({ piece, belief, tests }: PieceData) {
  const { words } = usePreferences()
  if (!belief) return null
  const yarn = { fill: piece.look.warp, edge: piece.look.weft }
  return (
    <>
      <h3>{verdictTitle(belief, words)}</h3>
      <Lead>
        <Say>{belief.verdict.text}</Say>
      </Lead>
      {belief.parts ? <Callout>{belief.parts.text}</Callout> : null}
      {belief.claim ? <ClaimSlip judged={belief.claim} /> : null}
      {tests.map(({ id, answers, on }) => (
        <div key={id}>
          <Strips answers={answers} yarn={yarn} />
          <Link href={`/identify/burn/${id}`}>Open this test: reasons, and what would tell for certain</Link>{' '}
          {on ? <SameCloth on={on} /> : null}
        </div>
      ))}
      <Likeliest answer={belief} few={4} words={words} />
    </>
  )
}
