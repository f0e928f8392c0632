import { type Material } from '../materials/types'
import { MATERIAL_IDS, materialById } from '../materials/materials'
import { type Rule } from './rule'
import { stitchLengthMm } from '../text/amounts'
import { phrase, type Phrase } from '../text/text'

/** Above what any rule for cloth says. */
const SAFETY = 8

/**
 * One rule for each material, from its table.
 * @param subject begins the ids
 * @param of what it gives and why; undefined where the material is handled as cloth is
 */
function rulesFor<V>(subject: string, of: (material: Material) => { gives: V; text: Phrase } | undefined): Rule<V>[] {
  return MATERIAL_IDS.flatMap((id) => {
    const material = materialById(id)
    const said = of(material)
    if (!said) return []
    return [
      { id: `${subject}-${id}`, when: (c) => c.material === id, ...said, safety: SAFETY, source: material.source },
    ]
  })
}

export const materialPoints = rulesFor('point', ({ needle }) => ({ gives: needle.point, text: needle.text }))
export const materialLengths = rulesFor<readonly [number, number]>('length', ({ stitchLength }) => ({
  gives: stitchLength,
  text: phrase`${stitchLengthMm(...stitchLength)}: close stitches cut it.`,
}))
export const materialFeet = rulesFor<string>('foot', ({ foot }) => ({
  gives: foot.startsWith('The standard') ? 'standard' : 'non-stick',
  text: foot,
}))
export const materialMarkings = rulesFor<string>('mark', ({ mark }) => ({ gives: 'pencil', text: mark }))
export const materialPinnings = rulesFor<string>('pin', ({ takesPins, hold }) => ({
  gives: takesPins ? 'pins' : 'clips',
  text: hold,
}))
export const materialLayers = rulesFor<'single' | 'folded'>('cut', ({ cut, comesAs }) => ({
  gives: 'single',
  text: comesAs === 'skin' ? `${cut} Check it in slanting light first, and chalk around flaws.` : cut,
}))
export const materialTools = rulesFor<string>('tool', ({ comesAs }) =>
  comesAs === 'skin' ? { gives: 'blade', text: 'Cut away from your body, on a mat.' } : undefined,
)
export const materialSteams = rulesFor<boolean>('steam', ({ press, ironDots }) => ({
  gives: ironDots === 2,
  text: press,
}))
export const materialSeams = rulesFor<null>('seams', ({ seam }) => ({ gives: null, text: seam }))
export const materialLayouts = rulesFor<null>('layout', ({ layout }) => ({ gives: null, text: layout.text }))
export const materialCleaning = rulesFor<null>('clean', ({ clean }) => ({ gives: null, text: clean }))
