import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readEnvelope } from '@/core/choose/envelope/readEnvelope'
import { lengthsTold } from '../support/lengthsTold'

// Whole envelopes, laid out in many ways of common practice; the words are made up. Behind `->` stand their lengths,
// worked out by hand: role, view, sizes, width × length in mm.

const cases = readFileSync(join(__dirname, 'envelopeTexts.txt'), 'utf8')
  .split(/^=====\n/m)
  .filter((text) => text.trim() !== '')
  .map((text) => {
    const [envelope = '', lengths = ''] = text.split(/^->\n/m)
    return [envelope.split('\n')[0]!.trim().slice(0, 60), envelope, lengths.trim().split('\n')] as const
  })

test.each(cases)('%s', (_, envelope, lengths) => {
  expect(lengthsTold(readEnvelope(envelope)).toSorted()).toEqual([...lengths].toSorted())
})

test('there are as many as were worked out', () => expect(cases).toHaveLength(112))
