import { FIBRE_IDS } from '../vocabulary/fibres'
import { clothCalled, namedCloths } from './catalogue'

describe('named cloths', () => {
  it('have ids of their own, spans the right way round and known fibres', () => {
    expect(new Set(namedCloths.map(({ id }) => id)).size).toBe(namedCloths.length)
    for (const { id, gsm, stretchWidth, fibres, material } of namedCloths) {
      expect([id, gsm[0] < gsm[1], stretchWidth[0] <= stretchWidth[1]]).toEqual([id, true, true])
      expect([
        id,
        fibres.every((fibre) => FIBRE_IDS.includes(fibre)),
        fibres.length > 0 || material !== undefined,
      ]).toEqual([id, true, true])
    }
  })

  it.each([
    ['Calico', 'calico'],
    ['printed viscose', 'challis'],
    ['rayon', 'challis'],
    ['sailcloth', 'sailcloth'],
    ['baby cord', 'needlecord'],
    ['tussah', 'wild-silk'],
    ['batting', 'wadding'],
    ['cotton ripstop', 'ripstop-cotton'],
    ['CRÊPE DE CHINE', 'crepe-de-chine'],
    ['crepe de chine', 'crepe-de-chine'],
    ['printed cotton lawn', 'lawn'],
    ['rayon challis', 'challis'],
    ['French terry', 'loopback'],
    ['stretch denim', 'denim-stretch'],
    ['burlap', 'hessian'],
    ['babycord', 'needlecord'],
    ['jumbo cord', 'corduroy'],
    ['silk habotai', 'habotai'],
  ])('%s is found', (words, id) => {
    expect(clothCalled(words)?.id).toBe(id)
  })

  it.each([
    ['muslin', 'gauze', 'calico'],
    ['calico', 'calico', 'calico-print'],
    ['flannel', 'flannel-wool', 'flannel'],
  ])('%s is one cloth in the UK and another in the US', (words, uk, us) => {
    expect(clothCalled(words, 'uk')?.id).toBe(uk)
    expect(clothCalled(words, 'us')?.id).toBe(us)
  })

  it('have names of their own: none is given to two cloths in one English', () => {
    for (const words of ['uk', 'us'] as const) {
      const names = namedCloths.map(({ name }) => name[words].toLowerCase())
      expect(names.filter((name, index) => names.indexOf(name) < index)).toEqual([])
    }
  })

  it('are not found by a part of a word, by nothing, or by nonsense', () => {
    expect(clothCalled('lawnmower cover')).toBeUndefined()
    expect(clothCalled('  ')).toBeUndefined()
    expect(clothCalled('blorbo')).toBeUndefined()
    expect(clothCalled('denim')?.construction).toBe('woven')
  })
})
