'use client'

import Link from 'next/link'
import { controlsNeeded, type BoxPiece } from '@/core/identify/controls'
import { type Answer } from '@/core/identify/identify'
import { TOOLS, type Part, type Tool } from '@/core/vocabulary/observations'
import { type TestSetup } from '@/core/notebook/kinds/burnTest'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { Chip, Chips } from '@/ui/kit/Chips'
import { ChoiceField } from '@/ui/kit/fields'
import { Actions, Folds, Page, Paper, PlainList, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { ClaimRows } from '../../shared/claim/ClaimRows'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { Cautions } from './Cautions'
import { HistoryEffectTable, HistoryFields } from './HistoryFields'
import { PART_WORDS } from '../../shared/burn/session'
import { Say } from '@/ui/text/Say'

const ASK_WORDS = [
  ['fibre', 'Which fibre it is'],
  ['family', 'What kind of fibre it is'],
  ['plastic', 'Whether there is any plastic in it'],
  ['label', 'Whether the label is true'],
] as const

const TOOL_WORDS: Record<Tool, string> = {
  flame: 'A flame, and everything for safe burning',
  loupe: 'A loupe of 60× or more',
  acetone: 'Acetone',
  bleach: 'Chlorine bleach',
}

interface Props {
  title: string
  setup: TestSetup
  part: Part
  /** What is believed before anything is seen. */
  belief: Answer
  box: readonly BoxPiece[]
  onSetup: (setup: TestSetup) => void
  onPart: (part: Part) => void
  /** Whether the cautions were read in this sitting. */
  isSafetyRead: boolean
  onSafetyRead: () => void
  onFlame: () => void
  onLook: () => void
}

/**
 * Before anything is lit: the cautions, once in a sitting, and the way to the first question. What is asked, what is
 * known and what lies beside it can be said first, and need not be.
 */
export function LayOut(props: Props) {
  const { title, setup, isSafetyRead, onSafetyRead, onFlame, onLook } = props
  const start = (go: () => void) => () => {
    onSafetyRead()
    go()
  }
  return (
    <Page $gap="1rem">
      <div>
        <h1>{isSafetyRead ? 'Get ready' : 'Before you light anything'}</h1>
        <Soft>{title}</Soft>
      </div>
      {isSafetyRead ? null : <Cautions />}
      <Actions>
        {setup.atHand.includes('flame') ? (
          <StrongButton onPress={start(onFlame)}>
            {isSafetyRead ? 'Start with the flame' : 'I’m ready: start with the flame'}
          </StrongButton>
        ) : null}
        <Button onPress={start(onLook)}>Start without a flame</Button>
      </Actions>
      <SetupFolds {...props} />
    </Page>
  )
}

/** What can be said before the test, each folded under what it holds. */
function SetupFolds({ setup, part, belief, box, onSetup, onPart }: Props) {
  const asks = ASK_WORDS.find(([id]) => id === setup.asks)?.[1] ?? ''
  const known = Object.keys(setup.history).length
  return (
    <Folds>
      <WhenOpened summary={`The question · ${asks.toLowerCase()}`}>
        {() => <Wanted setup={setup} part={part} onSetup={onSetup} onPart={onPart} />}
      </WhenOpened>
      <WhenOpened summary={`Its history · ${known > 0 ? `${known} of 4 known` : 'nothing known'}`}>
        {() => (
          <Paper aria-labelledby="past">
            <h2 id="past">What do you know of its history?</h2>
            <HistoryFields setup={setup} onChange={onSetup} />
            {belief.history ? <HistoryEffectTable effect={belief.history} /> : null}
          </Paper>
        )}
      </WhenOpened>
      <WhenOpened summary={`Known samples · ${box.length} in your box`}>
        {() => <Beside belief={belief} box={box} />}
      </WhenOpened>
      <WhenOpened summary="What can mislead a burn test">{() => <Spoils />}</WhenOpened>
    </Folds>
  )
}

/** The question, which part the first specimen is of, and what is at hand. */
function Wanted({ setup, part, onSetup, onPart }: Pick<Props, 'setup' | 'part' | 'onSetup' | 'onPart'>) {
  const toggle = (tool: Tool) =>
    onSetup({ ...setup, atHand: TOOLS.filter((one) => (one === tool) !== setup.atHand.includes(one)) })
  return (
    <Paper aria-labelledby="wanted">
      <h2 id="wanted">What do you want to know?</h2>
      <ChoiceField
        label="The question"
        value={setup.asks}
        onChange={(asks) => onSetup({ ...setup, asks: asks as TestSetup['asks'] })}
        options={ASK_WORDS}
      />
      {setup.asks === 'label' || setup.claim.length > 0 ? (
        <>
          <Soft>What the label or the seller says, with percentages.</Soft>
          <ClaimRows claim={setup.claim} onChange={(claim) => onSetup({ ...setup, claim })} />
        </>
      ) : null}
      <ChoiceField
        label="First sample from"
        value={part}
        onChange={(value) => onPart(value as Part)}
        options={(Object.keys(PART_WORDS) as Part[]).map((id) => [id, PART_WORDS[id]] as const)}
        hint="Warp and weft often differ: pull a few yarns of each direction and burn them separately."
      />
      <Stack $gap="0.4rem">
        <b id="tools">What do you have beside water, tweezers and daylight?</b>
        <Chips role="group" aria-labelledby="tools">
          {TOOLS.map((tool) => (
            <Chip key={tool} isSelected={setup.atHand.includes(tool)} onChange={() => toggle(tool)}>
              {TOOL_WORDS[tool]}
            </Chip>
          ))}
        </Chips>
      </Stack>
    </Paper>
  )
}

/** Known pieces to burn beside it. */
function Beside({ belief, box }: Pick<Props, 'belief' | 'box'>) {
  const { words } = usePreferences()
  const controls = controlsNeeded(belief.fibres, box, words)
  return (
    <Paper aria-labelledby="beside">
      <h2 id="beside">Known samples to put beside it</h2>
      <Soft>Cut them before you light anything. Burn one whenever you are unsure what you see or smell.</Soft>
      <PlainList>
        {controls.map(({ fibre, inBox, text }) => (
          <li key={fibre}>
            <Callout $tone={inBox === 'pure' ? 'good' : inBox === 'impure' ? 'warn' : 'plain'}>{text}</Callout>
          </li>
        ))}
      </PlainList>
      <Link href="/identify/samples">Your known samples</Link>
    </Paper>
  )
}

function Spoils() {
  return (
    <Paper aria-labelledby="spoils">
      <h2 id="spoils">What can mislead a burn test</h2>
      <Callout $tone="warn">
        <b>Never burn</b>
        <Say>
          {' '}
          glass-fibre fabric, or anything old that was made for heat (oven gloves, ironing pads, stage curtains, fire
          blankets): it may hold asbestos. Don’t cut it, and ask your local authority.
        </Say>
      </Callout>
      <PlainList>
        {SPOILERS.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </PlainList>
    </Paper>
  )
}

/** What makes a burn lie; common practice. */
const SPOILERS: readonly string[] = [
  'Flame retardant, on curtains, upholstery and stage fabric: it puts out flames and gives off ' +
    'fumes. Don’t trust the result.',
  'Coatings, rubber and glue: you burn the coating. Pull a yarn from under it, or don’t burn it.',
  'Starch, softener, oil and crease-resist finish: wash a scrap and dry it first.',
  'Black and navy dye darken ash and beads. Judge by hardness, not by colour.',
]
