import type { SettingName, Settings } from './settings';

/** Two choices that cannot stand together, and the choice that would make room for the first. */
export type PairProblem = {
  readonly code:
    | 'pair-si-twice'
    | 'pair-moll-names'
    | 'pair-case-capital'
    | 'pair-case-word'
    | 'pair-own-circle';
  readonly one: SettingName;
  readonly other: SettingName;
};

type Rule = PairProblem & {
  readonly clash: (settings: Settings) => boolean;
  /** What either choice needs of the other. */
  readonly repairs: Partial<Settings>;
};

const RULES: readonly Rule[] = [
  {
    // With minor on la the raised 5th of the syllables is 'si', so the 7th cannot be called so as well.
    code: 'pair-si-twice',
    one: 'solfege',
    other: 'seventh',
    clash: ({ solfege, seventh }) => solfege === 'la-minor' && seventh === 'si',
    repairs: { solfege: 'do-minor', seventh: 'ti' },
  },
  {
    // 'b-Moll' is B flat minor in German names and would be read as B minor in any other.
    code: 'pair-moll-names',
    one: 'keyNames',
    other: 'noteNames',
    clash: ({ keyNames, noteNames }) => keyNames === 'german' && noteNames !== 'german',
    repairs: { keyNames: 'words', noteNames: 'german' },
  },
  {
    // Where a small letter alone means minor, letting capitals go would erase the mode.
    code: 'pair-case-capital',
    one: 'keyNames',
    other: 'capital',
    clash: ({ keyNames, capital }) => keyNames === 'case' && capital === 'not-wanted',
    repairs: { keyNames: 'words', capital: 'wanted' },
  },
  {
    code: 'pair-case-word',
    one: 'keyNames',
    other: 'modeWord',
    clash: ({ keyNames, modeWord }) => keyNames === 'case' && modeWord === 'wanted',
    repairs: { keyNames: 'words', modeWord: 'not-wanted' },
  },
  {
    code: 'pair-own-circle',
    one: 'minorSignature',
    other: 'minorCircle',
    clash: ({ minorSignature, minorCircle }) =>
      minorSignature === 'own-circle' && minorCircle === 'same-places',
    repairs: { minorSignature: 'relative', minorCircle: 'own-circle' },
  },
];

/** Every pair of choices that cannot stand together. */
export function impossiblePairs(settings: Settings): readonly PairProblem[] {
  return RULES.filter(({ clash }) => clash(settings)).map(({ code, one, other }) => ({ code, one, other }));
}

/** The settings in which a choice just made stands, with the others moved out of its way. */
export function makingRoomFor(settings: Settings, chosen: SettingName): Settings {
  let now = settings;
  // A repair touches the other side of a pair only, so each rule is needed once at most.
  for (const { one, other, clash, repairs } of RULES) {
    if (!clash(now) || (one !== chosen && other !== chosen)) continue;
    const moved = one === chosen ? other : one;
    now = { ...now, [moved]: repairs[moved] ?? now[moved] };
  }
  return now;
}
