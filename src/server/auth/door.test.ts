import { isPassphrase, sealPassphrase } from './passphrase'
import { allSessions, endSession, letIn, sessionOf, SESSION_MS } from './sessions'
import { isLoopback, Tries } from './tries'

describe('the passphrase', () => {
  it('is known again, however it is typed, and cannot be had back from what is kept', async () => {
    const seal = await sealPassphrase('heron lobby selvedge pin')
    expect(seal).not.toContain('heron')
    expect(await isPassphrase('  heron lobby selvedge pin ', seal)).toBe(true)
    expect(await isPassphrase('heron lobby selvedge', seal)).toBe(false)
    expect(await isPassphrase('', seal)).toBe(false)
    // Two seals of one passphrase are two.
    expect(await sealPassphrase('heron lobby selvedge pin')).not.toBe(seal)
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
  const at = (address: string, isOfTheHouse = false) => ({ address, isOfTheHouse })
  const NOW = Date.UTC(2026, 4, 2)
  it('are free a few times, then wait longer and longer, and are forgotten after a while', () => {
    const tries = new Tries()
    const phone = at('192.168.0.9')
    let now = NOW
    for (let i = 0; i < 5; i++) {
      expect(tries.waitMs(phone, now)).toBe(0)
      tries.begin(phone, now)
    }
    const first = tries.waitMs(phone, now)
    expect(first).toBeGreaterThan(0)
    now += first
    expect(tries.waitMs(phone, now)).toBe(0)
    tries.begin(phone, now)
    expect(tries.waitMs(phone, now)).toBe(2 * first)
    for (let i = 0; i < 40; i++) tries.begin(phone, now)
    expect(tries.waitMs(phone, now)).toBeLessThanOrEqual(600_000)
    expect(tries.waitMs(phone, now + 31 * 60 * 1000)).toBe(0)
  })
  it('begin anew when it was right', () => {
    const tries = new Tries()
    for (let i = 0; i < 9; i++) tries.begin(at('10.0.0.2'), 1000)
    tries.right(at('10.0.0.2'))
    expect(tries.waitMs(at('10.0.0.2'), 1000)).toBe(0)
  })
  it('of one address keep no other waiting', () => {
    const tries = new Tries()
    for (let i = 0; i < 40; i++) tries.begin(at('10.0.0.66'), NOW)
    expect(tries.waitMs(at('10.0.0.66'), NOW)).toBeGreaterThan(0)
    expect(tries.waitMs(at('10.0.0.2'), NOW)).toBe(0)
  })
  it('of many addresses keep strangers waiting, but nobody of the house', () => {
    const tries = new Tries()
    for (let i = 0; i < 90; i++) tries.begin(at(`10.0.1.${i}`), NOW)
    expect(tries.waitMs(at('10.0.2.7'), NOW)).toBeGreaterThan(0)
    expect(tries.waitMs(at('10.0.2.7', true), NOW)).toBe(0)
    expect(tries.waitMs(at('127.0.0.1', isLoopback('127.0.0.1')), NOW)).toBe(0)
  })
  it('of one network of version 6 are one, however many addresses it has', () => {
    const tries = new Tries()
    for (let i = 0; i < 9; i++) tries.begin(at(`2001:db8:1:2:${i}::9`), NOW)
    expect(tries.waitMs(at('2001:db8:1:2:ffff::1'), NOW)).toBeGreaterThan(0)
    expect(tries.waitMs(at('2001:db8:1:3::1'), NOW)).toBe(0)
  })
})
