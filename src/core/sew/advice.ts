import { chooseSafest, firingRules, type Rule } from './rule'
import { hemChoices, HEM_RULES } from './hems'
import { seamChoices, SEAM_RULES } from './seams'
import { ATTACH_RULES, interfacingAdvice, INTERFACING_KINDS } from './interface'
import { needleAdvice, POINT_RULES, SIZE_RULES } from './needle'
import { ORDER_RULES, WARNING_RULES } from './order'
import { CLOTH_RULES, pressAdvice, SIDE_RULES, STEAM_RULES } from './press'
import { SewCase, type SewAsked } from './sewCase'
import { FOOT_RULES, LENGTH_RULES, stitchAdvice, STITCH_RULES, TENSION_RULES } from './stitch'
import { LAYER_RULES, MARKING_RULES, PINNING_RULES, TOOL_RULES, UNDER_RULES } from './table'
import { threadChoices, THREAD_RULES } from './thread'
import { joinTexts } from '../text/text'

/** Every rule by what it is about: read by the table of rules and by its tests. */
export const SEW_RULES: Readonly<Record<string, readonly Rule<unknown>[]>> = {
  'Needle, point': POINT_RULES,
  'Needle, size': SIZE_RULES,
  Thread: THREAD_RULES,
  'Stitch, kind': STITCH_RULES,
  'Stitch, length': LENGTH_RULES,
  Foot: FOOT_RULES,
  Tension: TENSION_RULES,
  'Cutting, layers': LAYER_RULES,
  'Cutting, tool': TOOL_RULES,
  'Cutting, under it': UNDER_RULES,
  Marking: MARKING_RULES,
  Pinning: PINNING_RULES,
  Steam: STEAM_RULES,
  'Pressing cloth': CLOTH_RULES,
  'Pressing, side': SIDE_RULES,
  'Interfacing, kind': INTERFACING_KINDS,
  'Interfacing, attached': ATTACH_RULES,
  Seams: SEAM_RULES,
  Hems: HEM_RULES,
  'Order of work': ORDER_RULES,
  Warnings: WARNING_RULES,
}

const said = <V>(rules: readonly Rule<V>[], c: SewCase) => {
  const { gives, text, because, others } = chooseSafest(rules, c)
  return { id: gives, text, because, others }
}

/** How a cloth wants to be handled, for what is made of it, with what the person has. Each choice names its rules. */
export function sewAdvice(asked: SewAsked) {
  const c = new SewCase(asked)
  const layers = chooseSafest(LAYER_RULES, c)
  const tool = chooseSafest(TOOL_RULES, c)
  const under = chooseSafest(UNDER_RULES, c)
  const stitch = stitchAdvice(c)
  const needle = needleAdvice(c)
  const pressing = pressAdvice(c)
  const told = (rules: readonly Rule<null>[]) =>
    firingRules(rules, c).map(({ id, text }) => ({ id, text, because: [id] }))
  return {
    needle: {
      nm: needle.nm,
      us: needle.us,
      point: needle.gives,
      text: needle.text,
      because: needle.because,
      others: needle.others,
    },
    thread: { choices: threadChoices(c) },
    stitch: { mm: stitch.mm, kind: stitch.gives, text: stitch.text, because: stitch.because, others: stitch.others },
    foot: said(FOOT_RULES, c),
    tension: said(TENSION_RULES, c),
    cutting: {
      layers: layers.gives,
      tool: tool.gives,
      under: under.gives,
      text: joinTexts([layers.text, tool.text, ...(under.gives === 'nothing' ? [] : [under.text])]),
      because: [...layers.because, ...tool.because, ...under.because],
      others: layers.others,
    },
    marking: said(MARKING_RULES, c),
    pinning: said(PINNING_RULES, c),
    pressing: {
      ironDots: pressing.ironDots,
      steam: pressing.steam.gives,
      pressCloth: pressing.pressCloth.gives,
      side: pressing.side.gives,
      text: pressing.text,
      because: pressing.because,
    },
    interfacing: interfacingAdvice(c),
    seams: seamChoices(c),
    hems: hemChoices(c),
    order: told(ORDER_RULES),
    warnings: told(WARNING_RULES),
  }
}

export type SewAdvice = ReturnType<typeof sewAdvice>
