/** The words of the line on top of every room, and what is told there. */
export const BAR_WORDS = {
  keep: 'Keep',
  shelf: (count: number) => `Shelf (${count})`,
  listen: 'Listen',
  stopSound: 'Stop the sound',
  nothingSounds: 'Nothing here has a sound.',
  sounding: (what: string) => `Sounding: ${what}. Esc stops it.`,
  share: 'Share',
  board: 'Board',
  openFile: 'Open',
  day: 'Day',
  night: 'Night',
  keys: 'Keys',
  more: 'What can be done here',
  classMenu: (name: string) => `Class: ${name}`,
  ownSchool: 'My school',
  ownClass: 'Start my own class',
  settings: 'Settings and people',
  states: { opening: '', saving: 'Saving', saved: 'Saved', notSaved: 'Not saved' },
  shareTitles: { copies: 'Copy', prints: 'Print', files: 'Save as a file' },
  told: {
    kept: 'Kept on the shelf. Ctrl Z takes it back.',
    notKept: 'Not kept yet.',
    nothing: 'There is nothing to take back.',
    exported: (file: string) => `Exported: ${file}`,
    copied: (what: string) => `Copied: ${what}.`,
    instead: {
      picture: (file: string) =>
        `This page may not write to the clipboard, so the picture was saved as ${file}. Over plain HTTP browsers allow no copying.`,
      text: (file: string) =>
        `This page may not write to the clipboard, so the text was saved as ${file}. Over plain HTTP browsers allow no copying.`,
    },
  },
} as const;

type KeyLine = { readonly keys: string; readonly does: string };

/** The keys that work in every room, and those of rooms with something to keep. */
export const EVERY_KEY: readonly KeyLine[] = [
  { keys: '/', does: 'Ask anything' },
  { keys: 'L', does: 'Open the shelf' },
  { keys: 'O', does: 'Open a file' },
  { keys: 'N', does: 'Night or day' },
  { keys: 'Ctrl Z', does: 'Take back the last change' },
  { keys: '?', does: 'These keys' },
];

export const WORK_KEYS: readonly KeyLine[] = [
  { keys: 'K', does: 'Keep on the shelf' },
  { keys: 'X', does: 'Copy, print or export' },
  { keys: 'P', does: 'Print' },
];

/** The key of rooms whose work stands on the board. */
export const BOARD_KEY: KeyLine = { keys: 'Z', does: 'Show it on the board' };

/** The key of rooms whose work can be heard. */
export const LISTEN_KEY: KeyLine = { keys: '.', does: 'Listen, or stop the sound' };
