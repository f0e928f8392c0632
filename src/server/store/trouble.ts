/** What can be the matter with a notebook as a whole, and what a person is told of it. */
export const TROUBLES = {
  damaged: {
    title: 'This notebook is damaged',
    wrong: 'The file cannot be read as a notebook from end to end: part of it was overwritten, cut off or lost.',
    safe: 'Nothing was written to it since this was found, and nothing will be.',
    todo: [
      'Make a copy of the whole folder before anything else.',
      'Save what can still be read, with the link below.',
      'Put back the latest good copy of the folder, if you have one, and start again.',
      'If the disk may be failing, copy it elsewhere first.',
    ],
  },
  newer: {
    title: 'This notebook is newer than the program',
    wrong: 'A later version of Rough Swatch has written to it, in a form that this one does not know.',
    safe: 'Nothing was changed. The later version reads it as before.',
    todo: [
      'Start the later version with this notebook.',
      'Or point ROUGH_SWATCH_HOME at another folder, and ' + 'begin anew.',
    ],
  },
  folder: {
    title: 'The notebook’s folder cannot be used',
    wrong: 'It is not there and cannot be made, or something that is no folder has its name.',
    safe: 'Nothing was written anywhere.',
    todo: [
      'See whether the disk or the network drive that it lies on is there.',
      'See whether ROUGH_SWATCH_HOME names the folder that you mean.',
    ],
  },
  foreign: {
    title: 'This file belongs to another program',
    wrong: 'A file of that name is there, but no notebook: what is in it was made by another program.',
    safe: 'It was only looked at. Not a byte of it was changed, and none will be.',
    todo: [
      'Point ROUGH_SWATCH_HOME at another folder, and begin there.',
      'Or move the file elsewhere, if it is your own and does not belong here.',
    ],
  },
  'no-file': {
    title: 'There is a folder where the notebook should be',
    wrong: 'A folder has the name of the notebook’s file, so that no file can be made there.',
    safe: 'Nothing was changed in it.',
    todo: [
      'Give that folder another name, and load this page again.',
      'Or point ROUGH_SWATCH_HOME at another place.',
    ],
  },
  'read-only': {
    title: 'This notebook can be read, but not written',
    wrong: 'Its file or its folder is protected against writing.',
    safe: 'Everything in it is shown from a copy; what you change is not kept.',
    todo: [
      'Take the protection off, if it is your own, and load this page again.',
      'Or work on a copy of the folder.',
    ],
  },
  'in-use': {
    title: 'Another Rough Swatch has this notebook open',
    wrong: 'A second one would not see what the first has just written.',
    safe: 'Everything is as the other one has it.',
    todo: ['Go on in the other one.', 'Or stop it, and load this page again.'],
  },
  full: {
    title: 'The disk is full',
    wrong: 'There is no room left to write, not even for what opening the notebook needs.',
    safe: 'What was kept before is still there.',
    todo: ['Make room on the disk that the folder lies on, and load this page again.'],
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
