import { type Rule } from '../rule'
import { type SewCase } from '../sewCase'
import { inMm } from '../../text/amounts'
import { phrase } from '../../text/text'

const isCostume = (c: SewCase) => c.makes('doublet', 'corset', 'tutu', 'cloak', 'tabard', 'gown', 'puppet-clothes')

/** Costume and dance. Common practice. */
export const costumeOrder: readonly Rule<null>[] = [
  {
    id: 'let-out-allowances',
    when: (c) => c.makes('doublet', 'corset', 'gown') && c.isWoven,
    gives: null,
    text: phrase`Leave ${inMm(25, 40)} at side and back seams, and finish the edges apart, so that it can be let
      out for the next wearer.`,
    safety: 1,
  },
  {
    id: 'quick-change',
    when: (c) => c.makes('doublet', 'tutu', 'gown', 'tabard'),
    gives: null,
    text: 'For a quick change close it with heavy hooks and bars, snaps on tape or a strong zip under false buttons.',
    safety: 1,
  },
  {
    id: 'costume-strain',
    when: (c) => c.makes('doublet', 'tutu', 'corset') && !c.isFilm,
    gives: null,
    text:
      'Sew seams that carry strain twice, with a tape in them; set gussets under the arms so that they can be ' +
      'lifted.',
    safety: 1,
  },
  {
    id: 'costume-washing',
    when: isCostume,
    gives: null,
    text: 'Make what touches the skin removable: a washable lining, dress shields, a bodice lining of coutil or drill.',
    safety: 1,
  },
  {
    id: 'tutu-layers',
    when: (c) => c.makes('tutu'),
    gives: null,
    text:
      'Gather each layer of net by itself onto the knickers or basque, the longest on top, and tack the layers ' +
      'together.',
    safety: 1,
  },
]
