import { type HelpTopic } from './topic'

/** About the program, and what is looked up. Facts of the trade are common practice. */
export const programTopics: readonly HelpTopic[] = [
  {
    id: 'undo',
    title: 'Undo a change',
    answer:
      'Open History on the page of the fabric, and press Undo beside the change. Deleted records are in the bin.',
    href: '/learn/help#undo',
    asks: 'undo redo take back mistake revert wrong changed by accident history',
  },
  {
    id: 'delete',
    title: 'Delete a fabric, a pattern or a project',
    answer: 'Open its page and press Delete, or Remove from stash. It stays in the bin for 30 days.',
    href: '/learn/help#delete',
    asks: 'delete remove erase get rid of throw away used up given away sold fabric pattern project',
  },
  {
    id: 'bin',
    title: 'Restore something from the bin',
    answer: 'Deleted records stay in the bin for 30 days: open Backup and data, and press Restore.',
    href: '/stash/backup',
    asks: 'restore recover deleted lost trash recycle bin bring back',
  },
  {
    id: 'backup',
    title: 'Make a backup',
    answer: 'Open Backup and data, and press “Make a backup now”. Copy the folder to another disk now and then.',
    href: '/stash/backup',
    asks: 'backup back up save copy my data safe lose',
  },
  {
    id: 'export',
    title: 'Export or import your notebook',
    answer:
      'Backup and data exports everything as a ZIP with tables and photos, or as one JSON ' +
      'document, and imports both.',
    href: '/stash/backup',
    asks: 'export import transfer move to another computer new phone csv spreadsheet download file json zip',
  },
  {
    id: 'units',
    title: 'Change units: inches and yards, or metric',
    answer: 'Open Settings and choose inches, yards and oz/yd², or cm, m and g/m². Your figures stay the same.',
    href: '/settings',
    asks: 'units inches yards metric imperial centimetres change switch ounces',
  },
  {
    id: 'words',
    title: 'Use UK or US words',
    answer: 'Open Settings and choose vocabulary and spelling: viscose and colour, or rayon and color.',
    href: '/settings',
    asks: 'language english american british us uk words vocabulary spelling change',
  },
  {
    id: 'dark',
    title: 'Dark or light theme',
    answer: 'Open Settings and choose the theme, or “Same as this device”.',
    href: '/settings',
    asks: 'dark mode light theme night brightness screen motion animation turn off',
  },
  {
    id: 'share',
    title: 'Use the notebook on your phone or with others',
    answer: 'Start the program with --share: it shows an address and a passphrase for your home network.',
    href: '/learn/help#share',
    asks: 'phone tablet share network other device passphrase sign in log out wifi together',
  },
  {
    id: 'privacy',
    title: 'Where is my data, and who sees it?',
    answer: 'Everything is on this device in one folder. Nothing is sent anywhere.',
    href: '/learn/help#privacy',
    asks: 'privacy data cloud account internet offline who can see where stored folder',
  },
  {
    id: 'first',
    title: 'I am new: where do I start?',
    answer: 'Your first burn test takes ten minutes with two threads that you know.',
    href: '/learn/first-burn',
    asks: 'new beginner start first time tutorial how does this work getting started help tour',
  },
  {
    id: 'practise',
    title: 'Practise without burning anything',
    answer: 'Practise burn tests shows realistic tests without a flame.',
    href: '/learn/practice',
    asks: 'practise practice quiz learn train game test myself beginner',
  },
  {
    id: 'meanings',
    title: 'What does a sewing word mean?',
    answer: 'UK and US words explains selvedge, nap, ease, interfacing and other words.',
    href: '/learn/words',
    asks: 'what does mean meaning definition glossary word term selvedge nap bias ease',
  },
  {
    id: 'convert',
    title: 'Convert units: oz to GSM, yards to metres, yarn counts, needles',
    answer: 'Convert units shows one figure in every unit that a book, a shop or a pattern may use.',
    href: '/learn/convert',
    asks:
      'convert oz per yard to gsm yards to metres inches to cm momme denier needle sizes us ' +
      'metric calculator conversion ounces grams',
  },
  {
    id: 'learn-fibres',
    title: 'Learn about fibres',
    answer: 'Every fibre: how it burns, what it weighs, how hot to iron it.',
    href: '/learn/fibres',
    asks: 'fibres fibers natural synthetic list cotton linen wool silk viscose polyester properties',
  },
  {
    id: 'care',
    title: 'What does a care symbol mean?',
    answer: 'Find the symbol by its shape: tub, triangle, square, iron or circle.',
    href: '/learn/care',
    asks: 'care symbol label meaning laundry symbols tub triangle circle square iron dots washing instructions',
  },
]
