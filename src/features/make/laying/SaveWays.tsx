'use client'

import { useState } from 'react'
import { PAPERS, type PaperId } from '@/core/vocabulary/paper'
import { Button } from '@/ui/kit/buttons'
import { CheckField } from '@/ui/kit/checks'
import { saveFile } from '@/ui/kit/saveFile'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { cutStepsOf } from './CutOrder'
import { printedGrounds } from './printed'
import { planPdf } from './printActions'
import { type OnTable, type LayoutEditor } from './useLayoutEditor'

const paperOptions = (Object.keys(PAPERS) as PaperId[]).map((id): [PaperId, string] => [id, PAPERS[id].words])

export interface SaveProps {
  table: LayoutEditor
  lay: OnTable
  says: string
}

/** The plan on paper or as a file: paper, full size or not, and open formats. */
export function SaveWays({ table, lay, says }: SaveProps) {
  const preferences = usePreferences()
  const { busy, trouble, doing } = useAsyncAction()
  const [paper, setPaper] = useState<PaperId>(preferences.paper)
  const [isFullSize, setFullSize] = useState(false)
  const name = table.data.name
  const polygons = () =>
    lay.placements.map(({ id, polygon }) => ({ name: table.names.get(id) ?? id, outline: polygon }))
  const svg = async () => {
    const { svgOfLay } = await import('@/core/formats/svg/write')
    saveFile(`${name}, layout.svg`, svgOfLay(lay.task, lay.layers, polygons(), table.usedMm), 'image/svg+xml')
  }
  const dxf = async () => {
    const { dxfOfPolygons } = await import('@/core/formats/dxf/write')
    saveFile(`${name}, layout.dxf`, dxfOfPolygons(polygons()), 'image/vnd.dxf')
  }
  const pdf = () =>
    doing(async () => {
      const outcome = await planPdf({
        title: (table.data.project?.name ?? name).slice(0, 120),
        says,
        grounds: printedGrounds(table, lay),
        order: cutStepsOf(table, lay).map((step) => step.slice(0, 400)),
        paper,
        isFullSize,
      })
      if (outcome.ok) saveFile(`${name}, cutting plan.pdf`, outcome.bytes, 'application/pdf')
      return outcome
    })
  return (
    <Stack $gap="0.8rem">
      <Actions>
        <SelectField label="Paper" value={paper} onChange={setPaper} options={paperOptions} />
        <CheckField isSelected={isFullSize} onChange={setFullSize}>
          Every piece at full size, on pages to tape together
        </CheckField>
        <Button onPress={pdf} isDisabled={busy}>
          Save as PDF
        </Button>
      </Actions>
      <Actions>
        <Button onPress={() => void svg()}>Save as SVG, 1 : 1</Button>
        <Button onPress={() => void dxf()}>Save as DXF</Button>
        <Soft>For a copy shop, a projector or a pattern program.</Soft>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}
