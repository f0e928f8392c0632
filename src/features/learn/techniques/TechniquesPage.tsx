'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { type Technique } from '@/core/sew/techniques'
import { Lead, Page, Paper, Soft } from '@/ui/kit/surfaces'
import { DRAWN_SO, TechniqueSteps, type TriedSeam } from './Steps'
import { Say } from '@/ui/text/Say'

const Jump = styled.nav`
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
`
interface Props {
  techniques: readonly Technique[]
  /** By the technique, the latest first. */
  tried: Readonly<Record<string, readonly TriedSeam[]>>
}

/** Seams, hems and ways of working, drawn step by step. */
export function TechniquesPage({ techniques, tried }: Props) {
  return (
    <Page>
      <div>
        <h1>Sewing techniques</h1>
        <Lead>Step by step, with the fabric drawn from its edge. Try each on a scrap of the same fabric.</Lead>
      </div>
      <Jump aria-label="Techniques">
        {techniques.map(({ id, name }) => (
          <a key={id} href={`#${id}`}>
            <Say>{name}</Say>
          </a>
        ))}
      </Jump>
      <Soft>
        <Say>{DRAWN_SO}</Say>
      </Soft>
      {techniques.map((technique) => (
        <Paper key={technique.id} id={technique.id} aria-labelledby={`title-${technique.id}`}>
          <h2 id={`title-${technique.id}`}>
            <Say>{technique.name}</Say>
          </h2>
          <TechniqueSteps technique={technique} tried={tried[technique.id] ?? []} />
          <Link href={`/learn/techniques/${technique.id}`} prefetch={false}>
            Recommended fabrics
          </Link>
        </Paper>
      ))}
    </Page>
  )
}
