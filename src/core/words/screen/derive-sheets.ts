/** What a key of the room does. */
type KeyWords = { readonly keys: string; readonly does: string };

const KEYS_SHEET = {
  title: 'Keys',
  summary: 'On the stride, the staff and the rail the arrow keys walk the notes.',
  single: 'Single letters work as keys',
  licences: 'Licences of fonts and packages',
  list: [
    { keys: 'Q', does: 'Ask another kind of question' },
    { keys: 'T', does: 'Choose the tonic' },
    { keys: 'S', does: 'Choose the scale' },
    { keys: 'D', does: 'Choose the direction' },
    { keys: 'C', does: 'Choose the clef' },
    { keys: 'G', does: 'Choose with or without a key signature' },
    { keys: 'A', does: 'Say more: another surface, an instrument' },
    { keys: '→', does: 'Next step of the working' },
    { keys: '←', does: 'Step back' },
    { keys: 'Home', does: 'First step' },
    { keys: 'End', does: 'Last step' },
    { keys: 'M', does: 'Next method' },
    { keys: 'V', does: 'Compare with another method or scale' },
    { keys: 'H', does: 'Mend the two tetrachords by hand' },
    { keys: 'Y', does: 'Say why the rules work' },
    { keys: 'B', does: 'Print blank, for the class to fill in' },
  ] as readonly KeyWords[],
  /** Of words that stand in some sentences only, by the word. */
  words: {
    on: { keys: 'U', does: 'Choose the surface' },
    instrument: { keys: 'I', does: 'Choose the instrument' },
    frets: { keys: 'F', does: 'Choose the frets' },
    tuning: { keys: 'J', does: 'Choose the tuning' },
    octaves: { keys: 'E', does: 'Choose one octave or more' },
  } as Readonly<Record<string, KeyWords>>,
};

const DISAGREEMENT = {
  title: 'These methods do not arrive at the same notes',
  text: 'That must never be, and nothing you did is wrong. Do not use this scale before a class. Save the report and send it to whoever looks after Moon Step for you.',
  save: 'Save the report',
};

const HAND = {
  title: 'Mended by hand',
  stride: 'Notes to move',
  how: 'Drag a note a half step, or go to it and press → or ←. Nothing changes until you take it.',
  atNotes: 'Until then signs stand at the notes.',
  note: (note: string) => `${note}: move it a half step`,
  tried: 'Tried',
  take: 'Take it',
  putBack: 'Put it back',
  undo: 'Take back the last move',
  working: 'Show the working',
  none: 'A third sign would be needed: the note goes no further that way.',
};

const WHY = {
  title: 'Why it works',
  summary: (scale: string) => `Short derivations, with ${scale} where it serves.`,
};

const SHARE = {
  link: 'Link to this sentence',
  picture: (surface: string) => `${surface} as a picture`,
  text: 'Scale as text',
  workingText: 'Working as text',
  print: 'With its working',
  printBlank: 'Blank, to fill in',
  drawing: (surface: string) => `${surface} as a drawing`,
  notation: (format: string) => `Notation as ${format}`,
};

/** The words of what opens over the Derive room, which the first view does not need. */
export const DERIVE_SHEETS = {
  keys: KEYS_SHEET,
  disagreement: DISAGREEMENT,
  why: WHY,
  hand: HAND,
  share: SHARE,
} as const;
