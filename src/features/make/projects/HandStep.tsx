import Link from 'next/link'
import { type MakingStep } from '@/core/vocabulary/making'
import { Soft, Stack } from '@/ui/kit/surfaces'
import { type ProjectData } from './types'
import { StepTick } from './StepTick'
import { mustHave } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

const TICKS: Partial<Record<MakingStep, string>> = {
  prepare: 'The fabric is washed as it will be later, pressed and straight',
  cut: 'It is cut and marked',
  sew: 'It is sewn',
}

/** A step that only the person can see to. */
export function HandStep({ project, step }: { project: ProjectData; step: MakingStep }) {
  return (
    <Stack $gap="0.6rem">
      {step === 'prepare' ? <Washing project={project} /> : null}
      {step === 'prepare' || step === 'sew' ? <Ahead project={project} step={step} /> : null}
      {step === 'cut' ? <Cutting project={project} /> : null}
      <StepTick project={project} step={step} label={TICKS[step] ?? 'It is done'} />
    </Stack>
  )
}

/** The plan of everything, and how each cloth wants to be handled. */
function Ahead({ project: { id, places, garment }, step }: { project: ProjectData; step: MakingStep }) {
  if (step === 'prepare')
    return (
      <p>
        <Link href={`/make/projects/${id}/schedule`}>
          Project schedule: what to do when, from washing to the last hem
        </Link>
      </p>
    )
  return places
    .filter(({ chosen }) => chosen?.pieceId)
    .map(({ title, chosen }) => (
      <p key={title}>
        <Link href={`/stash/${mustHave(chosen).pieceId}/sew${garment ? `?garment=${garment}` : ''}`}>
          How to sew {mustHave(chosen).name}
        </Link>
        : needle, thread, seams, iron.
      </p>
    ))
}

function Washing({ project: { set, places } }: { project: ProjectData }) {
  const unwashed = places.flatMap(({ title, chosen }) => {
    const reason = chosen?.match?.reasons.find(({ property }) => property === 'washing')
    return reason ? [{ title, name: mustHave(chosen).name, text: reason.text }] : []
  })
  return (
    <>
      {unwashed.map(({ title, name, text }) => (
        <p key={title}>
          <b>{name}</b>: <Say>{text}</Say>
        </p>
      ))}
      {set ? (
        <Soft>
          <Say>{set.care}</Say>
        </Soft>
      ) : null}
    </>
  )
}

/** What is cut is taken off the shelf on the page of the piece, where offcuts become pieces too. */
function Cutting({ project: { places } }: { project: ProjectData }) {
  const own = places.filter(({ chosen }) => chosen?.pieceId)
  return own.map(({ title, chosen }) => (
    <p key={title}>
      After cutting,{' '}
      <Link href={`/stash/${mustHave(chosen).pieceId}#cut`}>record what is left of {mustHave(chosen).name}</Link>.
    </p>
  ))
}
