import { type Description } from '@/core/cloths/name'

/**
 * Cloths as somebody at a table would describe them, with the name that practitioners would give: a few things
 * noticed, the rest left out. Written down from memory of common practice, apart from the catalogue's own marks, and
 * never used to set one.
 */
export interface DescribedCloth {
  id: string
  description: Description
}

const one = (
  id: string,
  inspection: Description['inspection'],
  rest: Omit<Description, 'inspection'> = {},
): DescribedCloth => ({ id, description: { inspection, ...rest } })

export const describedCloths: readonly DescribedCloth[] = [
  one(
    'voile',
    { construction: ['woven'], interlacing: ['plain'], opacity: ['semi-sheer'], body: ['soft'], surface: ['smooth'] },
    { gsm: 62, fibres: ['cotton'] },
  ),
  one(
    'lawn',
    {
      construction: ['woven'],
      interlacing: ['plain'],
      colouring: ['printed'],
      back: ['print-missing'],
      surface: ['smooth'],
      opacity: ['semi-sheer'],
    },
    { gsm: 80, fibres: ['cotton'] },
  ),
  one(
    'poplin',
    { construction: ['woven'], interlacing: ['plain'], surface: ['smooth'], opacity: ['opaque'], body: ['moderate'] },
    { gsm: 120, fibres: ['cotton'] },
  ),
  one(
    'chambray',
    {
      construction: ['woven'],
      interlacing: ['plain'],
      colouring: ['yarn-dyed'],
      figure: ['none'],
      back: ['same'],
      body: ['soft'],
    },
    { gsm: 140, fibres: ['cotton'] },
  ),
  one(
    'gingham',
    { construction: ['woven'], interlacing: ['plain'], figure: ['check'], colouring: ['yarn-dyed'], back: ['same'] },
    { gsm: 120, fibres: ['cotton'] },
  ),
  one(
    'oxford',
    { construction: ['woven'], interlacing: ['basket'], colouring: ['yarn-dyed'], surface: ['pebbled'] },
    { gsm: 150, fibres: ['cotton'] },
  ),
  one(
    'gauze',
    { construction: ['woven'], interlacing: ['plain'], opacity: ['sheer'], body: ['soft'], surface: ['smooth'] },
    { gsm: 60, fibres: ['cotton'] },
  ),
  one(
    'double-gauze',
    { construction: ['woven'], interlacing: ['double-cloth'], surface: ['puckered'], body: ['soft'] },
    { gsm: 130, fibres: ['cotton'] },
  ),
  one(
    'calico',
    {
      construction: ['woven'],
      interlacing: ['plain'],
      colouring: ['undyed'],
      opacity: ['opaque'],
      body: ['moderate'],
    },
    { gsm: 140, fibres: ['cotton'] },
  ),
  one(
    'quilting-cotton',
    {
      construction: ['woven'],
      interlacing: ['plain'],
      colouring: ['printed'],
      back: ['print-missing'],
      body: ['crisp'],
      opacity: ['opaque'],
    },
    { gsm: 145, fibres: ['cotton'] },
  ),
  one(
    'seersucker',
    { construction: ['woven'], surface: ['puckered'], figure: ['stripe'], colouring: ['yarn-dyed'] },
    { gsm: 120, fibres: ['cotton'] },
  ),
  one(
    'flannel',
    { construction: ['woven'], surface: ['brushed'], figure: ['check'], body: ['soft'], 'yarn-look': ['fuzzy'] },
    { gsm: 160, fibres: ['cotton'] },
  ),
  one(
    'canvas',
    { construction: ['woven'], interlacing: ['plain'], body: ['stiff'], opacity: ['opaque'] },
    { gsm: 280, fibres: ['cotton'] },
  ),
  one(
    'duck',
    { construction: ['woven'], interlacing: ['basket'], body: ['stiff'], 'yarn-look': ['coarse-cords'] },
    { gsm: 430, fibres: ['cotton'] },
  ),
  one(
    'linen-medium',
    { construction: ['woven'], interlacing: ['plain'], 'yarn-look': ['slubbed'], body: ['moderate'] },
    { gsm: 185, fibres: ['linen'] },
  ),
  one(
    'linen-light',
    { construction: ['woven'], interlacing: ['plain'], 'yarn-look': ['slubbed'], opacity: ['semi-sheer'] },
    { gsm: 110, fibres: ['linen'] },
  ),
  one(
    'hessian',
    {
      construction: ['woven'],
      interlacing: ['plain'],
      'yarn-look': ['coarse-cords'],
      colouring: ['undyed'],
      opacity: ['semi-sheer'],
    },
    { gsm: 300, fibres: ['jute'] },
  ),
  one(
    'challis',
    { construction: ['woven'], interlacing: ['plain'], body: ['fluid'], colouring: ['printed'], opacity: ['opaque'] },
    { gsm: 115, fibres: ['viscose'] },
  ),
  one(
    'chiffon',
    { construction: ['woven'], opacity: ['sheer'], body: ['fluid'], 'yarn-look': ['crepe-twisted'] },
    { gsm: 35, fibres: ['polyester'] },
  ),
  one(
    'georgette',
    {
      construction: ['woven'],
      opacity: ['semi-sheer'],
      body: ['fluid'],
      surface: ['pebbled'],
      'yarn-look': ['crepe-twisted'],
    },
    { gsm: 80, fibres: ['polyester'] },
  ),
  one(
    'crepe-de-chine',
    { construction: ['woven'], body: ['fluid'], 'yarn-look': ['crepe-twisted'], surface: ['smooth'] },
    { gsm: 70, fibres: ['silk'] },
  ),
  one(
    'crepe',
    { construction: ['woven'], interlacing: ['crepe-weave'], surface: ['pebbled'], opacity: ['opaque'] },
    { gsm: 190, fibres: ['wool'] },
  ),
  one(
    'habotai',
    {
      construction: ['woven'],
      interlacing: ['plain'],
      body: ['fluid'],
      surface: ['smooth'],
      opacity: ['semi-sheer'],
    },
    { gsm: 35, fibres: ['silk'] },
  ),
  one(
    'organza',
    { construction: ['woven'], opacity: ['sheer'], body: ['stiff'], surface: ['crisp-papery'] },
    { gsm: 35, fibres: ['silk'] },
  ),
  one(
    'taffeta',
    {
      construction: ['woven'],
      surface: ['crisp-papery'],
      body: ['crisp'],
      opacity: ['opaque'],
      'yarn-look': ['even'],
    },
    { gsm: 90, fibres: ['polyester'] },
  ),
  one(
    'dupion',
    {
      construction: ['woven'],
      interlacing: ['plain'],
      surface: ['slubby'],
      'yarn-look': ['slubbed'],
      body: ['crisp'],
    },
    { gsm: 110, fibres: ['silk'] },
  ),
  one(
    'noil',
    {
      construction: ['woven'],
      interlacing: ['plain'],
      surface: ['slubby'],
      'yarn-look': ['fuzzy', 'slubbed'],
      body: ['soft'],
    },
    { gsm: 150, fibres: ['silk'] },
  ),
  one(
    'lining',
    {
      construction: ['woven'],
      interlacing: ['plain'],
      surface: ['smooth'],
      colouring: ['piece-dyed'],
      opacity: ['opaque'],
    },
    { gsm: 70, fibres: ['acetate'] },
  ),
  one(
    'suit-lining',
    { construction: ['woven'], interlacing: ['twill'], surface: ['smooth'], back: ['duller'] },
    { gsm: 95, fibres: ['viscose'] },
  ),
  one(
    'denim',
    {
      construction: ['woven'],
      interlacing: ['twill'],
      back: ['colours-reversed'],
      colouring: ['yarn-dyed'],
      'floats-on-face': ['warp'],
    },
    { gsm: 340, fibres: ['cotton'] },
  ),
  one(
    'denim-shirt',
    {
      construction: ['woven'],
      interlacing: ['twill'],
      back: ['colours-reversed'],
      colouring: ['yarn-dyed'],
      body: ['soft'],
    },
    { gsm: 190, fibres: ['cotton'] },
  ),
  one(
    'denim-heavy',
    { construction: ['woven'], interlacing: ['twill'], back: ['colours-reversed'], body: ['stiff'] },
    { gsm: 470, fibres: ['cotton'] },
  ),
  one(
    'denim-stretch',
    { construction: ['woven'], interlacing: ['twill'], back: ['colours-reversed'] },
    { gsm: 320, stretchPercent: { width: 20 }, fibres: ['cotton', 'elastane'] },
  ),
  one(
    'drill',
    {
      construction: ['woven'],
      interlacing: ['twill'],
      body: ['crisp'],
      colouring: ['piece-dyed'],
      'twill-line': ['regular'],
    },
    { gsm: 270, fibres: ['cotton'] },
  ),
  one(
    'chino',
    {
      construction: ['woven'],
      interlacing: ['twill'],
      body: ['moderate'],
      colouring: ['piece-dyed'],
      'twill-line': ['steep'],
    },
    { gsm: 230, fibres: ['cotton'] },
  ),
  one(
    'gabardine',
    {
      construction: ['woven'],
      interlacing: ['twill'],
      'twill-line': ['steep'],
      back: ['plain-looking'],
      surface: ['smooth'],
    },
    { gsm: 250, fibres: ['wool'] },
  ),
  one(
    'herringbone',
    { construction: ['woven'], interlacing: ['herringbone'], colouring: ['yarn-dyed'] },
    { gsm: 320, fibres: ['wool'] },
  ),
  one(
    'houndstooth',
    { construction: ['woven'], figure: ['pinwheel-check'], colouring: ['yarn-dyed'] },
    { gsm: 280, fibres: ['wool'] },
  ),
  one(
    'glen-check',
    { construction: ['woven'], figure: ['grouped-check'], colouring: ['yarn-dyed'], interlacing: ['twill'] },
    { gsm: 260, fibres: ['wool'] },
  ),
  one(
    'twill-viscose',
    { construction: ['woven'], interlacing: ['twill'], body: ['fluid'], 'twill-line': ['faint'] },
    { gsm: 150, fibres: ['viscose'] },
  ),
  one(
    'charmeuse',
    { construction: ['woven'], interlacing: ['satin'], body: ['fluid'], back: ['duller'] },
    { gsm: 85, fibres: ['silk'] },
  ),
  one(
    'satin',
    { construction: ['woven'], interlacing: ['satin'], body: ['moderate'], back: ['duller'], surface: ['smooth'] },
    { gsm: 150, fibres: ['polyester'] },
  ),
  one(
    'duchess-satin',
    { construction: ['woven'], interlacing: ['satin'], body: ['stiff'], back: ['duller'] },
    { gsm: 240, fibres: ['silk'] },
  ),
  one(
    'antique-satin',
    { construction: ['woven'], interlacing: ['satin'], surface: ['slubby'], 'yarn-look': ['slubbed'] },
    { gsm: 200, fibres: ['polyester'] },
  ),
  one(
    'crepe-back-satin',
    {
      construction: ['woven'],
      interlacing: ['satin'],
      back: ['different-cloth'],
      'yarn-look': ['crepe-twisted'],
      body: ['fluid'],
    },
    { gsm: 160, fibres: ['polyester'] },
  ),
  one(
    'sateen',
    { construction: ['woven'], interlacing: ['satin'], 'floats-on-face': ['weft'], body: ['moderate'] },
    { gsm: 150, fibres: ['cotton'] },
  ),
  one(
    'moleskin',
    { construction: ['woven'], surface: ['brushed'], interlacing: ['satin'], body: ['moderate'] },
    { gsm: 330, fibres: ['cotton'] },
  ),
  one(
    'tablecloth-damask',
    { construction: ['woven'], interlacing: ['jacquard'], back: ['colours-reversed'], figure: ['large-pictorial'] },
    { gsm: 220, fibres: ['linen'] },
  ),
  one(
    'brocade',
    { construction: ['woven'], interlacing: ['jacquard'], back: ['floats'], surface: ['raised-figure'] },
    { gsm: 240, fibres: ['silk'] },
  ),
  one(
    'pique',
    { construction: ['woven'], interlacing: ['dobby'], figure: ['lengthwise-ribs'], surface: ['raised-figure'] },
    { gsm: 210, fibres: ['cotton'] },
  ),
  one(
    'waffle',
    {
      construction: ['woven'],
      interlacing: ['dobby'],
      surface: ['raised-figure'],
      figure: ['check'],
      back: ['same'],
    },
    { gsm: 240, stretchPercent: { width: 8 }, fibres: ['cotton'] },
  ),
  one(
    'corduroy',
    { construction: ['woven'], pile: ['cut-in-ribs'], 'pile-height': ['deep'] },
    { gsm: 330, fibres: ['cotton'] },
  ),
  one(
    'needlecord',
    { construction: ['woven'], pile: ['cut-in-ribs'], 'pile-height': ['short'] },
    { gsm: 200, fibres: ['cotton'] },
  ),
  one(
    'velveteen',
    { construction: ['woven'], pile: ['cut'], 'pile-height': ['short'], body: ['moderate'] },
    { gsm: 280, fibres: ['cotton'] },
  ),
  one('velvet', { construction: ['woven'], pile: ['cut'], body: ['soft'] }, { gsm: 240, fibres: ['viscose'] }),
  one('terry', { construction: ['woven'], pile: ['looped'] }, { gsm: 400, fibres: ['cotton'] }),
  one(
    'tweed',
    { construction: ['woven'], 'yarn-look': ['fuzzy', 'slubbed'], colouring: ['yarn-dyed'], interlacing: ['twill'] },
    { gsm: 380, fibres: ['wool'] },
  ),
  one(
    'boucle',
    { construction: ['woven'], surface: ['bumpy'], 'yarn-look': ['fuzzy'] },
    { gsm: 330, fibres: ['wool'] },
  ),
  one(
    'coating',
    { construction: ['woven'], surface: ['brushed'], interlacing: ['twill'] },
    { gsm: 500, fibres: ['wool'] },
  ),
  one('melton', { construction: ['felted'], surface: ['brushed'], body: ['stiff'] }, { gsm: 560, fibres: ['wool'] }),
  one(
    'boiled-wool',
    { construction: ['felted'], surface: ['bumpy'] },
    { gsm: 350, stretchPercent: { width: 18 }, fibres: ['wool'] },
  ),
  one(
    'felt',
    { construction: ['felted'], surface: ['smooth'], body: ['stiff'] },
    { gsm: 300, stretchPercent: { width: 3 }, fibres: ['acrylic'] },
  ),
  one(
    'double-cloth',
    { construction: ['woven'], interlacing: ['double-cloth'], back: ['different-cloth'] },
    { gsm: 430, fibres: ['wool'] },
  ),
  one('double-faced', { construction: ['woven'], interlacing: ['double-faced'] }, { gsm: 330, fibres: ['wool'] }),
  one('tulle', { construction: ['net'], opacity: ['sheer'], figure: ['none'] }, { gsm: 20, fibres: ['nylon'] }),
  one('net', { construction: ['net'], body: ['stiff'], figure: ['none'] }, { gsm: 55, fibres: ['nylon'] }),
  one(
    'lace',
    { construction: ['net'], figure: ['large-pictorial'], surface: ['raised-figure'] },
    { gsm: 120, stretchPercent: { width: 5 }, fibres: ['cotton'] },
  ),
  one(
    'jersey',
    { construction: ['knit'], 'knit-structure': ['jersey'] },
    { gsm: 160, stretchPercent: { width: 35 }, fibres: ['cotton'] },
  ),
  one(
    'stretch-jersey',
    { construction: ['knit'], 'knit-structure': ['jersey'] },
    { gsm: 220, stretchPercent: { width: 70 }, fibres: ['viscose', 'elastane'] },
  ),
  one(
    'rib-knit',
    { construction: ['knit'], 'knit-structure': ['rib'], figure: ['lengthwise-ribs'] },
    { gsm: 240, stretchPercent: { width: 90 }, fibres: ['cotton'] },
  ),
  one(
    'interlock',
    { construction: ['knit'], 'knit-structure': ['interlock'], back: ['same'] },
    { gsm: 220, stretchPercent: { width: 35 }, fibres: ['cotton'] },
  ),
  one(
    'ponte',
    { construction: ['knit'], 'knit-structure': ['double-knit'], body: ['moderate'] },
    { gsm: 320, stretchPercent: { width: 25 }, fibres: ['viscose'] },
  ),
  one(
    'loopback',
    { construction: ['knit'], 'knit-structure': ['loopback'] },
    { gsm: 280, stretchPercent: { width: 25 }, fibres: ['cotton'] },
  ),
  one(
    'fleece-back',
    { construction: ['knit'], 'knit-structure': ['fleece-backed'], back: ['different-cloth'] },
    { gsm: 310, fibres: ['cotton'] },
  ),
  one(
    'fleece',
    { construction: ['knit'], surface: ['brushed'], back: ['same'] },
    { gsm: 240, fibres: ['polyester'] },
  ),
  one(
    'swim-knit',
    { construction: ['knit'], 'knit-structure': ['tricot'] },
    { gsm: 200, stretchPercent: { width: 90 }, fibres: ['nylon', 'elastane'] },
  ),
  one(
    'tricot',
    { construction: ['knit'], 'knit-structure': ['tricot'], opacity: ['semi-sheer'] },
    { gsm: 95, stretchPercent: { width: 25 }, fibres: ['nylon'] },
  ),
  one(
    'scuba',
    { construction: ['knit'], 'knit-structure': ['spacer'], surface: ['foamy'] },
    { gsm: 280, stretchPercent: { width: 50 }, fibres: ['polyester'] },
  ),
  one(
    'scuba-crepe',
    { construction: ['knit'], surface: ['pebbled'], 'knit-structure': ['double-knit'] },
    { gsm: 250, stretchPercent: { width: 60 }, fibres: ['polyester'] },
  ),
  one(
    'textured-knit',
    { construction: ['knit'], 'knit-structure': ['raised-texture'], surface: ['raised-figure'] },
    { gsm: 260, stretchPercent: { width: 40 }, fibres: ['polyester'] },
  ),
  one(
    'sweater-knit',
    { construction: ['knit'], 'yarn-look': ['fuzzy', 'coarse-cords'] },
    { gsm: 320, stretchPercent: { width: 50 }, fibres: ['wool'] },
  ),
]
