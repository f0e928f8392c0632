import Link from 'next/link'
import { Figure } from '@/ui/garment/Figure'
import { Columns, Lead, Page, Soft, Stack } from '@/ui/kit/surfaces'
import { ProjectMore } from './ProjectMore'
import { ProjectSteps } from './ProjectSteps'
import { type ProjectData } from './types'

/** A project: what comes next is open, the garment stands beside it. */
export function ProjectPage(project: ProjectData) {
  const { id, name, pattern, size, view, copies, next, finished, main, garment, details } = project
  return (
    <Page $gap="1rem">
      <div>
        <Link href="/make/projects">Projects</Link>
        <h1>{name}</h1>
        <Lead>{finished ? `Done on ${finished}.` : next ? `Next: ${next}.` : 'All steps are done.'}</Lead>
        <Soft>
          {pattern ? <Link href={`/make/patterns/${pattern.id}`}>{pattern.name}</Link> : 'Without a pattern'}
          {size ? `, size ${size}` : ''}
          {view ? `, view ${view}` : ''}
          {copies > 1 ? `, ${copies} of them` : ''} ·{' '}
          <Link href={`/make/projects/${id}/schedule`}>Project schedule</Link>
        </Soft>
      </div>
      <Columns $first="2.4fr">
        <Stack $gap="0.75rem">
          <ProjectSteps project={project} />
        </Stack>
        <Stack $gap="1.25rem">
          {main ? (
            <Figure
              garment={garment}
              details={details}
              tile={main.tile}
              body={main.body}
              sheer={main.sheer}
              pins={[]}
              label={`${name}, of ${main.name}`}
            />
          ) : null}
          <ProjectMore project={project} />
        </Stack>
      </Columns>
    </Page>
  )
}
