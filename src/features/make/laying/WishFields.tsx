'use client'

import { LAYERS, LAYERS_WORDS, type Layers } from '@/core/vocabulary/laying'
import { CheckField } from '@/ui/kit/checks'
import { SelectField } from '@/ui/kit/SelectField'
import { Fields, Soft, Stack } from '@/ui/kit/surfaces'
import { LengthField } from '../../shared/settings/LengthField'
import { BorderFields } from './BorderFields'
import { type LayoutEditor } from './useLayoutEditor'
import { mustHave } from '@/core/lists/items'

const layersOptions = (['best', ...LAYERS] as const).map((one): [Layers | 'best', string] => [one, LAYERS_WORDS[one]])

const REPEATS: readonly { axis: 'x' | 'y'; label: string; hint?: string }[] = [
  { axis: 'y', label: 'Repeat along the length', hint: 'Of stripes, checks or print; 0 if there is none.' },
  { axis: 'x', label: 'Repeat across the width' },
]

/** How the cloth lies, and what has to agree. */
export function WishFields({ table }: { table: LayoutEditor }) {
  const { wishes, setWishes, grounds, ground } = table
  const [only] = grounds
  const isLength = grounds.length === 1 && mustHave(only).outline === null
  return (
    <Stack>
      <Fields>
        <LengthField
          label="Space between pieces"
          of="fine"
          mm={wishes.gapMm}
          mostMm={50}
          onMm={(gapMm) => gapMm === null || setWishes({ gapMm })}
        />
        {isLength ? (
          <>
            <SelectField
              label="Fold"
              value={mustHave(only).border ? 'single' : wishes.layers}
              onChange={(layers) => setWishes({ layers })}
              // Folded, a border would lie at one side of the lower layer and at the other of the upper.
              options={
                mustHave(only).border ? layersOptions.filter(([layers]) => layers === 'single') : layersOptions
              }
            />
            <LengthField
              label="Selvedge not used"
              of="fine"
              mm={mustHave(only).selvedgeMm}
              mostMm={200}
              onMm={(selvedgeMm) => selvedgeMm === null || ground({ selvedgeMm })}
            />
            {REPEATS.map(({ axis, label, hint }) => (
              <LengthField
                key={axis}
                label={label}
                of="short"
                mm={mustHave(only).repeatMm[axis]}
                mostMm={3000}
                hint={hint}
                onMm={(mm) => mm === null || ground({ repeatMm: { ...mustHave(only).repeatMm, [axis]: mm } })}
              />
            ))}
          </>
        ) : null}
      </Fields>
      {isLength ? (
        <>
          <BorderFields table={table} />
          <CheckField isSelected={mustHave(only).oneWay} onChange={(oneWay) => ground({ oneWay })}>
            Nap or print runs one way: turn no piece upside down
          </CheckField>
          <CheckField isSelected={wishes.matchNotches} onChange={(matchNotches) => setWishes({ matchNotches })}>
            Match notches of the same name on the repeat
          </CheckField>
        </>
      ) : (
        <Soft>Irregular fabrics are used one by one, in a single layer, each along its own warp.</Soft>
      )}
    </Stack>
  )
}
