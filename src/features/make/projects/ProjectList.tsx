'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { Damaged } from '@/features/shared/damaged/Damaged'
import { type DamagedCard } from '@/features/shared/damaged/load'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { EmptyState } from '@/ui/empty/EmptyState'
import { StrongLink } from '@/ui/kit/links'
import { Page, Paper, Soft } from '@/ui/kit/surfaces'
import { type loadProjects } from './load'

type Loaded = Awaited<ReturnType<typeof loadProjects>>
type Row = Loaded['projects'][number]

const Cards = styled.div`
  display: grid;
  gap: 1.25rem;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 19rem), 1fr));
`

/** What is being made, and what was. */
export function ProjectList({ projects, count, damaged }: Loaded & { damaged: readonly DamagedCard[] }) {
  const going = projects.filter(({ finished }) => finished === null)
  const done = projects.filter(({ finished }) => finished !== null)
  return (
    <Page>
      <div>
        <h1>Projects</h1>
        <Soft>Each with its next step.</Soft>
      </div>
      <p>
        <StrongLink href="/make/projects/add">Start a project</StrongLink>
      </p>
      <Damaged cards={damaged} />
      {projects.length === 0 ? (
        <EmptyState drawing="stand" text="Each project will show its garment in your fabric, and its next step.">
          <p>You have no projects yet. A pattern, a size and a fabric make a project.</p>
        </EmptyState>
      ) : null}
      <Cards>
        {going.map((project) => (
          <ProjectCard key={project.id} {...project} />
        ))}
      </Cards>
      {done.length > 0 ? <h2>Done</h2> : null}
      <Cards>
        {done.map((project) => (
          <ProjectCard key={project.id} {...project} />
        ))}
      </Cards>
      {count > projects.length ? (
        <p>
          <Link href="/make/projects?all=yes" prefetch={false}>
            All {count} projects
          </Link>
        </p>
      ) : null}
    </Page>
  )
}

function ProjectCard({ id, name, pattern, next, finished, tile, cloth }: Row) {
  return (
    <Paper aria-labelledby={`project-${id}`}>
      {tile ? <ClothSwatch tile={tile} label={`${cloth}, drawn`} height="6rem" scale={0.7} /> : null}
      <h2 id={`project-${id}`}>
        <Link href={`/make/projects/${id}`}>{name}</Link>
      </h2>
      <Soft>{[pattern, cloth].filter(Boolean).join('; ') || 'no fabric chosen yet'}</Soft>
      <p>{finished ? `Done on ${finished}.` : next ? <b>Next: {next}.</b> : 'Everything is done.'}</p>
    </Paper>
  )
}
