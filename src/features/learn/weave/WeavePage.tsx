'use client'

import { useMemo, useState } from 'react'
import { FileTrigger } from 'react-aria-components'
import styled from 'styled-components'
import { readWif, WifError } from '@/core/formats/wif/read'
import { writeWif } from '@/core/formats/wif/write'
import { capitalise } from '@/core/units/format'
import { drafts, type Drawdown } from '@/core/weave/drafts'
import { type Interlacing } from '@/core/vocabulary/cloth'
import { weaveDraftOf, drawdownOf } from '@/core/weave/draft'
import { floatsOf, twillAngle, twillLine, warpShare } from '@/core/weave/measure'
import { clothSvg, svgAddress, type YarnChoice } from '@/ui/cloth/drawn'
import { sectionSvg, type PileLook } from '@/ui/cloth/section'
import { Button } from '@/ui/kit/buttons'
import { ChoiceField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Columns, Facts, Fields, Lead, Page, Paper, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { download } from './download'
import { Grid, resizeDraft } from './Grid'
import { LoomDraft } from './LoomDraft'
import { YarnFields } from './Yarns'
import { itemAt, mustHave } from '@/core/lists/items'

const MOST_THREADS = 24
const Cloth = styled.img`
  width: 100%;
  aspect-ratio: 4 / 3;
  object-fit: cover;
  object-position: top left;
  display: block;
  border: 1px solid var(--ink-soft);
`
const Section = styled.img`
  width: 100%;
  display: block;
  max-height: 12rem;
  object-fit: contain;
`

const YARN: YarnChoice = {
  colour: '#35566f',
  stripeEvery: 0,
  stripe: '#c8a02c',
  diameterMm: 0.34,
  kind: 'staple',
  slub: 0,
}

/** A weave on the desk: how its threads cross, its yarns, and what stands on it. */
function useWeaveDesk() {
  const [draft, setDraft] = useState<Drawdown>(drafts.twill)
  const [perCm, setPerCm] = useState({ ends: 28, picks: 22 })
  const [warp, setWarp] = useState<YarnChoice>(YARN)
  const [weft, setWeft] = useState<YarnChoice>({ ...YARN, colour: '#efe9dc', diameterMm: 0.42 })
  const [nap, setNap] = useState(0)
  const [pile, setPile] = useState<PileLook>({ kind: 'none', heightMm: 1.5 })
  const [side, setSide] = useState<'face' | 'back'>('face')
  const cloth = useMemo(
    () => clothSvg({ draft, endsPerCm: perCm.ends, picksPerCm: perCm.picks, warp, weft, nap, pile, side }),
    [draft, perCm, warp, weft, nap, pile, side],
  )
  const section = useMemo(
    () =>
      sectionSvg({
        draft,
        pick: 0,
        endsPerCm: perCm.ends,
        warpMm: warp.diameterMm,
        weftMm: weft.diameterMm,
        warp: warp.colour,
        weft: weft.colour,
        pile,
      }),
    [draft, perCm, warp, weft, pile],
  )
  const loom = useMemo(() => weaveDraftOf(draft), [draft])
  const named = Object.entries(drafts).find(([, known]) => JSON.stringify(known) === JSON.stringify(draft))?.[0] ?? ''
  return {
    ...{ draft, setDraft, perCm, setPerCm, warp, setWarp, weft, setWeft },
    ...{ nap, setNap, pile, setPile, side, setSide, cloth, section, loom, named },
  }
}

type Desk = ReturnType<typeof useWeaveDesk>

/** Any weave, seen: choose or draw how the threads cross, and look at the cloth, its back and its section. */
export function WeavePage() {
  const desk = useWeaveDesk()
  return (
    <Page>
      <div>
        <h1>Weave editor</h1>
        <Lead>
          Choose or draw how the threads cross, enter the yarns, and see the front, the back and the cut edge.
        </Lead>
      </div>
      <Columns $first="1fr">
        <Stack>
          <TheCloth desk={desk} />
          <Paper aria-labelledby="loom">
            <h2 id="loom">On a loom</h2>
            <LoomDraft draft={desk.loom} drawdown={desk.draft} />
            <Soft>
              {Math.max(1, ...desk.loom.threading)} shafts, {desk.loom.tieUp.length} treadles: threading above, tie-up
              in the corner, treadling beside.
            </Soft>
          </Paper>
        </Stack>
        <Stack>
          <Crossing desk={desk} />
          <TheYarns desk={desk} />
        </Stack>
      </Columns>
    </Page>
  )
}

/** Its face or back and its cut edge; opened from a file, and saved as one. */
function TheCloth({ desk }: { desk: Desk }) {
  const { draft, setDraft, perCm, pile, side, setSide, cloth, section, loom, named } = desk
  const [trouble, setTrouble] = useState<string>()
  const read = async (file: File) => {
    setTrouble(undefined)
    try {
      const read = drawdownOf(readWif(await file.text()))
      const small = resizeDraft(
        read,
        Math.min(MOST_THREADS, itemAt(read, 0).length),
        Math.min(MOST_THREADS, read.length),
      )
      setDraft(small)
      if (small.length < read.length || itemAt(small, 0).length < itemAt(read, 0).length)
        setTrouble(
          `It has ${itemAt(read, 0).length} ends and ${read.length} picks: the first ${itemAt(small, 0).length} by ` +
            `${small.length} are shown.`,
        )
    } catch (error) {
      setTrouble(
        error instanceof WifError || error instanceof RangeError ? error.message : 'We can’t read that file.',
      )
    }
  }
  return (
    <Paper aria-labelledby="cloth">
      <h2 id="cloth">Fabric</h2>
      <ChoiceField
        label="Seen from"
        value={side}
        onChange={(value) => setSide(value as typeof side)}
        options={[
          ['face', 'right side'],
          ['back', 'wrong side'],
        ]}
      />
      <Cloth
        src={svgAddress(cloth)}
        alt={`The ${side === 'face' ? 'right' : 'wrong'} side of the fabric, drawn to scale`}
      />
      <h3>Cut along a weft thread</h3>
      <Section
        src={svgAddress(section)}
        alt={
          'The cut edge: warp threads as circles, the weft thread over and under ' +
          `them${pile.kind === 'none' ? '' : `, ${pile.kind} pile on it`}`
        }
      />
      <Told draft={draft} perCm={perCm} />
      <Actions>
        <FileTrigger
          acceptedFileTypes={['.wif']}
          onSelect={(files) => {
            if (files?.[0]) void read(files[0])
          }}
        >
          <Button>Open a WIF file</Button>
        </FileTrigger>
        <Button onPress={() => download('weave.wif', 'text/plain', writeWif(loom, named || 'weave'))}>
          Save as WIF
        </Button>
        <Button onPress={() => download(`weave-${side}.svg`, 'image/svg+xml', cloth)}>Save picture</Button>
      </Actions>
      {trouble ? (
        <Callout $tone="warn" role="alert">
          {trouble}
        </Callout>
      ) : null}
    </Paper>
  )
}

function Crossing({ desk: { draft, setDraft, named } }: { desk: Desk }) {
  const [ends, picks] = [itemAt(draft, 0).length, draft.length]
  return (
    <Paper aria-labelledby="crossing">
      <h2 id="crossing">How the threads cross</h2>
      <Fields>
        <SelectField
          label="Start with"
          value={named}
          onChange={(id) => {
            if (id) setDraft(mustHave(drafts[id as Interlacing]))
          }}
          options={[
            ...(named === '' ? [['', 'your own'] as const] : []),
            ...Object.keys(drafts).map((id) => [id, capitalise(id.replace('-', ' '))] as const),
          ]}
        />
        <NumberField
          label="Warp threads per repeat"
          minValue={1}
          maxValue={MOST_THREADS}
          value={ends}
          onChange={(value) => setDraft(resizeDraft(draft, value || ends, picks))}
        />
        <NumberField
          label="Weft threads per repeat"
          minValue={1}
          maxValue={MOST_THREADS}
          value={picks}
          onChange={(value) => setDraft(resizeDraft(draft, ends, value || picks))}
        />
      </Fields>
      <Grid draft={draft} onChange={setDraft} />
      <Soft>
        Dark squares: the warp is on top. Each column is a warp thread, each row a weft thread, the first at the
        bottom.
      </Soft>
    </Paper>
  )
}

function TheYarns({ desk }: { desk: Desk }) {
  const { perCm, setPerCm, warp, setWarp, weft, setWeft, nap, setNap, pile, setPile } = desk
  return (
    <Paper aria-labelledby="yarns">
      <h2 id="yarns">Yarns</h2>
      <YarnFields
        title="Warp (lengthwise)"
        yarn={warp}
        perCm={perCm.ends}
        onPerCm={(value) => setPerCm({ ...perCm, ends: value })}
        onChange={setWarp}
      />
      <YarnFields
        title="Weft (across)"
        yarn={weft}
        perCm={perCm.picks}
        onPerCm={(value) => setPerCm({ ...perCm, picks: value })}
        onChange={setWeft}
      />
      <h3>Surface</h3>
      <Fields>
        <NumberField
          label="Nap"
          unit="%"
          minValue={0}
          maxValue={100}
          value={nap * 100}
          onChange={(value) => setNap((value || 0) / 100)}
        />
        <NumberField
          label="Pile height"
          unit="mm"
          minValue={0.3}
          maxValue={12}
          value={pile.heightMm}
          onChange={(value) => setPile({ ...pile, heightMm: value || pile.heightMm })}
        />
      </Fields>
      <ChoiceField
        label="Pile"
        value={pile.kind}
        onChange={(kind) => setPile({ ...pile, kind: kind as PileLook['kind'] })}
        options={[
          ['none', 'none'],
          ['cut', 'cut'],
          ['looped', 'looped'],
        ]}
      />
    </Paper>
  )
}

function Told({ draft, perCm }: { draft: Drawdown; perCm: { ends: number; picks: number } }) {
  const floats = floatsOf(draft)
  const line = twillLine(draft)
  const over = ({ longest, mean }: { longest: number; mean: number }) =>
    `longest over ${longest}, ${mean.toFixed(1)} on average`
  return (
    <div role="status">
      <Facts>
        <dt>Warp on the right side</dt>
        <dd>{Math.round(warpShare(draft) * 100)} %</dd>
        <dt>Warp floats</dt>
        <dd>{over(floats.warp)}</dd>
        <dt>Weft floats</dt>
        <dd>{over(floats.weft)}</dd>
        <dt>Twill line</dt>
        <dd>
          {line
            ? `${twillAngle(perCm.ends, perCm.picks, line.risePicks, line.runEnds).toFixed(0)}° from the ` +
              `weft, climbing to the ${line.climbs}`
            : 'none'}
        </dd>
      </Facts>
    </div>
  )
}
