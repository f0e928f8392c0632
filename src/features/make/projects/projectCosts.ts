import { type Project } from '@/core/notebook/kinds/project'

/** Something that is bought: its name among the costs, and as it is shown. */
export interface Bought {
  what: string
  label: string
}

export interface CostLine extends Bought {
  /** Null: nobody said. */
  amount: number | null
}

/** Each thing that is bought with what it cost; what cost something and stands on no list any more comes last. */
export function costLines(things: readonly Bought[], costs: Project['costs']): CostLine[] {
  const known = new Map(costs.map(({ what }) => [what, { what, label: what.replace(/^supply: /, '') }]))
  for (const thing of things) known.delete(thing.what)
  const once = new Map(things.map((thing) => [thing.what, thing]))
  return [...once.values(), ...known.values()].map((thing) => ({
    ...thing,
    amount: costs.find(({ what }) => what === thing.what)?.amount ?? null,
  }))
}

/** What it all comes to, and how many still have no price. */
export function costTotal(lines: readonly CostLine[]): { sum: number; open: number } {
  const sum = lines.reduce((all, { amount }) => all + (amount ?? 0), 0)
  return { sum, open: lines.filter(({ amount }) => amount === null).length }
}
