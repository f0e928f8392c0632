import { type ScalePort } from '@/devices/scale/port'

/** How a made-up scale behaves. */
export interface ScaleNature {
  /** Smallest step, g; its decimals are what it shows. */
  resolutionGrams: number
  /** Creep of the zero, g a minute. */
  driftPerMinute: number
  /** Time constant of settling, ms. */
  settlingMs: number
  /** Standard deviation of the unrest of the table, g. */
  noiseGrams: number
}

export const KITCHEN_SCALE: ScaleNature = {
  resolutionGrams: 1,
  driftPerMinute: 0.15,
  settlingMs: 500,
  noiseGrams: 0.05,
}
export const LETTER_SCALE: ScaleNature = {
  resolutionGrams: 0.1,
  driftPerMinute: 0.05,
  settlingMs: 700,
  noiseGrams: 0.01,
}

const EVERY_MS = 200
/** It calls itself steady once what is still to settle is below half a step. */
const STEADY_SHARE = 0.5

/** A scale on no table: what is laid on it settles, its zero creeps, its display rounds, and it can be set to zero. */
export class SimulatedScale implements ScalePort {
  private load = 0
  private before = 0
  private laidAt = 0
  private zero = 0
  private timer: ReturnType<typeof setInterval> | undefined

  /**
   * @param clock ms from any beginning
   * @param chance uniform in [0, 1)
   */
  constructor(
    readonly name: string,
    private readonly nature: ScaleNature,
    private readonly clock: () => number,
    private readonly chance: () => number,
  ) {}

  open(onLine: (line: string) => void): Promise<void> {
    this.laidAt = this.clock()
    this.timer = setInterval(() => onLine(this.line()), EVERY_MS)
    return Promise.resolve()
  }

  tare(): Promise<boolean> {
    this.zero = this.felt()
    return Promise.resolve(true)
  }

  close(): Promise<void> {
    clearInterval(this.timer)
    return Promise.resolve()
  }

  /** Lays so many grams on it, in place of what lay there. */
  lay(grams: number): void {
    this.before = this.pressed()
    this.load = grams
    this.laidAt = this.clock()
  }

  /** The line that it sends now. */
  line(): string {
    const { resolutionGrams, settlingMs } = this.nature
    const unsettled = Math.abs(this.load - this.before) * Math.exp(-(this.clock() - this.laidAt) / settlingMs)
    const shown = Math.round((this.felt() - this.zero) / resolutionGrams) * resolutionGrams
    const decimals = Math.max(0, Math.ceil(-Math.log10(resolutionGrams)))
    const steadiness = unsettled < resolutionGrams * STEADY_SHARE ? 'ST' : 'US'
    const digits = Math.abs(shown).toFixed(decimals).padStart(7, '0')
    return `${steadiness},GS,${shown < 0 ? '-' : '+'}${digits} g`
  }

  /** What presses on it, g: the new load, less what has not settled yet. */
  private pressed(): number {
    return this.load + (this.before - this.load) * Math.exp(-(this.clock() - this.laidAt) / this.nature.settlingMs)
  }

  /** What its cell feels, g, before the zero is taken off and the display rounds. */
  private felt(): number {
    const normal = Math.sqrt(-2 * Math.log(1 - this.chance())) * Math.cos(2 * Math.PI * this.chance())
    return this.pressed() + (this.nature.driftPerMinute * this.clock()) / 60_000 + this.nature.noiseGrams * normal
  }
}
