'use client'

import { useState } from 'react'
import {
  colourFromWords,
  COLOURS_FROM,
  FINISHES,
  finishes,
  lengthToMatch,
  napWords,
  NAPS,
  nextSign,
  offGrainPrint,
  printScale,
  rightSigns,
  warpSigns,
  weighSigns,
  type ColourFrom,
  type Finish,
  type Leaning,
  type Nap,
  type Said,
  type Sign,
  type Signs,
} from '@/core/measure/lie'
import { lieWords } from '@/core/notebook/lie'
import { ofKind } from '@/core/notebook/measurements'
import { formatPercent } from '@/core/units/format'
import { QuietButton, StrongButton } from '@/ui/controls/buttons'
import { ChoiceField, NumberField } from '@/ui/controls/fields'
import { SelectField } from '@/ui/controls/SelectField'
import { Actions, Columns, Lead, Paper, PlainList, Slip, Soft } from '@/ui/controls/surfaces'
import { fieldUnits, fromField, toField } from '../../settings/measures'
import { usePreferences } from '../../settings/PreferencesContext'
import { Fields, ReadingList, Stack, type BenchProps } from './common'

const NAP_LABELS: Record<Nap, string> = {
  none: 'the same both ways',
  down: 'smooth towards the hem',
  up: 'smooth towards the head',
  unknown: 'not looked at',
}
const COLOUR_LABELS: Record<ColourFrom, string> = {
  printed: 'printed on',
  'yarn-dyed': 'woven from coloured yarns',
  'piece-dyed': 'dyed in the piece',
  undyed: 'not dyed',
  unknown: 'not looked at',
}

/** Which way a piece lies, sign after sign. */
export function Lie({ piece, readings }: BenchProps) {
  const { units } = usePreferences()
  const { fine, short } = fieldUnits(units)
  const last = ofKind(readings.now, 'lie').at(-1)?.data
  const [warp, setWarp] = useState<Signs>(last?.warpSigns ?? {})
  const [right, setRight] = useState<Signs>(last?.rightSigns ?? {})
  const [nap, setNap] = useState<Nap>(last?.nap ?? 'unknown')
  const [colourFrom, setColourFrom] = useState<ColourFrom>(last?.colourFrom ?? 'unknown')
  const [finish, setFinish] = useState<Finish[]>(last?.finish ?? [])
  const [repeat, setRepeat] = useState<number | null>(last?.printRepeatMm ?? null)
  const [off, setOff] = useState<number | null>(last?.printOffMm ?? null)
  const [width, setWidth] = useState<number | null>(last?.widthMm ?? piece?.widthMm ?? null)
  const keep = () =>
    readings.add({
      kind: 'lie',
      warpSigns: spoken(warp),
      rightSigns: spoken(right),
      nap,
      colourFrom,
      finish,
      printRepeatMm: repeat,
      printOffMm: off,
      widthMm: width,
    })
  const print = off !== null && width ? offGrainPrint(off, width) : null
  return (
    <Columns $first="1.4fr">
      <Stack>
        <SignsOf
          title="The warp"
          signs={warpSigns}
          said={warp}
          onSay={setWarp}
          choices={[
            ['a', 'A'],
            ['b', 'B'],
            ['neither', 'no difference'],
          ]}
        />
        <SignsOf
          title="The right side"
          signs={rightSigns}
          said={right}
          onSay={setRight}
          choices={[
            ['a', 'the side that is up'],
            ['b', 'the other'],
            ['neither', 'no difference'],
          ]}
        />
        <Paper aria-labelledby="colour-and-finish">
          <h2 id="colour-and-finish">Nap, colour and finish</h2>
          <ChoiceField
            label="Stroke it along the warp, both ways"
            value={nap}
            onChange={(value) => setNap(value as Nap)}
            options={NAPS.map((one) => [one, NAP_LABELS[one]] as const)}
          />
          <Soft>{napWords[nap]}</Soft>
          <SelectField
            label="Pull out a coloured thread; look along it, and at the back: the colour is"
            value={colourFrom}
            onChange={(value) => setColourFrom(value as ColourFrom)}
            options={COLOURS_FROM.map((one) => [one, COLOUR_LABELS[one]] as const)}
          />
          <Soft>{colourFromWords[colourFrom]}</Soft>
          <fieldset style={{ border: 0, padding: 0, margin: 0 }}>
            <legend style={{ fontWeight: 700 }}>Finish</legend>
            {FINISHES.map((one) => (
              <label
                key={one}
                style={{ display: 'flex', gap: '0.6rem', padding: '0.4rem 0', alignItems: 'baseline' }}
              >
                <input
                  type="checkbox"
                  style={{ width: '1.2rem', height: '1.2rem', flex: 'none' }}
                  checked={finish.includes(one)}
                  onChange={(event) =>
                    setFinish(
                      event.target.checked
                        ? [...finish.filter((other) => (other === 'none') === (one === 'none')), one]
                        : finish.filter((other) => other !== one),
                    )
                  }
                />
                <span>
                  <b>{finishes[one].label}.</b> {finishes[one].signs}
                </span>
              </label>
            ))}
          </fieldset>
        </Paper>
        <Paper aria-labelledby="print">
          <h2 id="print">A print or a woven pattern</h2>
          <Soft>
            Its repeat is from one figure to the same figure again. For how far off grain it is, pull one crosswise
            thread, and measure from it to the print’s own line at the far edge.
          </Soft>
          <Fields>
            <NumberField
              label="Repeat"
              unit={short.symbol}
              minValue={0}
              value={toField(repeat, short)}
              onChange={(value) => setRepeat(fromField(value, short) || null)}
            />
            <NumberField
              label="Off the threads by"
              unit={fine.symbol}
              minValue={0}
              value={toField(off, fine)}
              onChange={(value) => setOff(fromField(value, fine))}
            />
            <NumberField
              label="Over a width of"
              unit={short.symbol}
              minValue={0}
              value={toField(width, short)}
              onChange={(value) => setWidth(fromField(value, short) || null)}
            />
          </Fields>
          {repeat ? (
            <p>
              {printScale(repeat).words}
              {printScale(repeat).scale === 'small'
                ? ''
                : ` Matching takes up to ${toField(lengthToMatch(repeat, 1), short).toFixed(0)} ` +
                  `${short.symbol} more for each length that lies under another.`}
            </p>
          ) : null}
          {print ? (
            <Slip $tone={print.verdict === 'fine' ? 'good' : 'warn'}>
              The print leans by {print.degrees.toFixed(1)}°. {print.words}
            </Slip>
          ) : null}
        </Paper>
      </Stack>
      <Stack>
        <Paper aria-labelledby="comes-to">
          <h2 id="comes-to">What it comes to</h2>
          <div role="status">
            <Lead>{warpWords(weighSigns(warpSigns, warp))}</Lead>
            <Lead>{rightWords(weighSigns(rightSigns, right), Object.keys(right).length > 0)}</Lead>
          </div>
          <PlainList>
            {finish.map((one) => (
              <li key={one}>
                <b>{finishes[one].label}:</b> {finishes[one].means}
              </li>
            ))}
          </PlainList>
          <Actions>
            <StrongButton isDisabled={readings.saving} onPress={keep}>
              Keep how it lies
            </StrongButton>
          </Actions>
          <h3>Kept</h3>
          <ReadingList
            items={ofKind(readings.now, 'lie').map(({ id, data }) => ({ id, text: lieWords(data) }))}
            onDrop={readings.drop}
          />
        </Paper>
      </Stack>
    </Columns>
  )
}

const spoken = (signs: Signs): Record<string, Said> =>
  Object.fromEntries(Object.entries(signs).filter((one): one is [string, Said] => one[1] !== undefined))

function warpWords({ which, a, spoken: isSpoken }: Leaning): string {
  if (which) return `The warp runs along ${which.toUpperCase()} (${formatPercent(which === 'a' ? a : 1 - a)}).`
  if (!isSpoken) return 'Nothing tells of the warp yet.'
  return `Not decided: ${formatPercent(a)} for A. Look for one more sign.`
}

function rightWords({ which, a, spoken: isSpoken }: Leaning, isLooked: boolean): string {
  if (which)
    return which === 'a'
      ? `The right side is up (${formatPercent(a)}).`
      : `The right side is below (${formatPercent(1 - a)}).`
  if (!isLooked) return 'Nobody has looked for the right side yet.'
  if (isSpoken) return 'The right side is not decided. Either may be the better one: choose, and keep to it.'
  return (
    'No right side that shows: choose one, and chalk a cross on the wrong side of every piece, for in ' +
    'another light they may differ.'
  )
}

/** One sign after another, the weightiest first; those that were looked at can be changed. */
function SignsOf({
  title,
  signs,
  said,
  onSay,
  choices,
}: {
  title: string
  signs: readonly Sign[]
  said: Signs
  onSay: (said: Signs) => void
  choices: readonly (readonly [Said, string])[]
}) {
  const next = nextSign(signs, said)
  const id = title.replace(/\W/g, '-').toLowerCase()
  return (
    <Paper aria-labelledby={id}>
      <h2 id={id}>{title}</h2>
      {next ? (
        <div>
          <ChoiceField
            key={next.id}
            label={next.question}
            value=""
            onChange={(value) => onSay({ ...said, [next.id]: value as Said })}
            options={choices}
          />
          <Soft>{next.how}</Soft>
        </div>
      ) : (
        <Soft>Every sign was looked at.</Soft>
      )}
      <PlainList>
        {signs
          .filter((sign) => said[sign.id] !== undefined)
          .map((sign) => (
            <li
              key={sign.id}
              style={{
                display: 'flex',
                gap: '0.75rem',
                justifyContent: 'space-between',
                alignItems: 'center',
                flexWrap: 'wrap',
              }}
            >
              <span>
                {sign.question} <b>{choices.find(([choice]) => choice === said[sign.id])![1]}</b>
              </span>
              <QuietButton
                aria-label={`Look again: ${sign.question}`}
                onPress={() => onSay({ ...said, [sign.id]: undefined })}
              >
                Look again
              </QuietButton>
            </li>
          ))}
      </PlainList>
    </Paper>
  )
}
