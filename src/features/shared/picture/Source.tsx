'use client'

import { useState } from 'react'
import { DropZone } from 'react-aria-components'
import styled from 'styled-components'
import { type Shot } from '@/devices/standins/camera'
import { Button } from '@/ui/kit/buttons'
import { PickFile } from '@/ui/kit/PickFile'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Fields, Soft } from '@/ui/kit/surfaces'
import { type PictureWork } from './usePicture'
import { itemAt } from '@/core/lists/items'

const KINDS = ['image/jpeg', 'image/png', 'image/webp']

const Zone = styled(DropZone)`
  display: grid;
  gap: 0.6rem;
  padding: 0.9rem;
  border: 1.5px dashed var(--ink-soft);
  border-radius: 3px;
  &[data-drop-target] {
    border-color: var(--madder);
    background: var(--paper-deep);
  }
`
const Pretend = styled.details`
  > :last-child {
    margin-top: 0.8rem;
  }
  summary {
    cursor: pointer;
    min-height: 2.5rem;
    display: flex;
    align-items: center;
    font-weight: 700;
  }
  summary::before {
    content: '▸';
    margin-right: 0.5rem;
  }
  &[open] summary::before {
    content: '▾';
  }
`

type Subjects = readonly (readonly [Shot['of'], string])[]

interface Props {
  work: Pick<PictureWork, 'shoot'> & { open: (file: File) => Promise<unknown> }
  /** What the made-up camera can be pointed at; left out: it is not offered. */
  subjects?: Subjects
}

/** Where a picture comes from: a file, a drop, the camera of a phone, or a made-up camera to try it with. */
export function Source({ work, subjects }: Props) {
  return (
    <Zone
      aria-label="Drop a photo here"
      onDrop={({ items }) => {
        const file = items.find((item) => item.kind === 'file' && KINDS.includes(item.type))
        if (file?.kind === 'file') void file.getFile().then(work.open)
      }}
    >
      <Actions>
        <PickFile label="Choose a photo" types={KINDS} onPick={(file) => void work.open(file)} strong />
        <PickFile label="Use this phone’s camera" types={KINDS} onPick={(file) => void work.open(file)} camera />
      </Actions>
      <Soft>JPEG, PNG or WebP, up to 24 megapixels; or drop it here. It stays on this device.</Soft>
      {subjects ? <MadeUpCamera work={work} subjects={subjects} /> : null}
    </Zone>
  )
}

/** Pictures of cloth where there is no cloth at hand. */
function MadeUpCamera({ work, subjects }: Required<Props>) {
  const [of, setOf] = useState<Shot['of']>(itemAt(subjects, 0)[0])
  const [ends, setEnds] = useState(28)
  const [picks, setPicks] = useState(22)
  const [turn, setTurn] = useState(4)
  const [drape, setDrape] = useState(45)
  const isWeave = of !== 'disc' && of !== 'nothing'
  return (
    <Pretend>
      <summary>No fabric at hand? Use a simulated camera</summary>
      <Fields>
        <SelectField
          label="Point it at"
          value={of}
          onChange={(value) => setOf(value as Shot['of'])}
          options={subjects}
        />
        {isWeave ? (
          <>
            <NumberField
              label="Warp threads per cm"
              minValue={4}
              maxValue={60}
              value={ends}
              onChange={(value) => setEnds(value || 28)}
            />
            <NumberField
              label="Weft threads per cm"
              minValue={4}
              maxValue={60}
              value={picks}
              onChange={(value) => setPicks(value || 22)}
            />
            <NumberField
              label="Rotated"
              unit="°"
              minValue={-20}
              maxValue={20}
              value={turn}
              onChange={(value) => setTurn(value || 0)}
            />
          </>
        ) : null}
        {of === 'disc' ? (
          <NumberField
            label="Drape"
            unit="%"
            minValue={5}
            maxValue={95}
            value={drape}
            onChange={(value) => setDrape(value || 45)}
          />
        ) : null}
      </Fields>
      <Actions>
        <Button
          onPress={() =>
            void work.shoot({ of, endsPerCm: ends, picksPerCm: picks, turnDeg: turn, drape: drape / 100 })
          }
        >
          Take photo
        </Button>
      </Actions>
    </Pretend>
  )
}
