import { clothWithId } from '@/core/cloths/traits'
import { type RankedName } from '@/core/cloths/name'
import { capitalise, formatPercent } from '@/core/units/format'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { tileOf } from '@/ui/cloth/spec'
import { Soft, Stack } from '@/ui/kit/surfaces'
import { Terms } from '@/ui/text/Terms'
import { mustHave } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'
import { joinTexts } from '@/core/text/text'

/** A name that fits, drawn, with what speaks for and against it. */
export function ClothName({ name: ranked }: { name: RankedName }) {
  const { id, name, also, probability, makes, for: speaksFor, against } = ranked
  const cloth = mustHave(clothWithId(id))
  const look = { warp: '#4a6b83', weft: '#dcd3bd', accent: null, colouring: 'plain' } as const
  return (
    <li>
      <ClothSwatch
        tile={tileOf({ called: cloth.name.uk, construction: cloth.construction, look })}
        label={`${name}, drawn from its weave`}
        height="6rem"
        scale={1.3}
      />
      <Stack $gap="0.25rem">
        <h3>
          <span>{name}</span> <span>{formatPercent(probability)}</span>
        </h3>
        <p>
          <Terms>{makes}</Terms>
        </p>
        {speaksFor.length > 0 ? (
          <Soft>
            Fits: <Say>{joinTexts(speaksFor, '; ')}</Say>.
          </Soft>
        ) : null}
        {against.length > 0 ? (
          <Soft>
            Does not fit: <Say>{joinTexts(against, '; ')}</Say>.
          </Soft>
        ) : null}
        {also.length > 0 ? <Soft>Also called {capitalise(also.slice(0, 3).join(', '))}.</Soft> : null}
      </Stack>
    </li>
  )
}
