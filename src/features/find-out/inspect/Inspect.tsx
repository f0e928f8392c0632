'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useCallback, useMemo, useState } from 'react'
import styled from 'styled-components'
import { inspectionById, inspectionFeatures } from '@/core/cloths/inspection'
import { type InspectionId } from '@/core/vocabulary/inspection'
import { type NameAnswer } from '@/core/cloths/name'
import { FIBRE_IDS, FIBRE_WORDS, type FibreId } from '@/core/vocabulary/fibres'
import { ofKind } from '@/core/notebook/measurements/kept'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { StrongLink } from '@/ui/kit/links'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Columns, Lead, Page, Paper, Slip, Soft, Stack } from '@/ui/kit/surfaces'
import { useLoaded } from '@/ui/kit/useLoaded'
import { type OnTheBench } from '../measure/load'
import { useReadings } from '../../shared/readings/useReadings'
import { Question } from '../../shared/question/Question'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { descriptionOf, knownOf } from './description'
import { inspectionPicture } from './pictures'

// It knows every cloth: the page is there before it.
const theJudge = () => import('@/core/cloths/name')
const ClothName = dynamic(() => import('./ClothName').then(({ ClothName: part }) => part))
const KnownNumbers = dynamic(() => import('./KnownNumbers').then(({ KnownNumbers: part }) => part))

const Names = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1.1rem;
  li {
    display: grid;
    grid-template-columns: 6.5rem minmax(0, 1fr);
    gap: 0.2rem 1rem;
    align-items: start;
  }
  h3 {
    display: flex;
    justify-content: space-between;
    gap: 0.75rem;
  }
`
const Told = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 1rem;
`

/** Answers in one order, so that two sets of them can be compared. */
const sorted = (answers: object) =>
  Object.entries(answers)
    .filter(([, states]) => states !== undefined)
    .sort(([a], [b]) => a.localeCompare(b))

const FEW = 3
/** A name below this is not worth a line. */
const FAINT = 0.02

/** What is it called? The next question is the one that tells most; the names follow each answer. */
export function Inspect({
  piece,
  first,
  cloths,
}: {
  piece: OnTheBench | null
  /** What is known of the piece came to this when the page was made. */
  first: NameAnswer
  /** How many cloths are known. */
  cloths: number
}) {
  const { words } = usePreferences()
  const readings = useReadings(piece, piece?.measurements ?? [])
  const kept = ofKind(readings.all, 'inspection').at(-1)
  const [known] = useState(() => knownOf(piece, kept?.data.answers))
  const [answers, setAnswers] = useState(known.answers)
  const [asked, setAsked] = useState<InspectionId>()
  const [gsm, setGsm] = useState(known.gsm)
  const [stretch, setStretch] = useState<number>()
  const [fibre, setFibre] = useState<FibreId | ''>('')

  const judge = useLoaded(theJudge)
  const description = useMemo(() => descriptionOf(answers, { gsm, stretch, fibre }), [answers, gsm, stretch, fibre])
  const { inspection } = description
  const answer = useMemo(() => judge?.nameCloth(description, words) ?? first, [judge, first, description, words])
  const done = new Set(answers.map(([id]) => id))
  // How it is made comes first: half of the other questions hang on it.
  const next =
    asked ??
    (done.has('construction') ? answer.next.find(({ feature }) => !done.has(feature))?.feature : 'construction')
  const feature = next && inspectionById(next)

  const give = useCallback(
    (states: string[]) => {
      if (!next) return
      setAnswers((before) => [...before.filter(([id]) => id !== next), [next, states]])
      setAsked(undefined)
    },
    [next],
  )
  const undo = useCallback(() => {
    if (asked) setAsked(undefined)
    else setAnswers((before) => before.slice(0, -1))
  }, [asked])

  const nothingKnown =
    answers.every(([, states]) => states.length === 0) && gsm === undefined && stretch === undefined && fibre === ''
  // The first stands there whatever it is.
  const top = answer.names.filter(({ probability }, index) => index === 0 || (index < FEW && probability >= FAINT))
  return (
    <Page>
      <div>
        {piece ? <Link href={`/stash/${piece.id}`}>{piece.name}</Link> : null}
        <h1>What is it called?</h1>
        <Lead>
          Look, feel, turn it over: each question tells most about what is left. {cloths} cloths are known here.
        </Lead>
      </div>
      <Columns $first="1.5fr">
        <Stack $gap="1.25rem">
          {feature ? (
            <Question
              key={`${feature.id} ${answers.length}`}
              feature={feature}
              picture={(state) => inspectionPicture(feature.id, state)}
              canUndo={answers.length > 0}
              onAnswer={give}
              onUndo={undo}
            />
          ) : (
            <Slip $tone="good">
              There is nothing more to look at that would tell these apart. Weigh it, or burn a yarn.
            </Slip>
          )}
          {answers.length > 0 ? (
            <Paper aria-labelledby="told">
              <h2 id="told">What you said</h2>
              <Told>
                {answers.map(([id, states]) => {
                  const { title, states: known } = inspectionById(id)
                  const said =
                    states.map((state) => known.find((one) => one.id === state)!.label.toLowerCase()).join(' and ') ||
                    'not seen'
                  return (
                    <li key={id}>
                      <Button onPress={() => setAsked(id)}>
                        {title}: {said}
                      </Button>
                    </li>
                  )
                })}
              </Told>
              <Actions>
                <SelectField
                  label="Look at something else"
                  value=""
                  onChange={(id) => setAsked((id || undefined) as InspectionId | undefined)}
                  options={[
                    ['', 'Choose'],
                    ...inspectionFeatures
                      .filter(({ id }) => !done.has(id))
                      .map(({ id, title }) => [id, title] as const),
                  ]}
                />
                <Button
                  onPress={() => {
                    setAnswers([])
                    setAsked(undefined)
                  }}
                >
                  Begin again
                </Button>
              </Actions>
            </Paper>
          ) : null}
        </Stack>
        <Stack $gap="1.25rem">
          <Paper aria-labelledby="names">
            <h2 id="names">Most like</h2>
            {nothingKnown ? (
              <Soft>Nothing is known yet: answer the first question, or say what you know below.</Soft>
            ) : (
              <>
                <Names aria-live="polite">
                  {top.map((name) => (
                    <ClothName key={name.id} name={name} />
                  ))}
                </Names>
                {answer.warnings.slice(0, 2).map((warning) => (
                  <Slip key={warning} $tone="warn">
                    {warning}
                  </Slip>
                ))}
                {piece ? (
                  <>
                    <Actions>
                      <StrongButton
                        isDisabled={readings.saving || Object.keys(inspection ?? {}).length === 0}
                        onPress={() =>
                          readings.add({
                            kind: 'inspection',
                            answers: Object.fromEntries(
                              answers
                                .filter(([, states]) => states.length > 0)
                                .map(([id, states]) => [id, [...states]]),
                            ),
                          })
                        }
                      >
                        Keep what was seen with {piece.name}
                      </StrongButton>
                    </Actions>
                    {readings.trouble ? (
                      <Slip $tone="warn" role="alert">
                        Not kept. {readings.trouble}
                      </Slip>
                    ) : null}
                    {kept &&
                    JSON.stringify(sorted(kept.data.answers)) === JSON.stringify(sorted(inspection ?? {})) ? (
                      <Slip $tone="good" role="status">
                        Kept. It stands on <Link href={`/stash/${piece.id}/sheet`}>its property sheet</Link>.
                      </Slip>
                    ) : null}
                  </>
                ) : (
                  <Actions>
                    <StrongLink href={`/stash/new?called=${encodeURIComponent(top[0]!.name.toLowerCase())}`}>
                      Weigh it and keep it as {top[0]!.name.toLowerCase()}
                    </StrongLink>
                  </Actions>
                )}
              </>
            )}
          </Paper>
          <Paper aria-labelledby="known">
            <h2 id="known">What you know already</h2>
            <Soft>Each of these narrows it down much.</Soft>
            <KnownNumbers gsm={gsm} stretch={stretch} onGsm={setGsm} onStretch={setStretch} />
            <SelectField
              label="Mostly of"
              value={fibre}
              onChange={setFibre}
              options={[['', 'Not known'] as const, ...FIBRE_IDS.map((id) => [id, FIBRE_WORDS[id][words]] as const)]}
            />
          </Paper>
        </Stack>
      </Columns>
    </Page>
  )
}
