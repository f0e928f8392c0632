import { offerFrom, type Described } from '../../fabric/offer'
import { match } from '../match'
import { type Need } from '../../notebook/schemas/need'

const status = (need: Need, fabric: Described, property: string) =>
  match({ garment: 'skirt-a-line', ...need }, offerFrom(fabric)).reasons.find((one) => one.property === property)
    ?.status

it.each([
  [{ pile: 'no' }, { called: 'velveteen' }, 'pile', 'bad'],
  [{ pile: 'with-nap-layout' }, { called: 'velveteen' }, 'pile', 'good'],
  [{ pile: 'yes' }, { called: 'velveteen' }, 'pile', 'good'],
  [{ pile: 'no' }, { called: 'poplin' }, 'pile', undefined],
  [{ called: ['chambray', 'linen'] }, { called: 'chambray' }, 'named', 'good'],
  [{ called: ['chambray', 'linen'] }, { called: 'denim' }, 'named', undefined],
  [{ fibres: ['wool'] }, { called: 'suiting', fibres: ['wool'] }, 'fibre', 'good'],
  [{ fibres: ['wool'] }, { called: 'suiting', fibres: ['polyester'] }, 'fibre', 'near'],
  [{ fibres: ['wool'] }, { gsm: 200 }, 'fibre', 'unknown'],
  [{ care: 'machine' }, { called: 'poplin', fibres: ['cotton'] }, 'care', 'good'],
  [{ care: 'machine' }, { called: 'challis', fibres: ['viscose'] }, 'care', 'near'],
  [{ care: 'wash' }, { called: 'melton', fibres: ['wool'] }, 'care', 'bad'],
  [{ care: 'any' }, { called: 'melton', fibres: ['wool'] }, 'care', undefined],
  [{ creases: 'few' }, { called: 'linen', fibres: ['linen'] }, 'creasing', 'bad'],
  [{ creases: 'few' }, { called: 'crepe', fibres: ['polyester'] }, 'creasing', 'good'],
  [{ creases: 'any' }, { called: 'linen', fibres: ['linen'] }, 'creasing', undefined],
  [{ avoid: ['diagonals'] }, { called: 'cavalry twill' }, 'looks', 'bad'],
  [{ avoid: ['plaids', 'stripes'] }, { called: 'gingham' }, 'looks', 'bad'],
  [{ avoid: ['sheers'] }, { called: 'voile' }, 'looks', 'bad'],
  [{ avoid: ['sheers'] }, { called: 'denim' }, 'looks', undefined],
  [{ avoid: ['large-print'] }, { called: 'poplin', repeatMm: 320 }, 'looks', 'bad'],
  [{ avoid: ['large-print'] }, { called: 'poplin', repeatMm: 20 }, 'looks', undefined],
  [{ recoveryPercent: 90 }, { recoveryPercent: 95 }, 'recovery', 'good'],
  [{ recoveryPercent: 90 }, { recoveryPercent: 60 }, 'recovery', 'bad'],
  [{ recoveryPercent: 90 }, { called: 'jersey' }, 'recovery', 'unknown'],
  [{ print: 'none' }, { repeatMm: 40 }, 'print', 'bad'],
  [{ print: 'small' }, { repeatMm: 15 }, 'print', 'good'],
  [{ print: 'small' }, { repeatMm: 90 }, 'print', 'near'],
  [{ print: 'small' }, { repeatMm: 400 }, 'print', 'bad'],
  [{ print: 'none' }, { coloured: 'piece-dyed' }, 'print', 'good'],
  [{ print: 'none' }, { called: 'poplin' }, 'print', 'unknown'],
  [{ print: 'any' }, { repeatMm: 400 }, 'print', undefined],
  [{ fastness: ['light'] }, { coloured: 'yarn-dyed', fibres: ['cotton'] }, 'fastness', 'good'],
  [{ fastness: ['light'] }, { coloured: 'printed', fibres: ['cotton'] }, 'fastness', 'near'],
  [{ fastness: ['light'] }, { coloured: 'yarn-dyed', fibres: ['silk'] }, 'fastness', 'near'],
  [{ fastness: ['washing'] }, { called: 'poplin' }, 'fastness', 'unknown'],
] as [Need, Described, string, string | undefined][])('%o of %o: %s is %s', (need, fabric, property, expected) => {
  expect(status(need, fabric, property)).toBe(expected)
})

it('a cloth that the pattern names may be as heavy as that cloth is', () => {
  const coat = (called?: string[]) =>
    status({ garment: 'coat', gsm: [200, 300], called }, { called: 'melton', gsm: 480 }, 'weight')
  expect([coat(), coat(['tweed']), coat(['melton'])]).toEqual(['bad', 'bad', 'good'])
})
