import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { sealPassphrase } from '@/server/auth/passphrase'
import { startServer } from '../support/ownServer'
import { expect, open, test } from './fixtures'

test('a shared notebook asks for its passphrase, lets a device in, and shows it out again', async ({
  page,
  request,
}) => {
  const seal = await sealPassphrase('heron lobby selvedge pin')
  const home = mkdtempSync(join(tmpdir(), 'rough-swatch-door-'))
  const { url, stop } = await startServer(home, undefined, { ROUGH_SWATCH_SEAL: seal })
  // Without it: no page, no picture, no export, no import, no computation.
  for (const path of ['/stash/rows', '/api/v1/export', '/find?q=x', '/pictures/x.jpg'])
    expect([path, (await request.get(url + path)).status()]).toEqual([path, 401])
  expect((await request.post(`${url}/api/v1/import`, { data: {} })).status()).toBe(401)
  expect((await request.post(`${url}/api/v1/identify`, { data: {} })).status()).toBe(401)
  // Nobody who was not let in has megabytes read: not as a form, and not as what a page would send.
  const heavy = { data: `[${'1,'.repeat(1_000_000)}1]`, headers: { origin: url, 'content-type': 'text/plain' } }
  expect((await request.post(`${url}/door/in`, heavy)).status()).toBe(413)
  const asAction = { ...heavy, headers: { ...heavy.headers, 'next-action': '40' } }
  expect((await request.post(`${url}/door`, asAction)).status()).toBe(413)
  await page.goto(`${url}/stash`)
  await expect(page).toHaveURL(/\/door$/)
  await page.getByLabel('Passphrase').fill('heron lobby')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'That is not the passphrase' })).toBeVisible()
  await page.getByLabel('Passphrase').fill('heron lobby selvedge pin')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(`${url}/`)
  await open(page, `${url}/stash`)
  await expect(page.getByRole('heading', { level: 1, name: 'Stash' })).toBeVisible()
  const [cookie] = await page.context().cookies(url)
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Strict' })
  await open(page, `${url}/settings`)
  await page.getByRole('button', { name: 'Sign out' }).click()
  await page.goto(`${url}/stash`)
  await expect(page).toHaveURL(/\/door$/)
  // Guessing gets slow: soon so slow that the right words come too early, however busy this machine is.
  const say = (passphrase: string) =>
    request.post(`${url}/door/in`, { form: { passphrase }, headers: { origin: url }, maxRedirects: 0 })
  const waits = async () => Number(/wait=(\d+)/.exec((await say('a guess')).headers().location ?? '')?.[1] ?? 0)
  await expect.poll(waits, { intervals: [100] }).toBeGreaterThanOrEqual(8)
  const told = await say('heron lobby selvedge pin')
  expect(told.headers().location).toMatch(/wait=\d+/)
  expect(told.headers()['set-cookie']).toBeUndefined()
  await stop()
})
