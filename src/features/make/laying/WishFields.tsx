'use client'

import { LAYERS, LAYERS_WORDS, type Layers } from '@/core/vocabulary/laying'
import { CheckField } from '@/ui/kit/checks'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Fields, Soft, Stack } from '@/ui/kit/surfaces'
import { type Table } from './useTable'

const layersOptions = (['best', ...LAYERS] as const).map((one): [Layers | 'best', string] => [one, LAYERS_WORDS[one]])

/** How the cloth lies, and what has to agree. */
export function WishFields({ table }: { table: Table }) {
  const { wishes, setWishes, grounds, ground } = table
  const [only] = grounds
  const isLength = grounds.length === 1 && only!.outline === null
  const number = (value: number, then: (value: number) => void) => (Number.isNaN(value) ? undefined : then(value))
  return (
    <Stack>
      <Fields>
        <NumberField
          label="Space between pieces"
          unit="mm"
          value={wishes.gapMm}
          minValue={0}
          maxValue={50}
          onChange={(mm) => number(mm, (gapMm) => setWishes({ gapMm }))}
        />
        {isLength ? (
          <>
            <SelectField
              label="The cloth lies"
              value={wishes.layers}
              onChange={(layers) => setWishes({ layers })}
              options={layersOptions}
            />
            <NumberField
              label="Selvedge that is not used"
              unit="mm"
              value={only!.selvedgeMm}
              minValue={0}
              maxValue={200}
              onChange={(mm) => number(mm, (selvedgeMm) => ground({ selvedgeMm }))}
            />
            <NumberField
              label="Repeat along"
              unit="cm"
              value={only!.repeatMm.y / 10}
              minValue={0}
              maxValue={300}
              hint="Of stripes, checks or print; 0 for none."
              onChange={(cm) => number(cm, (y) => ground({ repeatMm: { ...only!.repeatMm, y: y * 10 } }))}
            />
            <NumberField
              label="Repeat across"
              unit="cm"
              value={only!.repeatMm.x / 10}
              minValue={0}
              maxValue={300}
              onChange={(cm) => number(cm, (x) => ground({ repeatMm: { ...only!.repeatMm, x: x * 10 } }))}
            />
          </>
        ) : null}
      </Fields>
      {isLength ? (
        <>
          <CheckField isSelected={only!.oneWay} onChange={(oneWay) => ground({ oneWay })}>
            Nap or print runs one way: nothing is turned head for foot
          </CheckField>
          <CheckField isSelected={wishes.matchNotches} onChange={(matchNotches) => setWishes({ matchNotches })}>
            Notches of the same name agree with the repeat
          </CheckField>
        </>
      ) : (
        <Soft>Odd pieces are laid on one by one, in a single layer, each along its own warp.</Soft>
      )}
    </Stack>
  )
}
