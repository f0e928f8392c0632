'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { ROLE_WORDS, type Role } from '@/core/vocabulary/choosing'
import { StrongLink } from '@/ui/kit/links'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Fields, Folds, Lead, Page, Paper } from '@/ui/kit/surfaces'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { ClothChoice } from './ClothChoice'
import { HandBar } from './HandBar'
import { layAddress } from './layAddress'
import { LayTold } from './LayTold'
import { type LayData } from './load'
import { LayBoard } from './LayBoard'
import { SavePlan } from './SavePlan'
import { PieceTray } from './PieceTray'
import { useLayoutEditor } from './useLayoutEditor'
import { useAddress } from '../../shared/address/useAddress'
import { itemAt } from '@/core/lists/items'
import { asPlainText } from '@/core/text/render'
import { useSay } from '@/ui/text/reader'

// What is folded, or comes after the first layout, is fetched with it.
const CutOrder = dynamic(() => import('./CutOrder').then((found) => found.CutOrder))
const LayAdvice = dynamic(() => import('./LayAdvice').then((found) => found.LayAdvice))
const ShopFields = dynamic(() => import('./ShopFields').then((found) => found.ShopFields))
const WishFields = dynamic(() => import('./WishFields').then((found) => found.WishFields))

/** Laying out: the fabrics as swatches, the answer, the cloth with its pieces; what can be changed is folded below. */
export function LayPage({ asked, ...data }: LayData & { asked: string }) {
  const { id, name, project, pieces } = data
  return (
    <Page $gap="1rem">
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
        <>
          <ClothChoice data={data} />
          {/* Another question is another table; the row of fabrics stays as it is, and the keys in it. */}
          <Laying key={asked} {...data} />
        </>
      )}
    </Page>
  )
}

function Laying(data: LayData) {
  const table = useLayoutEditor(data)
  const { lay } = table
  const say = useSay()
  return (
    <>
      <Which {...data} />
      <LayTold table={table} />
      {lay ? <LayBoard table={table} /> : null}
      {lay ? <HandBar table={table} /> : null}
      <PieceTray table={table} />
      {lay && !table.isRunning ? <CutOrder table={table} lay={lay} /> : null}
      {lay && !table.isRunning ? <LayAdvice key={asPlainText(lay.answer.text)} table={table} lay={lay} /> : null}
      {lay && !table.isRunning ? <SavePlan table={table} lay={lay} says={say(lay.answer.text)} /> : null}
      <Folds>
        {data.chosen.length === 0 ? (
          <WhenOpened summary="Fabric to buy">{() => <ShopFields table={table} />}</WhenOpened>
        ) : null}
        <WhenOpened summary="Layout settings">{() => <WishFields table={table} />}</WhenOpened>
      </Folds>
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
