/** What a live example of a setting works out, so that each choice is heard as a class would meet it. */
export type SettingExample =
  | {
      readonly shows:
        | 'two-steps'
        | 'note-names'
        | 'key-names'
        | 'related-keys'
        | 'step-in-full'
        | 'seventh-raised'
        | 'dorian-sung'
        | 'tonics-taught'
        | 'place-of-minor'
        | 'coming-down'
        | 'after-a-bar-line'
        | 'dorian-signature'
        | 'minor-numerals'
        | 'tonic-alone'
        | 'small-letter'
        | 'on-a-surface'
        | 'thinking-time'
        | 'answer-reason';
    }
  | { readonly shows: 'sung'; readonly tonic: string; readonly scale: 'major' | 'harmonic-minor' }
  | { readonly shows: 'counting'; readonly tonic: string; readonly scale: 'major' | 'natural-minor' }
  | { readonly shows: 'first-of-counting'; readonly tonic: string }
  /** The rules that name keys from so many sharps, flats counted below 0. */
  | { readonly shows: 'key-rules'; readonly signatures: readonly number[]; readonly mode: 'major' | 'minor' }
  /** An answer to that scale, and its marks. */
  | {
      readonly shows: 'marks';
      readonly tonic: string;
      readonly scale: 'major' | 'harmonic-minor';
      readonly answer: string;
    };

/** A matter that schools of teaching differ in: all that the house needs of it. */
export type Setting = {
  readonly title: string;
  /** Its choices by the code that is stored, each in the words of the page where it is made; the first is the usual one. */
  readonly choices: Readonly<Record<string, string>>;
  readonly example: SettingExample;
};

/** Settings that a teacher goes through together. */
export type SettingGroup = {
  /** Language-free, in the address of the part of the room where they stand. */
  readonly code: string;
  readonly title: string;
  readonly settings: Readonly<Record<string, Setting>>;
};
