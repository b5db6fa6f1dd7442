/** What is loaded only when it is wanted, as it is named where it does not come. */
export const PART_WORDS = {
  answers: 'the page of answers',
  ask: 'the ask line',
  board: 'the board',
  book: 'the key book',
  chart: 'a chart',
  classes: 'the list of classes',
  compare: 'two workings beside each other',
  drill: 'the drill',
  disagreement: 'the report of methods that disagree',
  fill: 'the blank circle',
  files: 'the reader of files',
  hand: 'mending by hand',
  keys: 'the list of keys',
  letters: 'the letters of other languages',
  menu: 'the menu',
  other: 'the answer to this question',
  paper: 'the printed sheet',
  qr: 'the QR code',
  question: 'the questions',
  rooms: 'the list of rooms',
  share: 'copying and saving',
  set: 'marking a whole set',
  sound: 'the sound',
  shelf: 'the shelf',
  store: 'the store of your work',
  surface: 'a drawing',
  why: 'why it works',
  word: 'the list of choices',
} as const;

export type PartName = keyof typeof PART_WORDS;

/** Why a part is not there yet: it has been asked for and does not come, or could not be fetched. */
export type MissingPart = { readonly name: PartName; readonly why: 'late' | 'failed' };

/** Says that something has not come, and that it is tried again. */
export function sayMissing({ name, why }: MissingPart): string {
  const part = PART_WORDS[name];
  const what = `${part[0]?.toUpperCase()}${part.slice(1)}`;
  return why === 'late'
    ? `${what} is still on its way. What was asked for is done when it comes.`
    : `${what} could not be loaded. It is tried again every few seconds, and what was asked for is done when it comes.`;
}

/** Where a page stands open while the server is made new, its old parts are gone for good. */
export const MISSING_WORDS = {
  reload: 'Load the page again',
} as const;
