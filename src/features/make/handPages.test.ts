import { AT, GONE, METRIC, db } from '../../../tests/support/ownPages'
import { minutesOf } from '@/core/prepare/minutes'
import { PieceSchema, type PieceInput } from '@/core/notebook/kinds/piece'
import { ProjectSchema } from '@/core/notebook/kinds/project'
import { ProjectClothSchema } from '@/core/notebook/kinds/projectCloth'
import { createRecord } from '@/server/store/repository'
import { readWorkroom } from '@/server/records/workroom'
import { calendarOf } from '@/core/formats/ics/write'
import { loadPlan, loadPlans } from './plan/load'
import { dropTestSeam, keepTestSeam } from './sewing/actions'
import { loadSewing } from './sewing/load'
import { readAddress } from '../shared/address/address'
import { loadMend } from './upcycle/loadMend'
import { mendAddress } from './upcycle/mendAddress'
import { loadMix } from './upcycle/loadTogether'
import { loadUseUp } from './upcycle/loadUseUp'
import { forgetCalendar, saveWorkroom, takeCalendar } from './workroom/actions'

const NOW = minutesOf('2026-05-04T08:00')!

async function cloth(name: string, rest: Partial<PieceInput> = {}): Promise<string> {
  const usual = { called: 'poplin', widthMm: 1400, lengthMm: 3000 } as const
  return (await createRecord(db, 'piece', PieceSchema.parse({ name, ...usual, ...rest }), AT)).id
}

describe('how to sew it', () => {
  const plain = { garment: '', lined: false } as const
  it('takes a finer needle for chiffon than for denim, and knows no piece that is gone', async () => {
    const needles = async (called: string) =>
      (await loadSewing(await cloth(called, { called }), plain, METRIC))!.advice.needle.nm
    const [chiffon, denim] = [await needles('chiffon'), await needles('denim')]
    expect(chiffon[1]).toBeLessThan(denim[0])
    expect(await loadSewing(GONE, plain, METRIC)).toBeUndefined()
  })
  it('shows a test seam that was kept, refuses one that no machine sews, and forgets one', async () => {
    const pieceId = await cloth('Shirting')
    const seam = {
      pieceId,
      needleNm: 70,
      point: 'sharp',
      thread: 'polyester',
      lengthMm: 2.2,
      came: 'puckered' as const,
    }
    expect(await keepTestSeam(seam)).toMatchObject({ ok: true })
    expect(await keepTestSeam({ ...seam, lengthMm: 60 })).toMatchObject({ ok: false })
    const [own] = (await loadSewing(pieceId, plain, METRIC))!.seams
    expect(own!.words).toContain('70')
    await dropTestSeam(own!.id)
    expect((await loadSewing(pieceId, plain, METRIC))!.seams).toEqual([])
  })
})

describe('the workroom', () => {
  it('is kept as it is said, and refused where a time ends before it begins', async () => {
    const said = { machine: { overlocker: true }, hours: [{ day: 0, from: '18:00', to: '20:30' }] }
    expect(await saveWorkroom(said)).toMatchObject({ ok: true })
    expect((await readWorkroom(db)).workroom).toMatchObject({ machine: { overlocker: true }, hours: said.hours })
    const wrong = { ...said, hours: [{ day: 0, from: '20:00', to: '18:00' }] }
    expect(JSON.stringify(await saveWorkroom(wrong))).toContain('The time must end after it begins.')
    expect((await readWorkroom(db)).workroom.hours).toEqual(said.hours)
  })
  it('reads a calendar, says what is none, and forgets it', async () => {
    const start = new Date(Date.now() + 3 * 86_400_000).toISOString().slice(0, 10).replaceAll('-', '')
    const lines = [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'PRODID:-//x//y',
      'BEGIN:VEVENT',
      'UID:1',
      `DTSTAMP:${start}T080000Z`,
    ]
    lines.push(`DTSTART:${start}T180000`, `DTEND:${start}T200000`, 'SUMMARY:Rehearsal', 'END:VEVENT', 'END:VCALENDAR')
    const form = (text: string, kind = 'taken') => {
      const made = new FormData()
      made.set('calendar', new Blob([text]))
      made.set('kind', kind)
      return made
    }
    expect(await takeCalendar(form(lines.join('\r\n')))).toMatchObject({ ok: true })
    expect((await readWorkroom(db)).workroom.calendar.taken).toHaveLength(1)
    expect(await takeCalendar(form('no calendar at all'))).toMatchObject({ ok: false })
    expect((await readWorkroom(db)).workroom.calendar.taken).toHaveLength(1)
    expect(await takeCalendar(form('x', 'whatever'))).toMatchObject({
      ok: false,
      errors: { kind: expect.any(String) },
    })
    await forgetCalendar()
    expect((await readWorkroom(db)).workroom.calendar).toMatchObject({ taken: [], readOn: null })
  })
})

describe('a plan', () => {
  async function project(name: string, pieceId: string | null) {
    const { id } = await createRecord(db, 'project', ProjectSchema.parse({ name }), AT)
    const held = { projectId: id, role: 'main', label: '', pieceId, wish: '', was: '' }
    await createRecord(db, 'project-cloth', ProjectClothSchema.parse(held), AT)
    return id
  }
  it('puts washing before cutting and cutting before sewing, in the hours that there are', async () => {
    await saveWorkroom({ hours: [0, 1, 2, 3, 4, 5, 6].map((day) => ({ day, from: '18:00', to: '21:00' })) })
    const id = await project('Ferryman', await cloth('Shirting', { washed: 'unwashed' }))
    const { steps, hasCloth, name } = (await loadPlan(id, 'uk', NOW))!.plan
    expect([name, hasCloth]).toEqual(['Ferryman', true])
    const at = (kind: string) => steps.find((step) => step.kind === kind)!
    expect(at('wash').start! < at('cut').start!).toBe(true)
    expect(at('cut').start! < at('sew').start!).toBe(true)
    for (const { hands, start } of steps.filter((step) => step.start !== null && step.hands > 0)) {
      const clock = start!.slice(11)
      expect([hands, clock >= '18:00', clock < '21:00']).toEqual([hands, true, true])
    }
    const calendar = calendarOf([{ id, name, steps }])
    expect(calendar).toMatch(/^BEGIN:VCALENDAR/)
    expect(calendar.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThan(2)
    // A title is as short as one reads it in a month; what is done stands in the notes.
    expect(calendar).toContain('SUMMARY:Cut: Ferryman')
    expect(calendar).toMatch(/DESCRIPTION:.*Blades away/s)
    expect(await loadPlan(GONE, 'uk', NOW)).toBeUndefined()
  })
  it('plans what is not done together, and leaves out what is', async () => {
    const shirting = await cloth('Shirting')
    await project('First', shirting)
    const { id } = await createRecord(
      db,
      'project',
      ProjectSchema.parse({ name: 'Done', finished: '2026-04-01' }),
      AT,
    )
    const { plans, waiting } = await loadPlans('uk', NOW)
    expect([plans.map(({ name }) => name), waiting]).toEqual([['First'], []])
    expect((await loadPlan(id, 'uk', NOW))!.plan.steps).toEqual([])
  })
})

describe('mending, mixing, using up', () => {
  it('patches a hole with what is large enough and like it, an offcut first', async () => {
    const of = await cloth('Old trousers', { thing: 'trousers', called: 'denim' })
    await cloth('Denim offcut', { thing: 'offcut', called: 'denim', widthMm: 200, lengthMm: 200 })
    await cloth('Denim crumb', { thing: 'offcut', called: 'denim', widthMm: 40, lengthMm: 40 })
    await cloth('Chiffon', { called: 'chiffon' })
    const mended = await loadMend({ of, what: 'hole', mm: 40 }, METRIC)
    expect(mended.patches.map(({ name }) => name)[0]).toBe('Denim offcut')
    expect(mended.patches.map(({ name }) => name)).not.toContain('Denim crumb')
    expect(mended.ways.length).toBeGreaterThan(1)
    const nothing = await loadMend(readAddress(mendAddress, { of: GONE, what: 'whatever', mm: '40' }), METRIC)
    expect(nothing).toMatchObject({ thing: null, patches: [], choice: { what: 'hole' } })
  })
  it('holds cloths together pair by pair, and names the worst', async () => {
    const [denim, drill, chiffon] = [
      await cloth('Denim', { called: 'denim' }),
      await cloth('Drill', { called: 'drill' }),
      await cloth('Chiffon', { called: 'chiffon' }),
    ]
    const choice = { of: [denim, drill, chiffon], seam: 60, washes: 5, for: 'garment' } as const
    const { cloths, pairs, worst } = await loadMix(choice, 'uk')
    expect([cloths.length, pairs.length]).toEqual([3, 3])
    expect(JSON.stringify(worst)).toMatch(/2/)
    expect((await loadMix({ ...choice, of: [denim] }, 'uk')).pairs).toEqual([])
  })
  it('lays the things to be used up on the table, each with the cloth that it gives', async () => {
    const skirt = await cloth('Old skirt', { thing: 'skirt', called: 'wool flannel' })
    const offcut = await cloth('Offcut', { thing: 'offcut', widthMm: 400, lengthMm: 500 })
    const { things, candidates, offered } = await loadUseUp({ of: [skirt, offcut] }, 'uk')
    expect(things.map(({ name }) => name)).toEqual(['Old skirt', 'Offcut'])
    expect(things.every(({ panels }) => panels.length > 0)).toBe(true)
    expect([things[0]!.isReckoned, things[1]!.isReckoned]).toEqual([true, false])
    expect([candidates, offered.map(({ name }) => name).sort()]).toEqual([[], ['Offcut', 'Old skirt']])
  })
})
