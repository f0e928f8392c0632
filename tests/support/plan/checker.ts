/** What a plan must never do, found out without the planner's own code. Times are read by the platform's calendar. */
interface ToldStep {
  id: string
  kind: string
  pieces: string[]
  hands: number
  wait: readonly [number, number]
  after: string[]
  start: string | null
  end: string | null
}
interface ToldPlan {
  steps: ToldStep[]
  loads: { id: string; pieces: string[]; kg: number }[]
  unscheduled: string[]
  finish: string | null
}
interface Asked {
  pieces: readonly { id: string; grams?: number }[]
  household: { washerKg: number; lineMetres: number }
  free: readonly { start: string; end: string }[]
}

const at = (written: string) => Date.parse(`${written}:00Z`) / 60_000

/** Faults of a plan, in words; none where it can be followed. */
export function planFaults(plan: ToldPlan, { pieces, household, free }: Asked): string[] {
  const faults: string[] = []
  const byId = new Map(plan.steps.map((one) => [one.id, one]))
  const timed = plan.steps.filter((one) => one.start !== null)
  const windows = free.map(({ start, end }) => [at(start), at(end)] as const)
  const inWindow = (from: number, to: number) => {
    // Windows that touch are one.
    let reached = from
    for (let more = true; more && reached < to;) {
      const next = windows.find(([start, end]) => start <= reached && end > reached)
      more = next !== undefined
      if (next) reached = next[1]
    }
    return reached >= to
  }
  for (const one of timed) {
    const start = at(one.start!)
    if (one.hands > 0 && !inWindow(start, start + one.hands)) faults.push(`${one.id} is not in the free hours`)
    if (at(one.end!) < start + one.hands + one.wait[0]) faults.push(`${one.id} ends too soon`)
    for (const id of one.after) {
      const before = byId.get(id)
      if (!before) faults.push(`${one.id} waits for ${id}, which is no step`)
      else if (before.start === null) faults.push(`${one.id} is planned and ${id} is not`)
      else if (at(before.end!) > start) faults.push(`${one.id} begins before ${id} is over`)
    }
  }
  const handsOn = timed
    .filter(({ hands }) => hands > 0)
    .map((one) => [at(one.start!), at(one.start!) + one.hands] as const)
  handsOn.sort((a, b) => a[0] - b[0])
  handsOn.forEach(([, end], i) => {
    if (handsOn[i + 1] && handsOn[i + 1]![0] < end) faults.push('two things at once by hand')
  })
  const washes = timed.filter(({ id, kind }) => kind === 'wash' && id.startsWith('load-'))
  washes.forEach((a, i) =>
    washes.slice(i + 1).forEach((b) => {
      if (at(a.start!) < at(b.end!) && at(b.start!) < at(a.end!)) faults.push(`${a.id} and ${b.id} are in one washer`)
    }),
  )
  for (const { id, kg, pieces: members } of plan.loads) {
    if (kg > household.washerKg + 1e-6) faults.push(`${id} is over the drum`)
    const whole =
      members.reduce((sum, member) => sum + (pieces.find((one) => one.id === member)?.grams ?? 0), 0) / 1000
    if (Math.abs(whole - kg) > 0.01) faults.push(`${id} weighs ${whole}, not ${kg}`)
  }
  const missing = plan.steps.filter((one) => one.start === null).map(({ id }) => id)
  if (JSON.stringify(missing.sort()) !== JSON.stringify([...plan.unscheduled].sort()))
    faults.push('unscheduled is wrong')
  const order = [
    'test-square',
    'finish-edges',
    'wash',
    'dry',
    'press',
    'true-grain',
    'rest',
    'cut',
    'staystitch',
    'sew',
    'hem',
  ]
  for (const { id } of pieces) {
    const own = timed.filter((one) => one.pieces.includes(id) && order.includes(one.kind))
    for (const a of own)
      for (const b of own)
        if (order.indexOf(a.kind) < order.indexOf(b.kind) && at(a.end!) > at(b.start!))
          faults.push(`${id}: ${a.kind} is not over before ${b.kind}`)
  }
  return faults
}
