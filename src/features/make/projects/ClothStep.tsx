'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { VERDICT_WORDS } from '@/features/shared/choose/words'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { Actions, PlainList, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { enoughWords } from '../holding/enoughWords'
import { chooseCloth } from './actions'
import { type ProjectData } from './types'
import { Say } from '@/ui/text/Say'

type Place = ProjectData['places'][number]
type Offered = Place['offered'][number]

const Offers = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1rem;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 19rem), 1fr));
  li {
    display: grid;
    grid-template-columns: 7rem minmax(0, 1fr);
    gap: 0.9rem;
    align-items: start;
  }
  li > div:last-child {
    display: grid;
    gap: 0.3rem;
    justify-items: start;
  }
`
const Chosen = styled.div`
  display: grid;
  grid-template-columns: 7rem minmax(0, 1fr);
  gap: 0.9rem;
  align-items: start;
`

/** Which cloth takes each place: what is chosen is kept back. */
export function ClothStep({ project }: { project: ProjectData }) {
  const { busy, trouble, doing } = useAsyncAction()
  const choose = (place: Place, pieceId: string | null) =>
    doing(() =>
      chooseCloth(project.id, {
        role: place.role,
        label: place.label,
        pieceId,
        wish: pieceId === null ? place.asks.slice(0, 300) : '',
      }),
    )
  return (
    <Stack $gap="0.9rem">
      {project.places.map((place) => (
        <section key={`${place.role} ${place.label}`} aria-label={place.title}>
          <h3>{place.title}</h3>
          <Soft>{place.asks}</Soft>
          {place.chosen ? <ChosenCloth place={place} /> : null}
          <Other place={place} isBusy={busy} onChoose={(pieceId) => choose(place, pieceId)} />
        </section>
      ))}
      {project.set ? <Together set={project.set} /> : null}
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}

function ChosenCloth({ place: { chosen, enough } }: { place: Place }) {
  const { units } = usePreferences()
  if (!chosen) return null
  if (chosen.pieceId === null && chosen.was === '') return <p>To buy.</p>
  return (
    <Chosen>
      {chosen.tile ? (
        <ClothSwatch tile={chosen.tile} label={`${chosen.name}, drawn`} height="5rem" scale={0.6} />
      ) : (
        <span />
      )}
      <div>
        <b>{chosen.pieceId ? <Link href={`/stash/${chosen.pieceId}`}>{chosen.name}</Link> : chosen.name}</b>
        {chosen.match ? (
          <p>
            {VERDICT_WORDS[chosen.match.verdict]}: <Say>{chosen.match.spread}</Say>
          </p>
        ) : null}
        {enough ? <p>{enoughWords(enough, units)}</p> : null}
      </div>
    </Chosen>
  )
}

interface Choosing {
  place: Place
  isBusy: boolean
  onChoose: (pieceId: string | null) => void
}

/** The best pieces of the stash for a place, and the shop. */
function Other({ place, isBusy, onChoose }: Choosing) {
  const others = place.offered.filter(({ id }) => id !== place.chosen?.pieceId)
  const body = (
    <Stack $gap="0.9rem" $top="0.5rem">
      <Offers>
        {others.map((offered) => (
          <Offer key={offered.id} offered={offered} isBusy={isBusy} onChoose={() => onChoose(offered.id)} />
        ))}
      </Offers>
      <Actions>
        <QuietButton isDisabled={isBusy} onPress={() => onChoose(null)}>
          Buy the {place.title.toLowerCase()} instead
        </QuietButton>
      </Actions>
    </Stack>
  )
  if (!place.chosen) return body
  return (
    <details>
      <summary>Choose another {place.title.toLowerCase()}</summary>
      {body}
    </details>
  )
}

function Offer({ offered, isBusy, onChoose }: { offered: Offered; isBusy: boolean; onChoose: () => void }) {
  const { units } = usePreferences()
  const { id, name, words, tile, verdict, enough, keptBy, lesson } = offered
  return (
    <li>
      <ClothSwatch tile={tile} label={`${name}, drawn`} height="5rem" scale={0.6} />
      <div>
        <b>
          <Link href={`/stash/${id}`} prefetch={false}>
            {name}
          </Link>
        </b>
        <span>{VERDICT_WORDS[verdict]}</span>
        <Soft as="span">{enough ? enoughWords(enough, units) : words}</Soft>
        {keptBy ? (
          <Callout $tone="warn">
            Reserved for <Link href={`/make/projects/${keptBy.id}`}>{keptBy.name}</Link>.
          </Callout>
        ) : null}
        {lesson ? <Callout>{lesson}</Callout> : null}
        <span>
          <Button isDisabled={isBusy} onPress={onChoose} aria-label={`Use ${name}`}>
            {keptBy ? 'Use it anyway' : 'Use it'}
          </Button>
        </span>
      </div>
    </li>
  )
}

/** Whether what was chosen goes together. */
function Together({ set: { verdict, says, care } }: { set: NonNullable<ProjectData['set']> }) {
  return (
    <Callout $tone={verdict === 'suits' ? 'good' : verdict === 'suits-with-changes' ? 'plain' : 'warn'}>
      <b>Together: {VERDICT_WORDS[verdict].toLowerCase()}</b>
      <PlainList $gap="0.2rem">
        {says.map(({ id, text }) => (
          <li key={id}>
            <Say>{text}</Say>
          </li>
        ))}
        <li>
          <Say>{care}</Say>
        </li>
      </PlainList>
    </Callout>
  )
}
