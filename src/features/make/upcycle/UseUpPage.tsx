'use client'

import Link from 'next/link'
import { countNoun } from '@/core/units/format'
import { areaOf } from '@/core/shapes/polygon'
import { wouldDo } from '@/core/choose/fit/steps'
import { byLeastLost, type UsedUp } from '@/core/making/leastLost'
import { worthFor } from '@/core/making/worthFor'
import { VERDICT_WORDS } from '@/features/shared/choose/words'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { Actions, Columns, Lead, Page, Paper, PlainList, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { useTelling } from '../laying/useTelling'
import { ChosenPieces, PiecePicker } from './PiecePicker'
import { type UseUpData } from './loadUseUp'
import { useAddress } from '../../shared/address/useAddress'
import { useUpAddress } from './useUpAddress'
import { itemAt } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'
import { phrase } from '@/core/text/text'

/** From what to what: things that are there, and which patterns can be cut from them, by how little is lost. */
export function UseUpPage(data: UseUpData) {
  const { things, candidates } = data
  const { told, isRunning, trouble, ask, stop } = useTelling<UsedUp>()
  const panels = things.flatMap((thing) => thing.panels)
  const ranked = suitsFirst(byLeastLost(told ?? []), candidates)
  const [best] = ranked
  const go = () => ask((jobs, tell) => jobs.usingUp(things, candidates, tell))
  return (
    <Page>
      <div>
        <h1>Use up leftovers</h1>
        <Lead role="status">{leadOf(data, ranked, isRunning)}</Lead>
      </div>
      <Columns $first="1.6fr">
        {things.length > 0 ? (
          <Stack $gap="1.25rem">
            <Actions>
              {isRunning ? (
                <Button onPress={stop}>Stop</Button>
              ) : (
                <StrongButton isDisabled={panels.length === 0 || candidates.length === 0} onPress={go}>
                  {told ? 'Try again' : 'What can I cut from these?'}
                </StrongButton>
              )}
              {isRunning ? (
                <progress aria-label="Trying patterns" max={candidates.length} value={told?.length ?? 0} />
              ) : null}
            </Actions>
            {things.some(({ keptFor }) => keptFor.length > 0) ? (
              <Callout role="status">
                {things
                  .filter(({ keptFor }) => keptFor.length > 0)
                  .map(
                    ({ name, keptFor }) =>
                      `${name} is reserved for ${keptFor.join(' and ')}: we count only what is left`,
                  )
                  .join('; ')}
                .
              </Callout>
            ) : null}
            {trouble ? <Callout $tone="warn">{trouble}</Callout> : null}
            {best ? (
              <Paper aria-label="Patterns, least waste first">
                <PlainList>
                  {ranked.map((one) => (
                    <li key={one.id}>
                      <Told one={one} data={data} />
                    </li>
                  ))}
                </PlainList>
              </Paper>
            ) : null}
            {candidates.length === 0 ? (
              <Callout>
                None of your patterns has outlines yet. <Link href="/make/patterns">Add pattern pieces</Link> first.
              </Callout>
            ) : null}
          </Stack>
        ) : null}
        <Which {...data} />
      </Columns>
    </Page>
  )
}

/** What fits but would look wrong in this cloth comes after what does not. */
function suitsFirst(ranked: readonly UsedUp[], candidates: UseUpData['candidates']): UsedUp[] {
  const suits = new Set(candidates.filter(({ verdict }) => wouldDo(verdict)).map(({ id }) => id))
  const place = ({ id, fits }: UsedUp) => (fits ? 0 : 2) + (suits.has(id) ? 0 : 1)
  return ranked.toSorted((a, b) => place(a) - place(b))
}

function leadOf({ things, candidates }: UseUpData, ranked: readonly UsedUp[], isRunning: boolean): string {
  if (things.length === 0)
    return (
      'Choose a garment, an offcut or a curtain: we lay out each pattern on it and show the least ' + 'waste first.'
    )
  const fit = ranked.filter(({ fits }) => fits)
  if (ranked.length === 0) {
    const m2 =
      things.flatMap(({ panels }) => panels).reduce((sum, one) => sum + one.count * areaOf(one.outline), 0) / 1e6
    return `${m2.toFixed(1)} m² in these, and ${countNoun(candidates.length, 'pattern')} with outlines.`
  }
  if (isRunning) return `${ranked.length} of ${candidates.length} tried…`
  if (fit.length === 0) return 'No pattern fits completely; the nearest are below.'
  const [{ id, name }] = fit as [UsedUp]
  const suits = candidates.some((one) => one.id === id && wouldDo(one.verdict))
  if (!suits) return `${fit.length} can be cut, but none suits the fabric; ${name} wastes least.`
  return `${fit.length} can be cut: ${name} suits the fabric and wastes least.`
}

function Told({ one, data: { things, candidates } }: { one: UsedUp; data: UseUpData }) {
  const candidate = candidates.find(({ id }) => id === one.id)
  const cloths = things.map(({ id }) => id).join(',')
  const taken = things.filter(({ id }) => one.from.some(({ thing }) => thing === id) || !one.fits)
  const worth = worthFor(
    taken.reduce((sum, { minutes }) => sum + minutes, 0),
    one,
  )
  const nameOf = (id: string) => things.find((thing) => thing.id === id)?.name ?? ''
  return (
    <>
      <b>
        <Link href={`/make/patterns/${one.id}/layout?cloth=${cloths}`}>{one.name}</Link>
      </b>
      {one.fits
        ? `: fits, and uses ${Math.round(one.used * 100)} % of it. `
        : `: ${one.left} of its pieces don’t fit. `}
      {worth ? <Say>{phrase`${worth.text} `}</Say> : ''}
      {candidate ? <Soft as="span">The fabric: {VERDICT_WORDS[candidate.verdict].toLowerCase()}.</Soft> : null}
      {things.length > 1 && one.from.length === 1 ? (
        <Soft>All pieces from {nameOf(itemAt(one.from, 0).thing)}.</Soft>
      ) : null}
      {one.hems.length > 0 ? (
        <Soft>
          You can keep the existing hem for {one.hems.join(', ')}: put its edge on the hem, and leave out that
          allowance.
        </Soft>
      ) : null}
      {one.from.length > 1 ? (
        <Soft>{one.from.map(({ thing, pieces }) => `${pieces.join(', ')} of ${nameOf(thing)}`).join('; ')}.</Soft>
      ) : null}
      {one.by.map(({ id, text }) => (
        <Soft key={id}>
          <Say>{text}</Say>
        </Soft>
      ))}
    </>
  )
}

function sizeWords(panels: UseUpData['things'][number]['panels'], isReckoned: boolean): string {
  if (panels.length === 0) return 'its size is not known'
  if (!isReckoned) return 'as it lies'
  const count = panels.reduce((sum, panel) => sum + panel.count, 0)
  return `${countNoun(count, 'panel')}, estimated`
}

function Which({ things, offered, most }: UseUpData) {
  const ids = things.map(({ id }) => id)
  const goTo = useAddress(useUpAddress, { of: ids })
  const go = (of: readonly string[]) => goTo({ of })
  return (
    <Paper aria-labelledby="what">
      <h2 id="what">Which fabrics?</h2>
      <ChosenPieces
        pieces={things}
        href={({ id, isReckoned }) => (isReckoned ? `/stash/${id}/take-apart` : `/stash/${id}`)}
        says={({ panels, isReckoned }) => <Soft>{sizeWords(panels, isReckoned)}</Soft>}
        onLeaveOut={go}
      />
      {things.length < most ? (
        <PiecePicker
          label={things.length === 0 ? 'First fabric' : 'Another fabric'}
          offered={offered}
          taken={ids}
          onPick={({ id }) => go([...ids, id])}
        />
      ) : null}
      <Soft>
        You can keep good hems, plackets and collars: put the new piece’s edge on them, and leave out that allowance.
      </Soft>
    </Paper>
  )
}
