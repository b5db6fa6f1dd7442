import type { SettingName, SettingValue } from '../school/settings';

/** A matter that schools differ in, and its choices, in the words of the page where they are made. */
type SettingWords<Name extends SettingName> = {
  readonly title: string;
  readonly choices: Readonly<Record<SettingValue<Name>, string>>;
};

export const SETTING_WORDS: { readonly [Name in SettingName]: SettingWords<Name> } = {
  stepWords: {
    title: 'Step words',
    choices: {
      'whole-half': 'Whole step and half step (W H)',
      'tone-semitone': 'Tone and semitone (T S)',
      german: 'Ganzton and Halbton (G H)',
      fractions: 'Steps of 1 and ½',
    },
  },
  noteNames: {
    title: 'Note names',
    choices: {
      english: 'English: B, B♭, F♯',
      german: 'German: H, B, Fis',
      'fixed-do': 'Fixed do: Si, Si♭, Fa♯, from Do',
      'fixed-ut': 'Fixed do: Si, Si♭, Fa♯, from Ut',
      dutch: 'Dutch-type: B, Bes, Fis',
    },
  },
  solfege: {
    title: 'Solfège',
    choices: {
      none: 'None',
      'do-minor': 'Movable do, minor from do',
      'la-minor': 'Movable do, minor from la',
      numbers: 'Numbers',
    },
  },
  modeSyllables: {
    title: 'Modes are sung',
    choices: { own: 'From a syllable of their own', do: 'From do' },
  },
  fifth: { title: 'The 5th syllable', choices: { so: 'so', sol: 'sol' } },
  seventh: { title: 'The 7th syllable', choices: { ti: 'ti', si: 'si' } },
  degrees: {
    title: 'Degrees',
    choices: {
      numbers: 'Numbers, 1st to 7th',
      'against-major': 'Numbers against major, ♭3 ♭6 ♭7',
      'leading-note': 'Names, with leading note',
      'leading-tone': 'Names, with leading tone',
    },
  },
  relatives: {
    title: 'Related keys',
    choices: {
      parallel: 'Relative and parallel',
      'tonic-minor': 'Relative and tonic minor or major',
      german: 'Paralleltonart (relative) and Varianttonart (parallel)',
    },
  },
  keysTaught: {
    title: 'Keys taught',
    choices: { fifteen: '15 keys', twelve: '12 keys', theoretical: '15, and theoretical ones' },
  },
  keyOrder: {
    title: 'Order of keys',
    choices: { fifths: 'By fifths', fourths: 'By fourths', signs: 'One more sharp or flat at a time' },
  },
  circle: {
    title: 'The circle',
    choices: { fifths: 'Clockwise in fifths', fourths: 'Clockwise in fourths' },
  },
  flatsBy: {
    title: 'Flat keys lie',
    choices: { 'fifth-down': 'A fifth down each', 'fourth-up': 'A fourth up each' },
  },
  minorCircle: {
    title: 'Minors stand',
    choices: { 'same-places': 'On the places of their majors', 'own-circle': 'On a circle of their own' },
  },
  minorSignature: {
    title: 'Minor’s signature is found',
    choices: {
      relative: 'By the major with the same signature',
      'parallel-less-three': 'By the major on the same tonic, three signs less',
      'own-circle': 'On a circle of minors',
    },
  },
  minorNaming: {
    title: 'Minor is named from a signature',
    choices: {
      relative: 'Through the major with that signature',
      'last-sign': 'By the last sharp, or from the flat major',
    },
  },
  melodicDown: {
    title: 'Melodic minor comes down',
    choices: { natural: 'In its natural form', 'as-it-rose': 'As it rose' },
  },
  cancelling: {
    title: 'Cancelling sign after a bar line',
    choices: { required: 'Required', optional: 'Optional, in brackets', 'not-written': 'Not written' },
  },
  modesWritten: {
    title: 'Modes are written with',
    choices: {
      parent: 'The signature of their parent',
      tonic: 'The major or minor signature of their tonic',
    },
  },
  keyNames: {
    title: 'Key names',
    choices: { words: 'In words: B♭ minor', case: 'By letter: b♭', german: 'With Dur and Moll: b-Moll' },
  },
  modeWord: {
    title: 'Mode word in an answer',
    choices: { wanted: 'Wanted', 'not-wanted': 'Not wanted' },
  },
  capital: {
    title: 'Capital letter in an answer',
    choices: { wanted: 'Wanted', 'not-wanted': 'Not wanted' },
  },
  marks: {
    title: 'Marks',
    choices: {
      note: 'A mark for each note',
      'letter-sign': 'Half for the letter, half for the sign',
      all: 'One for an answer that is all right',
    },
  },
  followThrough: {
    title: 'Mistakes that follow from one habit',
    choices: { once: 'Cost once', each: 'Cost each time' },
  },
  numerals: {
    title: 'Chord numerals',
    choices: { case: 'Large for major, small for minor', capitals: 'Capitals with the quality' },
  },
  mediant: { title: 'Minor’s lowered degrees', choices: { flat: '♭III', plain: 'III' } },
  dominant: { title: 'Minor’s fifth chord', choices: { minor: 'Minor, v', major: 'Major, V' } },
  diminished: { title: 'Diminished', choices: { circle: 'With °', dim: 'With dim' } },
  flatRule: {
    title: 'Rule for flats',
    choices: { 'last-but-one': 'The last flat but one', 'fourth-below': 'A fourth below the last flat' },
  },
  sharpRule: {
    title: 'Rule for sharps',
    choices: { 'next-letter': 'The next letter with its sign', 'half-step': 'A diatonic half step up' },
  },
  hints: {
    title: 'Depth of hints',
    choices: {
      learner: 'Learner: each reason in full',
      child: 'Child: short, in plain words',
      student: 'Student: with intervals and rules',
    },
  },
};

/** The settings in the order and the groups in which a teacher goes through them. */
export const SETTING_GROUPS: readonly { readonly title: string; readonly names: readonly SettingName[] }[] = [
  { title: 'Names and steps', names: ['noteNames', 'stepWords', 'keyNames', 'relatives', 'hints'] },
  { title: 'Degrees and singing', names: ['degrees', 'solfege', 'fifth', 'seventh', 'modeSyllables'] },
  {
    title: 'Keys and the circle',
    names: ['keysTaught', 'keyOrder', 'circle', 'flatsBy', 'minorCircle'],
  },
  {
    title: 'Signatures',
    names: ['minorSignature', 'minorNaming', 'sharpRule', 'flatRule'],
  },
  { title: 'Writing', names: ['melodicDown', 'cancelling', 'modesWritten'] },
  { title: 'Chords', names: ['numerals', 'mediant', 'dominant', 'diminished'] },
  { title: 'Answers', names: ['modeWord', 'capital', 'marks', 'followThrough'] },
];

/** The words of a choice. A value that is none of its setting throws. */
export function choiceWords(name: SettingName, value: string): string {
  const found = Object.entries(SETTING_WORDS[name].choices).find(([choice]) => choice === value);
  if (!found) throw new RangeError(`${value} is no choice of ${name}`);
  return found[1];
}
