'use client'

import Link from 'next/link'
import { useRouter, useSearchParams } from 'next/navigation'
import { formatWidth } from '@/core/units/format'
import { Button } from '@/ui/kit/buttons'
import { EmptyState } from '@/ui/empty/EmptyState'
import { StrongLink } from '@/ui/kit/links'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Facts, Page, Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { putOnList } from '../patterns/actions'
import { type loadShop } from './load'

type Shop = Awaited<ReturnType<typeof loadShop>>
type Sheet = Shop['patterns'][number]

/** In the shop: for every pattern on the list what to look for, what to ask, how much to buy, what one has already. */
export function ShopPage({ projects, patterns, others }: Shop) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Page>
      <div>
        <h1>Shopping</h1>
        <Soft>What to look for and what to ask for the patterns on your list.</Soft>
      </div>
      <Actions className="screen-only">
        <StrongLink href="/make/shopping/listing">Check an online listing</StrongLink>
        <Button onPress={() => window.print()}>Print list</Button>
      </Actions>
      {projects.map((project) => (
        <Missing key={project.id} {...project} />
      ))}
      {patterns.length === 0 && projects.length === 0 ? (
        <EmptyState
          drawing="shop-card"
          text="Each pattern on your list becomes a card to hold up in the shop: weight, drape, lengths, what to ask."
        >
          <p>Your list is empty. Add a pattern here or on its page.</p>
        </EmptyState>
      ) : null}
      {patterns.map((sheet) => (
        <ShopSheet key={sheet.id} {...sheet} isBusy={busy} onOff={() => doing(() => putOnList(sheet.id, false))} />
      ))}
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
        </Paper>
      ) : null}
      <Trouble>{trouble}</Trouble>
    </Page>
  )
}

/** What a project still wants: in its own size, view and number, and nothing else. */
function Missing({ id, name, says, fabrics, notions }: Shop['projects'][number]) {
  const { units } = usePreferences()
  return (
    <Paper aria-labelledby={`missing-${id}`}>
      <h2 id={`missing-${id}`}>
        <Link href={`/make/projects/${id}`}>{name}</Link>
        {says ? <Soft as="span"> ({says})</Soft> : null}
      </h2>
      {fabrics.map(({ title, wish, short, rows }) => (
        <div key={title}>
          <b>Buy {title}</b> {wish}
          {short ? <Soft as="span"> There is not enough left of {short}.</Soft> : null}
          <Facts>
            {rows.map(({ widthMm, says: buy }) => (
              <div key={widthMm}>
                <dt>{formatWidth(widthMm, units)} wide</dt>
                <dd>{buy.text}</dd>
              </div>
            ))}
          </Facts>
        </div>
      ))}
      {notions.length > 0 ? (
        <p>
          <b>Notions</b> {notions.join('; ')}
        </p>
      ) : null}
    </Paper>
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

function ShopSheet({ isBusy, onOff, ...sheet }: Sheet & { isBusy: boolean; onOff: () => void }) {
  const { id, name, need, called, asks, avoid, sizes, size, rows, partners, notions, have } = sheet
  const { units } = usePreferences()
  return (
    <Paper aria-labelledby={`shop-${id}`}>
      <h2 id={`shop-${id}`}>
        <Link href={`/make/patterns/${id}`}>{name}</Link>
      </h2>
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
      <div>
        <b>Buy</b>
        <SizeAsked id={id} sizes={sizes} size={size} />
        <Facts>
          {rows.map(({ widthMm, says }) => (
            <div key={widthMm}>
              <dt>
                {size ? `size ${size}, ` : ''}
                {formatWidth(widthMm, units)} wide
              </dt>
              <dd>{says.text}</dd>
            </div>
          ))}
        </Facts>
      </div>
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
        <p>
          <b>In your stash</b>{' '}
          {have.length === 0
            ? 'nothing that suits'
            : have.map(({ id: piece, name: called_ }, index) => (
                <span key={piece}>
                  {index > 0 ? ', ' : ''}
                  <Link href={`/stash/${piece}`} prefetch={false}>
                    {called_}
                  </Link>
                </span>
              ))}
        </p>
      </Stack>
      <Actions className="screen-only">
        <Button isDisabled={isBusy} onPress={onOff} aria-label={`Remove ${name} from the list`}>
          Remove
        </Button>
      </Actions>
    </Paper>
  )
}
