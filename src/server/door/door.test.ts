import { isPassphrase, sealed } from './passphrase'
import { allSessions, endSession, letIn, sessionOf, SESSION_MS } from './sessions'
import { Tries } from './tries'

describe('the passphrase', () => {
  it('is known again, however it is typed, and cannot be had back from what is kept', async () => {
    const seal = await sealed('heron lobby selvedge pin')
    expect(seal).not.toContain('heron')
    expect(await isPassphrase('  heron lobby selvedge pin ', seal)).toBe(true)
    expect(await isPassphrase('heron lobby selvedge', seal)).toBe(false)
    expect(await isPassphrase('', seal)).toBe(false)
    // Two seals of one passphrase are two.
    expect(await sealed('heron lobby selvedge pin')).not.toBe(seal)
  })
  it('opens nothing with a seal that is none', async () => {
    for (const seal of ['', ':', 'ab:cd', 'x']) expect(await isPassphrase('', seal)).toBe(false)
  })
})

describe('sessions', () => {
  const NOW = Date.UTC(2026, 4, 2)
  it('know a device by its key alone, until they are ended or it stays away', () => {
    const key = letIn('A phone', NOW)
    expect(sessionOf(key, NOW + 1000)).toMatchObject({ device: 'A phone' })
    expect(sessionOf(`${key}x`, NOW)).toBeUndefined()
    expect(sessionOf(undefined, NOW)).toBeUndefined()
    const { id } = allSessions()[0]!
    expect(JSON.stringify(allSessions())).not.toContain(key)
    endSession(id)
    expect(sessionOf(key, NOW)).toBeUndefined()
    const other = letIn('A tablet', NOW)
    expect(sessionOf(other, NOW + SESSION_MS + 1)).toBeUndefined()
    expect(sessionOf(other, NOW)).toBeUndefined()
  })
  it('are not more than a hundred', () => {
    for (let i = 0; i < 130; i++) letIn(`device ${i}`, NOW + i)
    expect(allSessions()).toHaveLength(100)
    expect(allSessions()[0]!.device).toBe('device 129')
  })
})

describe('tries', () => {
  it('are free a few times, then wait longer and longer, and are forgotten after a while', () => {
    const tries = new Tries()
    let now = Date.UTC(2026, 4, 2)
    for (let i = 0; i < 5; i++) {
      expect(tries.waitMs(now)).toBe(0)
      tries.begin(now)
    }
    const first = tries.waitMs(now)
    expect(first).toBeGreaterThan(0)
    now += first
    expect(tries.waitMs(now)).toBe(0)
    tries.begin(now)
    expect(tries.waitMs(now)).toBe(2 * first)
    for (let i = 0; i < 40; i++) tries.begin(now)
    expect(tries.waitMs(now)).toBeLessThanOrEqual(600_000)
    expect(tries.waitMs(now + 31 * 60 * 1000)).toBe(0)
  })
  it('begin anew when it was right', () => {
    const tries = new Tries()
    for (let i = 0; i < 9; i++) tries.begin(1000)
    tries.right()
    expect(tries.waitMs(1000)).toBe(0)
  })
})
