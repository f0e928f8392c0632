'use client'

import { useState } from 'react'
import { Button } from '@/ui/kit/buttons'
import { NumberField } from '@/ui/kit/NumberField'
import { Actions, Paper } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { changeProject } from './actions'
import { WhichField } from './NewProject'
import { type ProjectData } from './types'

/** Size, view and how many: what is enough follows from them. */
export function WhichForm({ project }: { project: ProjectData }) {
  const { busy, trouble, doing } = useAsyncAction()
  const [size, setSize] = useState(project.size)
  const [view, setView] = useState(project.view)
  const [copies, setCopies] = useState(project.copies)
  return (
    <Paper aria-labelledby="which">
      <h2 id="which">Pattern, size and number</h2>
      <WhichField label="Size" value={size} all={project.sizes} onChange={setSize} />
      <WhichField label="View" value={view} all={project.views} onChange={setView} />
      <NumberField
        label="How many"
        minValue={1}
        maxValue={100}
        value={copies}
        onChange={(value) => setCopies(Number.isFinite(value) ? Math.round(value) : 1)}
      />
      <Actions>
        <Button
          isDisabled={busy}
          onPress={() => doing(() => changeProject(project.id, { do: 'which', size, view, copies }))}
        >
          {busy ? 'Saving…' : 'Save changes'}
        </Button>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}
