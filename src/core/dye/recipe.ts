import { type MixPart } from '../fabric/types'
import { type FibreId } from '../vocabulary/fibres'
import { type Amounts } from './amounts'
import { DYE_CLASS_WORDS, type DyeClass } from '../vocabulary/dyes'
import { type TextWithId } from '../text/text'
import { fibresOf, isLike } from '../fibres/traits'
import { inCelsius } from '../text/amounts'
import { phrase } from '../text/text'

const holds = (mix: readonly MixPart[], fibres: readonly FibreId[]) =>
  mix.some(({ fibre, fraction }) => fibres.includes(fibre) && fraction.value > 0.1)

/** Time and heat of each kind of dye, as ranges. Common practice; the packet’s own instructions come first. */
function bathSteps(mix: readonly MixPart[], bath: DyeClass, amounts: Amounts): TextWithId[] {
  const { salt, alkali, alkaliCrystals, acid, waterLitres } = amounts
  switch (bath) {
    case 'reactive':
      return [
        {
          id: 'reactive-salt',
          text: phrase`Stir ${salt ?? 0} g of salt into ${waterLitres} l of water at ${inCelsius(35, 40)}, then
            the dye.`,
        },
        { id: 'reactive-stir', text: 'Put the wet fabric in; move it for 20 to 30 minutes.' },
        {
          id: 'reactive-soda',
          text:
            `Dissolve ${alkali} g of soda ash, or ${alkaliCrystals} g of soda crystals (washing soda with its water ` +
            'still in it), in a little hot water. Lift the fabric, stir the soda in, and move the ' +
            'fabric for 45 to 60 ' +
            'minutes.',
        },
      ]
    case 'acid': {
      const most = holds(mix, fibresOf('silken')) ? 85 : 95
      return [
        { id: 'acid-warm', text: `Put the wet fabric into ${waterLitres} l of lukewarm water with the dye.` },
        {
          id: 'acid-heat',
          text: phrase`Heat slowly, over 30 to 40 minutes, to ${inCelsius(most - 10, most)}; hardly move wool.`,
        },
        {
          id: 'acid-fix',
          text:
            `Lift it, stir ${acid} ml of white vinegar in; keep it hot for 30 to 45 minutes, until the ` +
            'water clears.',
        },
        { id: 'acid-cool', text: 'Let it cool down in its bath.' },
      ]
    }
    case 'disperse': {
      const isTender = holds(mix, fibresOf('dulls-in-heat'))
      return [
        {
          id: 'disperse-bath',
          text: `Stir the dye into ${waterLitres} l of water with ${acid} ml of white vinegar.`,
        },
        {
          id: 'disperse-heat',
          text: isTender
            ? phrase`Heat to ${inCelsius(75, 80)}, no more, for 45 to 60 minutes: hotter, acetate goes dull.`
            : 'Keep it at a rolling boil for 45 to 60 minutes, moving it all the time; creases that set now stay.',
        },
      ]
    }
    case 'basic':
      return [
        { id: 'basic-bath', text: `Stir the dye into ${waterLitres} l of water with ${acid} ml of white vinegar.` },
        {
          id: 'basic-heat',
          text: phrase`Heat by ${inCelsius(1)} a minute to ${inCelsius(90, 95)}, keep it there for 45 minutes,
            cool as slowly: it sags when hot.`,
        },
      ]
    case 'none':
      return []
  }
}

/** The whole of a dyeing, step by step. @param grams of dry goods */
export function recipeFor(mix: readonly MixPart[], bath: DyeClass, amounts: Amounts, grams: number): TextWithId[] {
  if (bath === 'none') return []
  const [low, high] = amounts.dyeGrams
  return [
    { id: 'packet-first', text: `Use ${DYE_CLASS_WORDS[bath]}. Follow the packet’s own instructions first.` },
    {
      id: 'weigh-dry',
      text: `Weigh it dry: ${Math.round(grams)} g need ${low} to ${high} g of powder for this shade.`,
    },
    scouring(mix),
    {
      id: 'strike-off',
      text:
        'Dye a snip first (a strike-off), with a thread and a button of it; dry it, and look at it in ' + 'daylight.',
    },
    ...bathSteps(mix, bath, amounts),
    {
      id: 'rinse',
      text: 'Rinse from warm to cold, or from cold to hot for reactive dye, until the water stays clear.',
    },
    { id: 'wash-apart', text: 'Wash it alone the first few times; dry it out of the sun.' },
  ]
}

/** Washing off finish and fat before the bath, by the tenderest fibre in it. Common practice. */
function scouring(mix: readonly MixPart[]): TextWithId {
  const id = 'scour'
  const why = 'Dye does not go through finish or grease.'
  if (holds(mix, fibresOf('protein', 'acetate')))
    return {
      id,
      text: phrase`Wash it in lukewarm water (${inCelsius(30, 40)}) with a neutral detergent, without soda,
        and hardly move it. ${why}`,
    }
  if (mix.every(({ fibre }) => isLike(fibre, 'plant')) && mix.length > 0)
    return {
      id,
      text: phrase`Wash it hot (${inCelsius(60)} and more where its colour allows) with detergent and about 2 g of
        soda ash, or 5 g of soda crystals, to a litre. ${why}`,
    }
  return { id, text: phrase`Wash it warm (${inCelsius(40, 50)}) with detergent, without soda. ${why}` }
}

/** How it lasts afterwards, by kind of dye. Common practice. */
export const LASTS: Readonly<Record<DyeClass, string>> = {
  reactive: 'Colourfast in the wash once rinsed; fair in the sun. A direct dye bleeds for many washes.',
  acid: 'Colourfast in a cool wash, less in a hot one; pale shades fade in the sun.',
  disperse: 'Colourfast in the wash; a hot iron may transfer it to other fabric.',
  basic: 'Colourfast on acrylic; poor in the sun on anything else.',
  none: '',
}

/** The cautions of a dyeing. Common practice; local rules and the packet come first. */
export function dyeCautions(bath: DyeClass): TextWithId[] {
  if (bath === 'none') return []
  return [
    {
      id: 'dust-mask',
      text: 'Wear a dust mask while the powder is open: some people become allergic to it for life.',
    },
    { id: 'gloves', text: 'Gloves, an apron, and no children or pets near.' },
    { id: 'separate-pots', text: 'Pots, spoons and scales for dyeing only, never for food again.' },
    {
      id: 'ventilation',
      text: 'Open the windows or turn the hood on; put hot baths at the back, and lift them with two people.',
    },
    ...(bath === 'reactive'
      ? [
          {
            id: 'alkali',
            text:
              'Soda ash and soda crystals burn eyes and skin: add them to water, never water to them; rinse ' +
              'splashes at once.',
          },
        ]
      : [{ id: 'acid', text: 'Vinegar and citric acid sting the eyes; never use them near bleach.' }]),
    { id: 'waste', text: 'Dispose of used baths as your local rules for drains and septic tanks say.' },
  ]
}
