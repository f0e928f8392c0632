/** What can be the matter with a notebook as a whole, and what a person is told of it. */
export const TROUBLES = {
  damaged: {
    title: 'This notebook is damaged',
    wrong: 'The file can’t be read from end to end: part of it was overwritten, cut off or lost.',
    safe: 'We have written nothing to it since we found this, and will not.',
    todo: [
      'Make a copy of the whole folder before anything else.',
      'Save what can still be read, with the link below.',
      'Restore your latest good copy of the folder, if you have one, and start again.',
      'If the disk may be failing, copy it elsewhere first.',
    ],
  },
  newer: {
    title: 'This notebook is newer than the program',
    wrong: 'A later version of Rough Swatch changed it, in a form that this version does not know.',
    safe: 'Nothing was changed. The later version still reads it.',
    todo: [
      'Start the later version with this notebook.',
      'Or set ROUGH_SWATCH_HOME to another folder, and start a new notebook.',
    ],
  },
  older: {
    title: 'This notebook is too old for this program',
    wrong: 'A very early version of Rough Swatch made it, and this version can’t read that form.',
    safe: 'Nothing was changed. The earlier version still reads it.',
    todo: [
      'Open it with the version that you used last, and export it there.',
      'Then start this version with an empty folder, and import that file.',
    ],
  },
  folder: {
    title: 'We can’t use the notebook’s folder',
    wrong: 'It does not exist and can’t be made, or its name belongs to something that is not a folder.',
    safe: 'Nothing was written anywhere.',
    todo: [
      'Check that the disk or network drive is connected.',
      'Check that ROUGH_SWATCH_HOME names the right folder.',
    ],
  },
  foreign: {
    title: 'This file belongs to another program',
    wrong: 'There is a file of that name, but it is not a notebook: another program made it.',
    safe: 'We only looked at it. Nothing was changed, and nothing will be.',
    todo: [
      'Set ROUGH_SWATCH_HOME to another folder, and start there.',
      'Or move the file elsewhere, if it is your own and does not belong here.',
    ],
  },
  'no-file': {
    title: 'There is a folder where the notebook should be',
    wrong: 'A folder has the name of the notebook’s file, so we can’t make the file.',
    safe: 'Nothing was changed in it.',
    todo: ['Give that folder another name, and load this page again.', 'Or set ROUGH_SWATCH_HOME to another place.'],
  },
  'read-only': {
    title: 'This notebook is read-only',
    wrong: 'Its file or its folder is write-protected.',
    safe: 'You see a copy of everything in it; your changes are not saved.',
    todo: ['Remove the protection, if it is yours, and load this page again.', 'Or work on a copy of the folder.'],
  },
  'in-use': {
    title: 'Another Rough Swatch has this notebook open',
    wrong: 'A second one would not see the changes of the first.',
    safe: 'Nothing was changed.',
    todo: ['Continue in the other one.', 'Or close it, and load this page again.'],
  },
  full: {
    title: 'The disk is full',
    wrong: 'There is no room left, not even to open the notebook.',
    safe: 'Everything you saved before is still there.',
    todo: ['Free some space on the disk with the folder, and load this page again.'],
  },
} as const

export type TroubleKind = keyof typeof TROUBLES

/** The notebook as a whole cannot be used. Nothing was written. */
export class NotebookTrouble extends Error {
  constructor(
    readonly kind: TroubleKind,
    /** What was found, for somebody who can do more. */
    readonly found: string,
  ) {
    super(TROUBLES[kind].title)
    this.name = 'NotebookTrouble'
  }
}

/** By its name: pages and routes are bundled apart, each with a class of its own. */
export function isTrouble(error: unknown): error is NotebookTrouble {
  return error instanceof Error && error.name === 'NotebookTrouble'
}
