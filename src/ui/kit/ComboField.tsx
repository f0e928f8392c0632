'use client'

import { ChevronDown } from 'lucide-react'
import { useId, useRef, useState, type ComponentType } from 'react'
import styled from 'styled-components'
import { type ComboList } from './ComboList'
import { type ComboProps } from './completeOptions'
import { box, field } from './fieldStyles'
import { Say } from '../text/Say'

const Box = styled.div`
  ${field}
  .line {
    position: relative;
    display: flex;
  }
  svg {
    position: absolute;
    right: 0.75rem;
    top: calc(50% - 10px);
    pointer-events: none;
  }
`
const Typed = styled.input`
  ${box}
  padding-right: 2.75rem;
`

type List = ComponentType<Parameters<typeof ComboList>[0]>

/**
 * One of many: a field that completes what is typed. The list weighs as much as all other fields together, so that it
 * is fetched when somebody comes into the field; what they type meanwhile is kept.
 */
export function ComboField(props: ComboProps) {
  const { label, hint, error, options, chosen } = props
  const id = useId()
  const own = useRef<HTMLInputElement>(null)
  const [typed, setTyped] = useState<string>()
  const [loaded, setLoaded] = useState<{ List: List; isInIt: boolean }>()
  if (loaded) return <loaded.List {...props} begun={typed} isInIt={loaded.isInIt} />
  const load = () =>
    void import('./ComboList').then(({ ComboList: List }) =>
      setLoaded({ List, isInIt: document.activeElement === own.current }),
    )
  return (
    <Box>
      <label htmlFor={id}>
        <Say>{label}</Say>
      </label>
      <div className="line">
        <Typed
          ref={own}
          id={id}
          role="combobox"
          aria-expanded={false}
          aria-autocomplete="list"
          aria-invalid={error !== undefined}
          data-invalid={error === undefined ? undefined : ''}
          aria-describedby={hint ? `${id}-hint` : undefined}
          autoComplete="off"
          value={typed ?? options.find((option) => option.id === chosen)?.label ?? ''}
          onChange={(event) => setTyped(event.target.value)}
          onFocus={load}
        />
        <ChevronDown aria-hidden size={20} />
      </div>
      {hint ? (
        <span slot="description" id={`${id}-hint`}>
          <Say>{hint}</Say>
        </span>
      ) : null}
      {error ? <span className="error">{error}</span> : null}
    </Box>
  )
}
