import { readFileSync } from 'node:fs'
import { ask } from '../../../tests/support/ask'
import { computations } from './computations'
import { openApi } from './openapi'

jest.mock('../database', () => jest.requireActual('../../../tests/support/ownNotebook'))
jest.mock('../jobs/pool', () => jest.requireActual('../../../tests/support/jobsHere'))

const ofJson = computations.filter(({ file }) => file === undefined)

it.each(ofJson.map((one) => [one.name, one] as const))('%s answers its own example', async (_, { post, example }) => {
  const { status, body } = await ask(post, example)
  expect({ status, body }).toMatchObject({ status: 200 })
})
it.each(ofJson.map((one) => [one.name, one] as const))(
  '%s refuses what it does not know',
  async (_, { post, example }) => {
    const { status, body } = await ask(post, { ...(example as object), zeppelin: 1 })
    expect(status).toBe(400)
    expect(body.error.issues[0].path).toBe('zeppelin')
  },
)

it('are each called otherwise, and told in the description and in the README', () => {
  const names = computations.map(({ name }) => name)
  expect(new Set(names).size).toBe(names.length)
  const { paths } = openApi()
  const readme = readFileSync('README.md', 'utf8')
  for (const name of names) {
    expect(paths).toHaveProperty([`/api/v1/${name}`, 'post', 'operationId'], name)
    expect(readme).toMatch(new RegExp(`\`(POST )?(/api/v1)?/${name}\``))
  }
})
