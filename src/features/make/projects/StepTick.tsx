'use client'

import { type MakingStep } from '@/core/vocabulary/making'
import { CheckField } from '@/ui/kit/checks'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { changeProject } from './actions'
import { type ProjectData } from './types'

/** A step that the person says is behind them. */
export function StepTick({ project, step, label }: { project: ProjectData; step: MakingStep; label: string }) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <>
      <CheckField
        isSelected={project.behind.includes(step)}
        isDisabled={busy}
        onChange={(isBehind) => doing(() => changeProject(project.id, { do: 'step', step, isBehind }))}
      >
        {label}
      </CheckField>
      <Trouble>{trouble}</Trouble>
    </>
  )
}
