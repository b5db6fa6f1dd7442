import type { Sheet } from '@/core/exercise/sheet/sheet';
import type { KeyDepth } from '@/engrave/page/key-part';
import { type PageLook, USUAL_LOOK } from '@/engrave/page/look';

/** Whether a key is made beside the sheet, and how much it says. */
export const KEY_CHOICES = ['short', 'full', 'none'] as const satisfies readonly (KeyDepth | 'none')[];

export type KeyChoice = (typeof KEY_CHOICES)[number];

/** What the room says: a sheet, how it stands on paper, and what goes with it. */
export type SheetsSentence = Sheet & {
  readonly look: PageLook;
  readonly key: KeyChoice;
  /** Whether the signatures that occur stand at its end. */
  readonly crib: boolean;
  /** What stands over it; empty for what it is on. */
  readonly title: string;
};

export const FIRST_SHEET: SheetsSentence = {
  sort: 'questions',
  count: 12,
  topics: ['minors', 'signatures'],
  maxSigns: 4,
  clefs: ['treble', 'bass'],
  signature: 'written',
  version: 'A',
  seed: 4127,
  habits: [],
  book: 'major',
  slots: null,
  look: USUAL_LOOK,
  key: 'short',
  crib: false,
  title: '',
};

/** The longest title of a sheet. */
export const LONGEST_TITLE = 80;
