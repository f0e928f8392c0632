'use client'

import Link from 'next/link'
import { ROLE_WORDS, type Role } from '@/core/vocabulary/choosing'
import { StrongLink } from '@/ui/kit/links'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Columns, Fields, Lead, Page, Paper, Stack } from '@/ui/kit/surfaces'
import { ClothChoice } from './ClothChoice'
import { CutOrder } from './CutOrder'
import { HandBar } from './HandBar'
import { LayAdvice } from './LayAdvice'
import { layAddress } from './layAddress'
import { LayTold } from './LayTold'
import { type LayData } from './load'
import { LayBoard } from './LayBoard'
import { useLayoutEditor } from './useLayoutEditor'
import { WishFields } from './WishFields'
import { useAddress } from '../../shared/address/useAddress'
import { itemAt } from '@/core/lists/items'
import { asPlainText } from '@/core/text/render'

/** Laying out: the answer first, the cloth with its pieces below it, what can be changed beside it. */
export function LayPage(data: LayData) {
  const { id, name, project, pieces } = data
  return (
    <Page>
      <div>
        <Link href={project ? `/make/projects/${project.id}` : `/make/patterns/${id}`}>{project?.name ?? name}</Link>
        <h1>Pattern layout</h1>
      </div>
      {pieces.length === 0 ? (
        <Paper>
          <Lead>This pattern has no outlines yet.</Lead>
          <Actions>
            <StrongLink href={`/make/patterns/${id}/pieces`}>Add pattern pieces</StrongLink>
          </Actions>
        </Paper>
      ) : (
        <Laying {...data} />
      )}
    </Page>
  )
}

function Laying(data: LayData) {
  const table = useLayoutEditor(data)
  const { lay } = table
  return (
    <>
      <LayTold table={table} />
      {table.lay ? <LayBoard table={table} /> : null}
      {table.lay ? <HandBar table={table} /> : null}
      {lay && !table.isRunning ? <CutOrder table={table} lay={lay} /> : null}
      {lay && !table.isRunning ? <LayAdvice key={asPlainText(lay.answer.text)} table={table} lay={lay} /> : null}
      <Columns>
        <Paper aria-labelledby="which-cloth">
          <h2 id="which-cloth">Fabric</h2>
          <Stack>
            <Which {...data} />
            <ClothChoice data={data} table={table} />
          </Stack>
        </Paper>
        <Paper aria-labelledby="how-laid">
          <h2 id="how-laid">Layout settings</h2>
          <WishFields table={table} />
        </Paper>
      </Columns>
    </>
  )
}

/** Which of the pattern is laid: the cloth it is cut from, and the size. */
function Which(data: LayData) {
  const { role, roles, size, sizes, chosen, project } = data
  const go = useAddress(layAddress, { cloth: chosen, project: project?.id, role, size }, { isStep: true })
  if (roles.length < 2 && sizes.length < 2) return null
  return (
    <Fields>
      {roles.length > 1 ? (
        <SelectField
          label="Pieces for"
          value={role}
          onChange={(value) => go({ role: value })}
          options={roles.map((one): [Role, string] => [one, ROLE_WORDS[one]])}
        />
      ) : null}
      {sizes.length > 1 ? (
        <SelectField
          label="Size"
          value={size || itemAt(sizes, 0)}
          onChange={(value) => go({ size: value })}
          options={sizes.map((one) => [one, one] as const)}
        />
      ) : null}
    </Fields>
  )
}
