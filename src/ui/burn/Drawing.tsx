import { smells } from './smells'
import { Pressed, Residue } from './residues'
import { scenes, untouchedScene } from './scenes'
import { type DrawnYarn } from '../tabletop/drawnYarn'
import { tableTests } from '../tabletop'

export const PLAIN_YARN: DrawnYarn = { fill: 'var(--paper-deep)', edge: 'var(--ink-soft)' }

/** One answer, drawn. Decoration for a button that says the same in words. */
export function AnswerDrawing({
  feature,
  state,
  yarn = PLAIN_YARN,
}: {
  feature: string
  state: string
  yarn?: DrawnYarn
}) {
  return (
    <svg className="drawn" viewBox="0 0 120 110" aria-hidden focusable="false">
      {feature === 'smell' ? (
        smells[state]
      ) : feature === 'residue' ? (
        <Residue forms={[state]} />
      ) : feature === 'residue-colour' ? (
        <Residue forms={[]} colour={state} />
      ) : feature === 'crush' ? (
        <Pressed crush={state} />
      ) : (
        (scenes[feature] ?? tableTests[feature]?.states)?.[state]?.(yarn)
      )}
    </svg>
  )
}

/** How a test at the table is done, drawn; decoration for steps that say the same in words. */
export function HowDrawing({ feature, yarn = PLAIN_YARN }: { feature: string; yarn?: DrawnYarn }) {
  return (
    <svg className="drawn" viewBox="0 0 120 110" aria-hidden focusable="false">
      {tableTests[feature]?.how(yarn)}
    </svg>
  )
}

/** Answers by feature: the states seen, in the order given. */
export type SeenStates = Readonly<Record<string, readonly string[]>>

/** The places along the strip, in the order of the test, and the features asked at each. */
export const STRIP_PLACES = [
  { id: 'untouched', title: 'The fabric', features: [] },
  { id: 'near', title: 'Flame near', features: ['approach'] },
  { id: 'in', title: 'In the flame', features: ['ignition', 'flame', 'melting'] },
  { id: 'gone', title: 'Flame gone', features: ['after-removal', 'afterglow'] },
  { id: 'air', title: 'Smoke and smell', features: ['smoke', 'smell'] },
  { id: 'cold', title: 'Cold', features: ['residue', 'residue-colour', 'crush'] },
] as const

/** One place of the strip, with everything that was seen there drawn over one another. */
export function PlaceDrawing({
  place,
  seen,
  yarn = PLAIN_YARN,
}: {
  place: (typeof STRIP_PLACES)[number]['id']
  seen: SeenStates
  yarn?: DrawnYarn
}) {
  const first = (feature: string) => seen[feature]?.[0]
  const scene = (...features: string[]) => {
    const drawn = features.flatMap((feature) => {
      const state = first(feature)
      const draw = state && scenes[feature]?.[state]
      return draw ? [<g key={feature}>{draw(yarn)}</g>] : []
    })
    return drawn.length > 0 ? drawn : <g opacity="0.35">{untouchedScene(yarn)}</g>
  }
  switch (place) {
    case 'untouched':
      return untouchedScene(yarn)
    case 'near':
      return scene('approach')
    case 'in':
      return scene(
        first('melting') === 'none' || !first('melting') ? 'ignition' : 'melting',
        first('melting') && first('melting') !== 'none' ? '' : 'flame',
      )
    case 'gone':
      return scene('after-removal', first('afterglow') === 'yes' ? 'afterglow' : '')
    case 'air':
      return (
        <>
          {scene('smoke')}
          {(seen.smell ?? []).slice(0, 2).map((state, index) => (
            <g key={state} transform={`translate(${index * 30 - 2} 66) scale(.4)`}>
              {smells[state]}
            </g>
          ))}
        </>
      )
    case 'cold':
      return seen.residue || seen['residue-colour'] || seen.crush ? (
        <Residue
          forms={seen.residue ?? []}
          colour={first('residue-colour')}
          crush={first('crush') === 'resists' ? undefined : first('crush')}
        />
      ) : (
        <g opacity="0.35">
          <Residue forms={[]} />
        </g>
      )
  }
}
