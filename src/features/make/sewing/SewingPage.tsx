'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import styled from 'styled-components'
import { capitalise } from '@/core/units/format'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { CheckField } from '@/ui/kit/checks'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Columns, Page, Paper, PlainList, Callout, Soft, Stack, Steps } from '@/ui/kit/surfaces'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { Terms } from '@/ui/text/Terms'
import { type SewingData } from './load'
import { useAddress } from '../../shared/address/useAddress'
import { sewingAddress } from './sewingAddress'
import { Say } from '@/ui/text/Say'
import { type Phrase, phrase } from '@/core/text/text'
import { stitchLengthMm } from '@/core/text/amounts'

// Opened by few: loaded when it is.
const TestSeams = dynamic(() => import('./TestSeams').then(({ TestSeams: part }) => part))

const Answers = styled.dl`
  margin: 0;
  display: grid;
  gap: 0.9rem 1.5rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 13rem), 1fr));
  dt {
    color: var(--ink-soft);
  }
  dd {
    margin: 0;
    font-family: 'Young Serif', Georgia, serif;
    font-size: 1.25rem;
    line-height: 1.25;
  }
`

const POINTS: Readonly<Record<string, string>> = {
  universal: 'universal point',
  sharp: 'sharp point',
  'ball-point': 'ball point',
  stretch: 'stretch point',
  jeans: 'jeans point',
  leather: 'cutting point',
}
const STITCHES = { straight: 'straight', 'narrow-zigzag': 'narrow zigzag', stretch: 'stretch stitch' } as const
const span = ([low, high]: readonly [number, number]) => (low === high ? `${low}` : `${low} to ${high}`)

/** How a fabric is sewn, or why it is not. */
export function SewingPage(data: SewingData) {
  const { id, name, summary } = data
  return (
    <Page>
      <div>
        <Link href={`/stash/${id}`}>{name}</Link>
        <h1>Sewing advice</h1>
        <Soft>{summary}</Soft>
      </div>
      {data.refused ? (
        <Callout $tone="warn">
          <Say>{data.refused.text}</Say>
        </Callout>
      ) : (
        <Advised {...data} />
      )}
    </Page>
  )
}

/** What to put into the machine first, then each choice with its reason. */
function Advised(data: SewingData) {
  const { name, advice, tile, drawn } = data
  const { needle, thread, stitch, pressing } = advice
  const dots = pressing.ironDots === 0 ? 'do not iron' : '•'.repeat(pressing.ironDots)
  return (
    <>
      <For {...data} />
      <Answers>
        <div>
          <dt>Needle</dt>
          <dd>
            {span(needle.nm)}, {POINTS[needle.point]}
          </dd>
        </div>
        <div>
          <dt>Stitch</dt>
          <dd>
            <Say>{phrase`${STITCHES[stitch.kind]}, ${stitchLengthMm(...stitch.mm)}`}</Say>
          </dd>
        </div>
        <div>
          <dt>Thread</dt>
          <dd>{thread.choices.map(({ fibre }) => fibre).join(', or ')}</dd>
        </div>
        <div>
          <dt>Iron</dt>
          <dd>
            <span aria-label={`${pressing.ironDots} dots`}>{dots}</span>, {pressing.steam ? 'steam' : 'dry'}
            {pressing.pressCloth ? ', under a press cloth' : ''}
          </dd>
        </div>
      </Answers>
      <Columns $first="1.7fr">
        <Stack>
          <Ranked title="Seams" term="seam finish" list={advice.seams} drawn={drawn} />
          <Ranked title="Hems" term="hem finish" list={advice.hems} drawn={drawn} />
          <Paper aria-label="Order of work">
            <h2>Order of work</h2>
            <Steps>
              {advice.order.map(({ id: rule, text }) => (
                <li key={rule}>
                  <Terms>{text}</Terms>{' '}
                  {drawn.includes(rule) ? <Link href={`/learn/techniques/${rule}`}>Drawn</Link> : null}
                </li>
              ))}
            </Steps>
          </Paper>
          <InterfacedParts places={advice.interfacing.places} />
          <TestSeams {...data} />
          <Choices {...data} />
          <Softening softening={data.softening} />
        </Stack>
        <Stack>
          <ClothSwatch tile={tile} label={`${name}, drawn`} height="10rem" />
          <Callout $tone="warn">
            <PlainList>
              {advice.warnings.map(({ id: rule, text }) => (
                <li key={rule}>
                  <Terms>{text}</Terms>
                </li>
              ))}
            </PlainList>
          </Callout>
          <Soft>
            {data.isAsked ? (
              <Link href="/make/equipment">With your machines and preferences</Link>
            ) : (
              <Link href="/make/equipment">Enter your machines</Link>
            )}
            . A test seam on a scrap decides.
          </Soft>
        </Stack>
      </Columns>
    </>
  )
}

function For({ garment, garments, lined }: SewingData) {
  const go = useAddress(sewingAddress, { garment, lined })
  return (
    <Actions>
      <SelectField
        label="Garment"
        value={garment}
        onChange={(next) => go({ garment: next })}
        options={[['', 'anything'] as const, ...garments]}
      />
      <CheckField isSelected={lined} onChange={(next) => go({ lined: next })}>
        Lined
      </CheckField>
    </Actions>
  )
}

function Ranked({
  title,
  term,
  list,
  drawn,
}: {
  title: string
  term: string
  list: readonly { id: string; name: string; why: Phrase }[]
  /** Ids of what is drawn among the techniques. */
  drawn: readonly string[]
}) {
  return (
    <Paper aria-label={title}>
      <h2>
        {title} <Soft as="span">({term})</Soft>
      </h2>
      <Steps>
        {list.map(({ id, name, why }) => (
          <li key={id}>
            {drawn.includes(id) ? <Link href={`/learn/techniques/${id}`}>{name}</Link> : <b>{name}</b>}:{' '}
            <Say>{why}</Say>
          </li>
        ))}
      </Steps>
    </Paper>
  )
}

/** Which parts are interfaced, with what. */
function InterfacedParts({ places }: { places: SewingData['advice']['interfacing']['places'] }) {
  if (places.length === 0) return null
  return (
    <Paper aria-labelledby="interfaced">
      <h2 id="interfaced">Interfacing, part by part</h2>
      <PlainList>
        {places.map(({ id, place, text }) => (
          <li key={id}>
            <b>{capitalise(place)}.</b> <Terms>{text}</Terms>
          </li>
        ))}
      </PlainList>
    </Paper>
  )
}

/** Every other choice with its reason, its rules, and what others would say. */
function Choices({ advice, instead, sureness, id: pieceId }: SewingData) {
  const rows = [
    ['Needle', 'needle', advice.needle],
    ['Stitch', 'stitch', advice.stitch],
    ['Foot', 'foot', advice.foot],
    ['Tension', 'tension', advice.tension],
    ['Cutting', 'cutting', advice.cutting],
    ['Marking', 'marking', advice.marking],
    ['Pinning', 'pinning', advice.pinning],
    ['Pressing', 'pressing', { ...advice.pressing, others: [] }],
    ['Interfacing', 'interfacing', advice.interfacing],
  ] as const
  return (
    <Paper aria-label="Reasons for each choice">
      <h2>Reasons for each choice</h2>
      {rows.map(([title, line, { text, others }]) => (
        <div key={title}>
          <p>
            <b>{title}.</b> <Terms>{text}</Terms>
          </p>
          <HowSure sure={sureness.find((one) => one.line === line)} pieceId={pieceId} />
          {others.map(({ id, text: other }) => (
            <Soft key={id}>
              Other opinions: <Say>{other}</Say>
            </Soft>
          ))}
        </div>
      ))}
      {instead.map(({ id, text }) => (
        <Callout key={id}>
          <Say>{text}</Say>
        </Callout>
      ))}
      <WhenOpened summary="Rules">
        {() => (
          <PlainList $gap="0.2rem">
            {rows.map(([title, , { because }]) => (
              <li key={title}>
                {title}: {because.join(', ')}
              </li>
            ))}
          </PlainList>
        )}
      </WhenOpened>
    </Paper>
  )
}

const SURE_WORDS = { likely: 'Likely', open: 'Not clear' } as const

/** Said where a line may yet turn: how far it holds, and what would settle it. */
function HowSure({ sure, pieceId }: { sure: SewingData['sureness'][number] | undefined; pieceId: string }) {
  if (!sure || sure.word === 'sure' || !sure.settle) return null
  return (
    <Soft>
      {SURE_WORDS[sure.word]}: it applies to {Math.round(sure.share * 10)} in 10 of the fabrics that this may be.{' '}
      <Link href={`/stash/${pieceId}`}>
        To find out: <Say>{sure.settle}</Say>
      </Link>
      .
    </Soft>
  )
}

const LASTS = { stays: 'It lasts.', 'washes-out': 'It washes out.', nothing: '' } as const

function Softening({ softening }: Pick<SewingData, 'softening'>) {
  return (
    <Paper aria-label="Too stiff?">
      <h2>
        Too stiff? <Soft as="span">(softening)</Soft>
      </h2>
      <PlainList>
        {softening.map(({ id, text, lasts }) => (
          <li key={id}>
            <Say>{text}</Say> <Soft as="span">{LASTS[lasts]}</Soft>
          </li>
        ))}
      </PlainList>
    </Paper>
  )
}
