import { seen } from '../../../tests/support/seen'
import { identify } from './identify'
import { unlistedFibres } from './unlisted/kinds'

const unlit = {
  approach: 'unmoved',
  ignition: 'none',
  flame: 'none',
  melting: 'none',
  'after-removal': 'never-lit',
  smoke: 'hardly-any',
  smell: 'none',
  residue: 'unburnt',
}

describe('cloth that would not light', () => {
  it('is not handled further: nothing is offered, and asbestos is named as a possibility', () => {
    const { next, stop, warnings, verdict } = identify({ observations: seen(unlit) })
    expect(next).toEqual([])
    expect(stop).toMatch(/don’t handle it further/)
    expect(stop).toMatch(/asbestos/)
    expect(stop).toMatch(/Damp it, put it in a bag/)
    expect(stop).toMatch(/ask your local authority/)
    expect(warnings[0]).toEqual({ id: 'may-be-asbestos', text: stop })
    expect(verdict.text).toMatch(/don’t rely on this result/)
    expect(verdict.text).not.toMatch(/glass cloth/)
  })

  it.each([
    ['the first answer alone', { ignition: 'none' }],
    ['never lit', { 'after-removal': 'never-lit' }],
    ['no flame, unburnt', { flame: 'none', residue: 'unburnt' }],
  ])('is known by %s', (_, report) => {
    expect(identify({ observations: seen(report as unknown as typeof unlit) }).next).toEqual([])
  })

  it.each([
    ['curled away', { ...unlit, approach: 'curls-away' }],
    ['lit after all', { ...unlit, ignition: 'slow' }],
  ])('is another matter where it %s', (_, report) => {
    const { warnings } = identify({ observations: seen(report) })
    expect(warnings.some(({ id }) => id === 'may-be-asbestos')).toBe(false)
  })

  it.each(['partly', 'melts', 'melts-drips'])(
    'stays so where its melting was called “%s”: glass softens too',
    (melting) => {
      const { next, warnings } = identify({ observations: seen({ ...unlit, melting, approach: 'melts-back' }) })
      expect(next).toEqual([])
      expect(warnings[0]!.id).toBe('may-be-asbestos')
    },
  )

  it.each([
    [{ 'after-removal': 'dies-at-once', smell: 'acrid-chemical' }],
    [{ flame: 'green-edged' }],
    [{ 'after-removal': 'dies-soon', smell: 'acrid-chemical', residue: 'hard-lump' }],
  ])('warns of hydrogen chloride after %j', (report) => {
    const { warnings } = identify({ observations: seen(report as never) })
    expect(warnings.find(({ id }) => id === 'hydrogen-chloride')!.text).toMatch(/do not burn it again/)
  })

  it('does not warn of hydrogen chloride where it burned on, or smelled of paper', () => {
    for (const report of [
      { 'after-removal': 'burns-on', smell: 'acrid-chemical' },
      { 'after-removal': 'dies-at-once', smell: 'paper' },
    ])
      expect(identify({ observations: seen(report as never) }).warnings.map(({ id }) => id)).not.toContain(
        'hydrogen-chloride',
      )
  })

  it('warns of one part that would not light, although another burned', () => {
    const observations = [
      { feature: 'ignition', states: ['none'], part: 'warp' as const },
      { feature: 'after-removal', states: ['burns-on'], part: 'weft' as const },
    ]
    const { byPart } = identify({ observations })
    expect(byPart!.warp!.next).toEqual([])
    expect(byPart!.weft!.warnings).toEqual([])
  })

  it('never puts glass above metal by a flame alone', () => {
    const keys = Object.keys(unlit) as (keyof typeof unlit)[]
    for (const key of keys) {
      for (const report of [
        unlit,
        { [key]: unlit[key] },
        { ...unlit, 'residue-colour': 'pale-grey', crush: 'resists' },
      ]) {
        const { fibres } = identify({ observations: seen(report as typeof unlit) })
        const present = (id: string) => fibres.find((fibre) => fibre.id === id)!.present
        expect(present('glass')).toBeLessThanOrEqual(present('metallic'))
      }
    }
  })
})

describe('materials outside the catalogue', () => {
  const flameProofed = {
    melting: 'none',
    'after-removal': 'dies-at-once',
    smell: 'paper',
    residue: 'brittle-clinker',
    'residue-colour': 'black',
  }

  it('flame-proofed cellulose is named, and no family claimed', () => {
    const { verdict, warnings } = identify({ observations: seen(flameProofed) })
    expect(verdict.text).toMatch(/^Perhaps cellulose .* flame-proofed/)
    expect(verdict).toMatchObject({ level: 'undecided', ids: [], sure: null })
    expect(warnings.map(({ id }) => id)).toContain('perhaps-flame-proofed')
    const silent = identify({ observations: seen({ ...flameProofed, smell: 'none', residue: 'fluffy-black' }) })
    expect(silent.verdict.level).toBe('undecided')
  })

  it('a smell of hair is wool all the same, and burning on is cotton', () => {
    const wool = identify({
      observations: seen({ ...flameProofed, smell: 'hair-feather', residue: 'crushable-bead' }),
    })
    expect(wool.verdict.ids).toContain('protein')
    const cotton = identify({
      observations: seen({ melting: 'none', 'after-removal': 'burns-on', smell: 'paper', residue: 'soft-ash' }),
    })
    expect(cotton.warnings).toEqual([])
    expect(cotton.verdict.level).not.toBe('undecided')
  })

  it.each([
    [
      'rubber',
      { smell: 'rubbery', smoke: 'black-sooty', 'after-removal': 'burns-on', residue: 'gummy', melting: 'partly' },
    ],
    [
      'pvc',
      {
        smell: 'acrid-chemical',
        smoke: 'black-sooty',
        'after-removal': 'dies-at-once',
        residue: 'gummy',
        melting: 'melts',
      },
    ],
    [
      'aramid',
      {
        approach: 'unmoved',
        ignition: 'slow',
        melting: 'none',
        'after-removal': 'dies-at-once',
        smell: 'acrid-chemical',
        residue: 'brittle-clinker',
        'yarn-break': 'stretches-first',
      },
    ],
  ] as const)('%s is pointed to', (id, report) => {
    const { warnings } = identify({ observations: seen(report as unknown as typeof unlit) })
    expect(warnings.map((one) => one.id)).toContain(`perhaps-${id}`)
    expect(warnings.find((one) => one.id === `perhaps-${id}`)!.text).toContain(unlistedFibres[id].note)
  })

  it('say nothing where nothing was seen', () => {
    expect(identify({ observations: [] }).warnings).toEqual([])
  })
})
