/** One cloth that is often sold as another, and how to tell; common practice. */
export interface Substitution {
  soldAs: string
  often: string
  tell: string
}

export const substitutions: readonly Substitution[] = [
  {
    soldAs: 'crepe',
    often: 'scuba-crepe',
    tell:
      'A foamy double knit is often sold as crepe: pull a thread. Crepe is woven and frays; the knit ' +
      'gives both ways and springs back.',
  },
  {
    soldAs: 'crepe',
    often: 'scuba',
    tell: 'A foamy double knit is often sold as crepe: squeeze it. Crepe is not springy between the fingers.',
  },
  {
    soldAs: 'satin',
    often: 'antique-satin',
    tell:
      'A dull slubbed satin and a bright one share a name in shops: look for slubs across, and hold both ' +
      'to one light.',
  },
  {
    soldAs: 'charmeuse',
    often: 'satin',
    tell: 'Polyester satin is sold as silk charmeuse: a burnt yarn tells at once.',
  },
  { soldAs: 'habotai', often: 'lining', tell: 'A polyester lining is sold as silk: a burnt yarn tells at once.' },
  {
    soldAs: 'dupion',
    often: 'taffeta',
    tell: 'Polyester is sold as silk dupion: its slubs are too even. Burn a yarn.',
  },
  {
    soldAs: 'velvet',
    often: 'velveteen',
    tell: 'Velveteen is a cotton weft pile: it stands away, where velvet flows.',
  },
  {
    soldAs: 'corduroy',
    often: 'rib-knit',
    tell: 'A wide rib knit looks like corduroy in a picture: corduroy does not stretch across.',
  },
  {
    soldAs: 'double-cloth',
    often: 'double-faced',
    tell: 'Double-faced is one fabric with two faces; only true double fabric can be pulled apart at an edge.',
  },
  {
    soldAs: 'boiled-wool',
    often: 'felt',
    tell: 'Boiled wool is a shrunken knit and gives; felt has no thread in it at all.',
  },
  {
    soldAs: 'chambray',
    often: 'denim-shirt',
    tell: 'Shirt denim has a slanting line and a paler back; chambray is plain and alike on both sides.',
  },
  {
    soldAs: 'challis',
    often: 'twill-viscose',
    tell: 'Look for a fine slanting line: then it is viscose twill, a little heavier.',
  },
]
