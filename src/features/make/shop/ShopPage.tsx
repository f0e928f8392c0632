'use client'

import Link from 'next/link'
import { useRouter, useSearchParams } from 'next/navigation'
import styled from 'styled-components'
import { capitalise } from '@/core/units/format'
import { Button } from '@/ui/kit/buttons'
import { EmptyState } from '@/ui/empty/EmptyState'
import { ButtonLink } from '@/ui/kit/links'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Page, Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { CheckField, CheckGroup } from '@/ui/kit/checks'
import { Say } from '@/ui/text/Say'
import { putOnList } from '../patterns/actions'
import { changeProject } from '../projects/actions'
import { Falls } from './card/Falls'
import { LengthBars } from './card/LengthBars'
import { WeightScale } from './card/WeightScale'
import { MoreLines } from '../../shared/MoreLines'
import { CARDS_SHOWN, OTHERS_SHOWN } from './cardsShown'
import { type loadShop } from './load'

type Shop = Awaited<ReturnType<typeof loadShop>>
type Sheet = Shop['patterns'][number]

/** Cards to hold up, side by side where there is room; each is as long as it needs to be. */
const Cards = styled.div`
  columns: 24rem;
  column-gap: 1.5rem;
  > * {
    break-inside: avoid;
    margin-bottom: 1.5rem;
  }
`

/** The weight beside the fall where both have room. */
const Seen = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1.5rem;
  > :first-child {
    flex: 1 1 15rem;
  }
  > ul {
    flex: 0 1 auto;
  }
`

/** In the shop: for every pattern on the list what to look for, what to ask, how much to buy, what one has already. */
export function ShopPage({ familiar, projects, patterns, others, of }: Shop) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Page>
      <div>
        <h1>Shopping</h1>
        <Soft>What to look for and what to ask for the patterns on your list.</Soft>
      </div>
      <Actions className="screen-only">
        <Button onPress={() => window.print()}>Print list</Button>
        <ButtonLink href="/make/shopping/listing">Check an online listing</ButtonLink>
      </Actions>
      {patterns.length === 0 && projects.length === 0 ? (
        <EmptyState
          drawing="shop-card"
          text="Each pattern on your list becomes a card to hold up in the shop: weight, drape, lengths, what to ask."
        >
          <p>Your list is empty. Add a pattern here or on its page.</p>
        </EmptyState>
      ) : null}
      <Cards>
        {projects.map((project) => (
          <Missing key={project.id} {...project} familiar={familiar} />
        ))}
        {patterns.map((sheet) => (
          <ShopSheet
            key={sheet.id}
            {...sheet}
            familiar={familiar}
            isBusy={busy}
            onOff={() => doing(() => putOnList(sheet.id, false))}
          />
        ))}
      </Cards>
      <MoreLines says="Show more projects" shown={projects.length} of={of.projects} step={CARDS_SHOWN} />
      {others.length > 0 ? (
        <Paper aria-labelledby="others" className="screen-only">
          <h2 id="others">Not on the list</h2>
          <PlainList>
            {others.map(({ id, name }) => (
              <li key={id}>
                <Actions>
                  <Link href={`/make/patterns/${id}`}>{name}</Link>
                  <Button
                    isDisabled={busy}
                    aria-label={`Add ${name} to the list`}
                    onPress={() => doing(() => putOnList(id, true))}
                  >
                    Add
                  </Button>
                </Actions>
              </li>
            ))}
          </PlainList>
          <MoreLines
            says="Show more patterns"
            name="others"
            shown={others.length}
            of={of.others}
            step={OTHERS_SHOWN}
          />
        </Paper>
      ) : null}
      <Trouble>{trouble}</Trouble>
    </Page>
  )
}

/** What is looked for: how heavy, and how it falls. */
function Looks({ looks, familiar }: { looks: Sheet['looks']; familiar: Shop['familiar'] }) {
  return (
    <Seen>
      <WeightScale gsm={looks.gsm} familiar={familiar} />
      <Falls bodies={looks.bodies} />
    </Seen>
  )
}

const longestOf = (tables: readonly Sheet['rows'][]) => Math.max(1, ...tables.flat().map(({ lengthMm }) => lengthMm))

type Missed = Shop['projects'][number] & Pick<Shop, 'familiar'>

/** What a project still wants: in its own size, view and number, and nothing else. */
function Missing({ id, name, says, fabrics, notions, familiar }: Missed) {
  const longestMm = longestOf(fabrics.map(({ rows }) => rows))
  return (
    <Paper aria-labelledby={`missing-${id}`}>
      <h2 id={`missing-${id}`}>
        <Link href={`/make/projects/${id}`}>{name}</Link>
        {says ? <Soft as="span"> ({says})</Soft> : null}
      </h2>
      {fabrics.map(({ title, wish, short, looks, rows }) => (
        <Stack key={title} $gap="0.5rem">
          <h3>
            <Say>{capitalise(title)}</Say>
          </h3>
          {wish ? <p>{wish}</p> : null}
          {short ? <Soft>There is not enough left of {short}.</Soft> : null}
          <Looks looks={looks} familiar={familiar} />
          <LengthBars rows={rows} longestMm={longestMm} />
        </Stack>
      ))}
      <ToTick projectId={id} notions={notions} />
    </Paper>
  )
}

/** Notions of a project, ticked as they go into the basket. */
function ToTick({ projectId, notions }: { projectId: string; notions: Missed['notions'] }) {
  const { busy, trouble, doing } = useAsyncAction()
  if (notions.length === 0) return null
  return (
    <CheckGroup legend="Notions">
      {notions.map(({ text, isBought }) => (
        <CheckField
          key={text}
          isSelected={isBought}
          isDisabled={busy}
          onChange={(isOn) => doing(() => changeProject(projectId, { do: 'bought', text, isBought: isOn }))}
        >
          {text}
        </CheckField>
      ))}
      <Trouble>{trouble}</Trouble>
    </CheckGroup>
  )
}

/** Of several sizes, which is made: nothing is told to be bought before. */
function SizeAsked({ id, sizes, size }: Pick<Sheet, 'id' | 'sizes' | 'size'>) {
  const router = useRouter()
  const chosen = useSearchParams()
  const choose = (one: string) => {
    const next = new URLSearchParams(chosen)
    next.set(`size.${id}`, one)
    router.push(`/make/shopping?${next}`, { scroll: false })
  }
  if (sizes.length < 2) return null
  return (
    <SelectField
      label="Size"
      value={size}
      onChange={choose}
      options={[['', 'Choose a size'], ...sizes.map((one) => [one, one] as const)]}
    />
  )
}

interface SheetProps extends Sheet, Pick<Shop, 'familiar'> {
  isBusy: boolean
  onOff: () => void
}

function ShopSheet({ isBusy, onOff, familiar, ...sheet }: SheetProps) {
  const { id, name, need, called, asks, avoid, sizes, size, looks, rows, partners, notions, have } = sheet
  return (
    <Paper aria-labelledby={`shop-${id}`}>
      <h2 id={`shop-${id}`}>
        <Link href={`/make/patterns/${id}`}>{name}</Link>
      </h2>
      <Looks looks={looks} familiar={familiar} />
      <p>
        <b>Look for</b> {need}
        {called.length > 0 ? `; recommended: ${called.join(', ')}` : ''}.
        {avoid.length > 0 ? ` Not ${avoid.join(', ')}.` : ''}
      </p>
      <div>
        <b>Ask</b>
        <PlainList $gap="0.2rem">
          {asks.map((ask) => (
            <li key={ask}>{ask}</li>
          ))}
        </PlainList>
      </div>
      <Stack $gap="0.4rem">
        <b>
          Buy
          {size ? `, size ${size}` : ''}
        </b>
        <SizeAsked id={id} sizes={sizes} size={size} />
        <LengthBars rows={rows} longestMm={longestOf([rows])} />
      </Stack>
      <Stack $gap="0.2rem">
        {partners.map(({ title, asks: of }) => (
          <p key={title}>
            <b>{title}</b> {of}
          </p>
        ))}
        {notions.length > 0 ? (
          <p>
            <b>Notions</b> {notions.join('; ')}
          </p>
        ) : null}
        <InStash have={have} />
      </Stack>
      <Actions className="screen-only">
        <Button isDisabled={isBusy} onPress={onOff} aria-label={`Remove ${name} from the list`}>
          Remove
        </Button>
      </Actions>
    </Paper>
  )
}

function InStash({ have }: Pick<Sheet, 'have'>) {
  return (
    <p>
      <b>In your stash</b>{' '}
      {have.length === 0
        ? 'nothing that suits'
        : have.map(({ id, name }, index) => (
            <span key={id}>
              {index > 0 ? ', ' : ''}
              <Link href={`/stash/${id}`} prefetch={false}>
                {name}
              </Link>
            </span>
          ))}
    </p>
  )
}
