import { isCloth } from '../cloths/traits'
import { type ClothTrait } from '../cloths/types'
import { fibreById, isTrace } from '../fibres/catalogue'
import { careOf, type Care } from '../fabric/care'
import { handlingOf } from '../fabric/handling'
import { shareOf } from '../fabric/mix'
import { materialIdOf } from '../fabric/materialOf'
import { type MaterialId } from '../materials/materials'
import { thicknessOf } from '../fabric/thickness'
import { type Offer } from '../fabric/types'
import { type Detail, type Garment } from '../vocabulary/choosing'
import { type Body, type Construction, type Handling, type Opacity } from '../vocabulary/cloth'
import { type FibreId } from '../vocabulary/fibres'
import { type SewSchools } from './schools'
import { fibresOf, type Likeness } from '../fibres/traits'

/** What the person sews with. */
export interface Machine {
  overlocker: boolean
  walkingFoot: boolean
  /** The finest needle at hand, NM. */
  smallestNeedle: number
}

export const USUAL_MACHINE: Machine = { overlocker: false, walkingFoot: false, smallestNeedle: 60 }

/** What is sewn, of what, with what. */
export interface SewAsked {
  offer: Offer
  garment?: Garment
  details?: readonly Detail[]
  lined?: boolean
  machine?: Partial<Machine>
  schools?: SewSchools
}

/** Where its weight is not known it is taken for a middling cloth's, g/m². */
const MIDDLING_GSM = 150

const STRESSED: readonly Garment[] = [
  'jeans',
  'trousers',
  'shorts',
  'dungarees',
  'jumpsuit',
  'bag',
  'rucksack',
  'corset',
  'culottes',
  'apron',
]
const UNLINED_JACKETS: readonly Garment[] = ['blazer', 'jacket-casual', 'kimono-jacket', 'coat', 'waistcoat']
const SWEEPING: readonly Garment[] = ['skirt-full', 'cape', 'cloak', 'skirt-wrap', 'gown', 'dress-fluid']
const STIFF_WANTED: readonly Garment[] = ['bag', 'hat', 'corset', 'rucksack', 'pouch', 'doublet', 'roman-blind']

/** What the rules ask of a cloth and of what is made of it. */
export class SewCase {
  readonly offer: Offer
  readonly called: string
  readonly material: MaterialId | undefined
  readonly gsm: number
  readonly isWeighed: boolean
  readonly mm: number
  readonly garment: Garment | undefined
  readonly machine: Machine
  readonly schools: SewSchools
  readonly care: Care
  private readonly handling: readonly Handling[]
  private readonly details: readonly Detail[]
  private readonly saidLined: boolean | undefined

  constructor({ offer, garment, details = [], lined, machine, schools = {} }: SewAsked) {
    this.offer = offer
    this.called = offer.called ?? ''
    this.material = materialIdOf(offer)
    this.gsm = offer.gsm?.value.value ?? MIDDLING_GSM
    this.isWeighed = offer.gsm !== undefined
    this.mm = thicknessOf(offer)?.value ?? 0.4
    this.garment = garment
    this.details = details
    this.saidLined = lined
    this.machine = { ...USUAL_MACHINE, ...machine }
    this.schools = schools
    this.care = careOf(offer)
    this.handling = handlingOf(offer)
  }

  get construction(): Construction {
    return this.offer.construction?.value ?? 'woven'
  }
  get isWoven() {
    return this.construction === 'woven'
  }
  get isKnit() {
    return this.construction === 'knit'
  }
  get isFelted() {
    return this.construction === 'felted'
  }
  get isNet() {
    return this.construction === 'net'
  }
  get body(): Body | undefined {
    return this.offer.body?.value
  }
  get opacity(): Opacity | undefined {
    return this.offer.opacity?.value
  }
  /** Across or along, the larger; per cent. */
  get stretch(): number {
    return Math.max(this.offer.stretchWidth?.value.value ?? 0, this.offer.stretchLength?.value.value ?? 0)
  }
  get isLimp() {
    if (this.body === 'fluid' || this.is('slippery')) return true
    return this.body === 'soft' && this.gsm < 125 && this.isMostly('falls-softly')
  }
  get isLined() {
    return this.saidLined ?? (this.details.includes('lined') || this.details.includes('quilted-layers'))
  }
  get isStressed() {
    return this.garment !== undefined && STRESSED.includes(this.garment)
  }
  get isUnlinedJacket() {
    return !this.isLined && this.garment !== undefined && UNLINED_JACKETS.includes(this.garment)
  }
  get isSweeping() {
    return (
      this.has('circle', 'bias-cut', 'flounces', 'godets', 'bell-sleeves', 'draped', 'cowl') ||
      (this.garment !== undefined && SWEEPING.includes(this.garment) && this.isLimp)
    )
  }
  get isStiffWanted() {
    return this.garment !== undefined && STIFF_WANTED.includes(this.garment)
  }
  /** A pile that shades, creeps and is crushed; cords and towelling bear more. */
  get isVelvety() {
    return this.is('pile') && !this.isOf('firm-pile')
  }
  /** Leather's likes: a film on a ground, which heals no hole. */
  get isFilm() {
    return this.is('coated')
  }
  get isFauxLeather() {
    return this.isOf('leather-like')
  }
  /** A smooth cloth of fine threads, closely woven, on which a round point makes holes or pulls threads. */
  get isFineAndClose() {
    const isFine = this.gsm < 135 && this.isWoven
    return (
      isFine && (this.is('slippery', 'sheer', 'delicate') || this.isOf('fine-threads') || this.isMostly('silken'))
    )
  }

  /** Whether it behaves in one of these ways. */
  is(...ways: readonly Handling[]): boolean {
    return ways.some((way) => this.handling.includes(way))
  }
  /** Whether the garment has one of these details. */
  has(...details: readonly Detail[]): boolean {
    return details.some((detail) => this.details.includes(detail))
  }
  makes(...garments: readonly Garment[]): boolean {
    return this.garment !== undefined && garments.includes(this.garment)
  }
  /** Whether the cloth that it is called has this trait. */
  isOf(trait: ClothTrait): boolean {
    return isCloth(this.called, trait)
  }
  /** The share of these fibres together, 0 … 1. */
  shareOf(...fibres: readonly FibreId[]): number {
    return shareOf(this.offer, fibres)
  }
  isMostly(...likenesses: readonly Likeness[]): boolean {
    return this.shareOf(...fibresOf(...likenesses)) >= 0.5
  }
  /** Whether one of these fibres is in it in a share that counts; a trace counts where it is sold as one. */
  holds(...likenesses: readonly Likeness[]): boolean {
    return fibresOf(...likenesses).some((fibre) => this.shareOf(fibre) >= (isTrace(fibre) ? 0.01 : 0.2))
  }
  get isPlant() {
    return this.isMostly('cellulose')
  }
  get isMelting() {
    return (this.offer.mix ?? []).some(
      ({ fibre, fraction }) => fraction.value >= 0.2 && fibreById(fibre).thermoplastic,
    )
  }
}
