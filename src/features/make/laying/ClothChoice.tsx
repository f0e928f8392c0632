'use client'

import Link from 'next/link'
import { useState } from 'react'
import styled from 'styled-components'
import { formatNeeded, formatOwned, formatWidth } from '@/core/units/format'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { TextField } from '@/ui/kit/fields'
import { Soft, Stack } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { useFoundPieces } from '../../shared/stash/useFoundPieces'
import { layAddress } from './layAddress'
import { type LayData, type Offered } from './load'
import { useAddress } from '../../shared/address/useAddress'

const Strip = styled.div`
  display: flex;
  gap: 0.6rem;
  overflow-x: auto;
  padding: 4px 4px 0.6rem;
`
const Search = styled.div`
  max-width: 20rem;
`
const Swatch = styled.button`
  flex: 0 0 8.6rem;
  display: grid;
  grid-template-rows: auto 1fr;
  gap: 0.3rem;
  padding: 0.3rem;
  min-height: 2.75rem;
  text-align: left;
  font: inherit;
  font-size: 0.92rem;
  line-height: 1.2;
  color: var(--ink);
  background: var(--paper);
  border: 1.5px solid var(--line);
  border-radius: 3px;
  cursor: pointer;
  &[aria-pressed='true'] {
    border: 3px solid var(--madder);
    padding: calc(0.3rem - 1.5px);
  }
  &[aria-disabled='true'] {
    cursor: default;
    color: var(--ink-soft);
  }
  &:focus-visible {
    outline: 3px solid var(--madder);
    outline-offset: 1px;
  }
`
const NoWidth = styled.div`
  flex: 0 0 8.6rem;
  display: grid;
  align-content: space-between;
  gap: 0.3rem;
  padding: 0.3rem;
  font-size: 0.92rem;
  line-height: 1.2;
  border: 1.5px dashed var(--line);
  border-radius: 3px;
`

/** The fabrics of the stash that it can be laid on, as a row of swatches: the best first, all others by their name. */
export function ClothChoice({ data }: { data: LayData }) {
  const { chosen, offered, project, role, size } = data
  const [typed, setTyped] = useState('')
  const found = useFoundPieces(typed)
  const go = useAddress(layAddress, { cloth: chosen, project: project?.id, role, size }, { isStep: true })
  const take = (id: string) => {
    const isOn = chosen.includes(id)
    setTyped('')
    go({ cloth: isOn ? chosen.filter((one) => one !== id) : [...chosen, id] })
  }
  const others = found?.filter(({ id }) => !offered.some((one) => one.id === id))
  const shown = found ? offered.filter(({ id }) => found.some((one) => one.id === id)) : offered
  return (
    <Stack as="section" aria-label="Fabric" $gap="0.4rem">
      <Search>
        <TextField label="Find another fabric" value={typed} onChange={setTyped} />
      </Search>
      <Strip role="group" aria-label="From the stash: choose several to use them together">
        {shown.map((ground) => (
          <OneCloth
            key={ground.id}
            ground={ground}
            isOn={chosen.includes(ground.id)}
            onPress={() => take(ground.id)}
          />
        ))}
        {others?.map(({ id, name }) => (
          <Swatch key={id} type="button" aria-pressed={false} onClick={() => take(id)}>
            {name}
          </Swatch>
        ))}
        {found && shown.length === 0 && others?.length === 0 ? <p role="status">We found no such fabric.</p> : null}
      </Strip>
    </Stack>
  )
}

function OneCloth({ ground, isOn, onPress }: { ground: Offered; isOn: boolean; onPress: () => void }) {
  const { units } = usePreferences()
  const { id, name, widthMm, lengthMm, outline, shrinkPercent, oneWay, taken, isGone, tile } = ground
  const picture = (
    <span aria-hidden>
      <ClothSwatch tile={tile} label="" height="3.6rem" scale={0.6} />
    </span>
  )
  if (outline === null && widthMm <= 0)
    return (
      <NoWidth>
        {picture}
        {name}
        <Link href={`/stash/${id}/edit`}>Enter its width</Link>
      </NoWidth>
    )
  const size = outline
    ? 'irregular shape'
    : `${formatWidth(widthMm, units)} wide${lengthMm === null ? '' : `, ${formatOwned(lengthMm, units)} left`}`
  const notes = [
    ...taken.map((one) => `reserved for ${one.name}${one.mm === null ? '' : `: ${formatNeeded(one.mm, units)}`}`),
    isGone && taken.length === 0 ? 'cut up already' : '',
    oneWay ? 'one way' : '',
    shrinkPercent.length > 0 ? `allows for ${shrinkPercent.length} % shrinkage` : '',
  ].filter(Boolean)
  return (
    <Swatch type="button" aria-pressed={isOn} aria-disabled={isGone} onClick={isGone ? undefined : onPress}>
      {picture}
      <span>
        <b>{name}</b> <Soft as="span">{[size, ...notes].join('; ')}</Soft>
      </span>
    </Swatch>
  )
}
