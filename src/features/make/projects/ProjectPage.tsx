import Link from 'next/link'
import { STEP_WORDS, type MakingStep } from '@/core/vocabulary/making'
import { Figure } from '@/ui/garment/Figure'
import { Columns, Lead, Page, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { BuyStep } from './BuyStep'
import { ClothStep } from './ClothStep'
import { DoneStep } from './DoneStep'
import { DropProject } from './DropProject'
import { EnoughStep } from './EnoughStep'
import { HandStep } from './HandStep'
import { StepStrip } from './StepStrip'
import { type ProjectData } from './types'
import { WhichForm } from './WhichForm'

/** A project: what comes next stands first, the other steps below it. */
export function ProjectPage(project: ProjectData) {
  const { id, name, pattern, size, view, copies, steps, next, finished, main, garment, details } = project
  const now = steps.find(({ state }) => state === 'now')?.id
  const order = [...steps].sort((a, b) => Number(b.id === now) - Number(a.id === now)).map((step) => step.id)
  return (
    <Page>
      <div>
        <Link href="/make/projects">Projects</Link>
        <h1>{name}</h1>
        <Lead>{finished ? `Done on ${finished}.` : next ? `Next: ${next}.` : 'All steps are done.'}</Lead>
        <Soft>
          {pattern ? <Link href={`/make/patterns/${pattern.id}`}>{pattern.name}</Link> : 'Without a pattern'}
          {size ? `, size ${size}` : ''}
          {view ? `, view ${view}` : ''}
          {copies > 1 ? `, ${copies} of them` : ''}
        </Soft>
      </div>
      <StepStrip steps={steps} />
      <Columns $first="2fr">
        <Stack $gap="1.25rem">
          {order.map((step) => (
            <Paper key={step} id={`step-${step}`} aria-labelledby={`title-${step}`}>
              <h2 id={`title-${step}`}>{STEP_WORDS[step].title}</h2>
              <Soft>{STEP_WORDS[step].asks}</Soft>
              <StepBody step={step} project={project} />
            </Paper>
          ))}
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
          <WhichForm project={project} />
          <DropProject id={id} name={name} />
        </Stack>
      </Columns>
    </Page>
  )
}

function StepBody({ step, project }: { step: MakingStep; project: ProjectData }) {
  switch (step) {
    case 'cloth':
      return <ClothStep project={project} />
    case 'enough':
      return <EnoughStep project={project} />
    case 'buy':
      return <BuyStep project={project} />
    case 'done':
      return <DoneStep project={project} />
    default:
      return <HandStep project={project} step={step} />
  }
}
