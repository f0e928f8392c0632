'use client'

import Link from 'next/link'
import { ChevronDown } from 'lucide-react'
import { type ComponentProps } from 'react'
import styled from 'styled-components'
import { Figure } from '@/ui/garment/Figure'
import { QuietButton } from '@/ui/kit/buttons'
import { ShareBar } from '@/ui/kit/Share'
import { type Match } from '@/core/choose/fit/types'
import { type Enough } from '@/core/choose/enough/enough'
import { STATUS_MARKS, verdictWords } from '../../shared/choose/words'
import { ENOUGH_WORDS } from '../holding/enoughWords'
import { type MatchCard } from './MatchCard'

const Tile = styled.article`
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 4px;
  padding: 0.5rem 0.6rem 0.4rem;
  height: 100%;
  display: grid;
  grid-template-rows: auto 1fr auto;
  gap: 0.35rem;
  line-height: 1.25;
  h3 {
    font-size: 1rem;
    margin: 0;
  }
  svg[role='img'] {
    height: 8.5rem;
  }
  p {
    font-size: 0.92rem;
  }
  .good .mark {
    color: var(--green);
  }
  .near .mark,
  .unknown .mark {
    color: var(--weld-ink);
  }
  .bad .mark {
    color: var(--madder);
  }
  .mark {
    font-weight: 700;
  }
`
const Bar = styled.div`
  height: 6px;
  border: 1px solid var(--ink-soft);
  i {
    display: block;
    height: 100%;
    background: var(--green);
  }
  &[data-verdict='short'] i {
    background: var(--madder);
  }
  &[data-verdict='perhaps'] i,
  &[data-verdict='lay-it-out'] i {
    background: var(--weld);
  }
`

type Props = ComponentProps<typeof MatchCard> & { onOpen: () => void; wasClosed: boolean }

/** One fabric on the board: the garment in it, one mark, whether it is enough as a bar; opened, the reasons. */
export function MatchTile(props: Props) {
  const { title, href, match, tile, body, sheer, garment, details, clothName, enough, keptBy } = props
  const status = statusOf(match)
  return (
    <Tile>
      <Figure
        {...{ garment, details, tile, body, sheer }}
        pins={NO_PINS}
        label={`${clothName} drawn with its drape: ${body}`}
      />
      <div>
        <h3>
          <Link href={href} prefetch={false}>
            {title}
          </Link>
        </h3>
        <p className={status}>
          <span className="mark" aria-hidden>
            {STATUS_MARKS[status].mark}{' '}
          </span>
          {verdictWords(match)}
        </p>
        {enough ? <EnoughBar enough={enough} /> : null}
        {keptBy ? <p>Reserved for {keptBy.name}.</p> : null}
      </div>
      <Foot {...props} />
    </Tile>
  )
}

const NO_PINS = [] as const

const Bottom = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  font-size: 0.92rem;
  button {
    padding-inline: 0.25rem;
  }
`

function Foot({ actions, title, onOpen, wasClosed }: Pick<Props, 'actions' | 'title' | 'onOpen' | 'wasClosed'>) {
  return (
    <Bottom>
      {actions}
      <QuietButton aria-label={`Why: ${title}`} aria-expanded={false} autoFocus={wasClosed} onPress={onOpen}>
        Why <ChevronDown aria-hidden size={16} />
      </QuietButton>
    </Bottom>
  )
}

function EnoughBar({ enough: { verdict, needMm, haveMm } }: { enough: Enough }) {
  return (
    <>
      <p>{haveMm === null ? 'Its length is not known' : ENOUGH_WORDS[verdict]}</p>
      {haveMm === null || needMm <= 0 ? null : (
        <Bar data-verdict={verdict} aria-hidden>
          <ShareBar $of={haveMm / needMm} />
        </Bar>
      )}
    </>
  )
}

/** The one mark of a fabric: as its verdict, or not known. */
function statusOf(match: Match): keyof typeof STATUS_MARKS {
  const { verdict } = match
  if (verdict === 'suits') return 'good'
  if (verdict === 'suits-with-changes') return 'near'
  return verdictWords(match) === 'Not known yet' ? 'unknown' : 'bad'
}
