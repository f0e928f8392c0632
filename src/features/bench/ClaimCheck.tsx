'use client'

import { useState } from 'react'
import { identify } from '@/core/identify/identify'
import { type ClaimAnswer, type ClaimItem, type Observation } from '@/core/identify/types'
import { Paper, Slip, Soft } from '@/ui/controls/surfaces'
import { ClaimRows, claimTotal } from '../fibres/ClaimRows'
import { usePreferences } from '../settings/PreferencesContext'

const TITLES = { supported: 'It fits', doubtful: 'Doubtful', contradicted: 'It does not fit', untested: 'Not tested by this' } as const

/** Is the label or the seller's word true? Judged as it is typed. */
export function ClaimCheck({ observations }: { observations: readonly Observation[] }) {
  const { words } = usePreferences()
  const [claim, setClaim] = useState<ClaimItem[]>([])
  const usable = claim.length > 0 && !claimTotal(claim).tooMuch && claim.every(({ percent }) => percent > 0)
  const judged = usable ? identify({ observations, claim }, words).claim : undefined
  return (
    <Paper aria-labelledby="claim">
      <h2 id="claim">Is the label true?</h2>
      <Soft>What the label or the seller says, with percentages.</Soft>
      <ClaimRows claim={claim} onChange={setClaim} />
      {judged ? <ClaimSlip judged={judged} /> : null}
    </Paper>
  )
}

/** The judgement on a claim. */
export function ClaimSlip({ judged }: { judged: ClaimAnswer }) {
  return (
    <Slip $tone={judged.verdict === 'contradicted' ? 'warn' : judged.verdict === 'supported' ? 'good' : 'plain'} role="status">
      <b>{TITLES[judged.verdict]}.</b> {judged.text}
    </Slip>
  )
}
