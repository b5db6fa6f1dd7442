/**
 * What schools of teaching differ in, with the choices of each (docs/theory.md, Schools). The first choice is the usual
 * one. Settings are a class's own: every word, sign and file follows them.
 */
export const CHOICES = {
  /** `W H`, `T S`, `G H`, `1 ½`. */
  stepWords: ['whole-half', 'tone-semitone', 'german', 'fractions'],
  noteNames: ['english', 'german', 'fixed-do', 'fixed-ut', 'dutch'],
  /** Movable do with minor on do (ra me fi se le te) or on la; degrees sung as numbers; none. */
  solfege: ['none', 'do-minor', 'la-minor', 'numbers'],
  /** Modes begin on a syllable of their own (dorian on re), or on do. */
  modeSyllables: ['own', 'do'],
  fifth: ['so', 'sol'],
  seventh: ['ti', 'si'],
  /** 1–7; flat 3 6 7 against major; names with leading note or leading tone. */
  degrees: ['numbers', 'against-major', 'leading-note', 'leading-tone'],
  relatives: ['parallel', 'tonic-minor', 'german'],
  keysTaught: ['fifteen', 'twelve', 'theoretical'],
  keyOrder: ['fifths', 'fourths', 'signs'],
  circle: ['fifths', 'fourths'],
  flatsBy: ['fifth-down', 'fourth-up'],
  minorCircle: ['same-places', 'own-circle'],
  minorSignature: ['relative', 'parallel-less-three', 'own-circle'],
  minorNaming: ['relative', 'last-sign'],
  melodicDown: ['natural', 'as-it-rose'],
  cancelling: ['required', 'optional', 'not-written'],
  modesWritten: ['parent', 'tonic'],
  /** `B♭ minor`, `b♭`, `b-Moll`. */
  keyNames: ['words', 'case', 'german'],
  modeWord: ['wanted', 'not-wanted'],
  capital: ['wanted', 'not-wanted'],
  /** A mark for each note; half for its letter and half for its sign; or one for an answer that is all right. */
  marks: ['note', 'letter-sign', 'all'],
  /** Whether what one habit makes wrong costs one mark, or each of its notes. */
  followThrough: ['once', 'each'],
  numerals: ['case', 'capitals'],
  mediant: ['flat', 'plain'],
  dominant: ['minor', 'major'],
  diminished: ['circle', 'dim'],
  flatRule: ['last-but-one', 'fourth-below'],
  sharpRule: ['next-letter', 'half-step'],
  hints: ['learner', 'child', 'student'],
} as const;

export type SettingName = keyof typeof CHOICES;

export type SettingValue<Name extends SettingName> = (typeof CHOICES)[Name][number];

/** One choice for every matter. */
export type Settings = { readonly [Name in SettingName]: SettingValue<Name> };

export const SETTING_NAMES = Object.keys(CHOICES) as readonly SettingName[];

export const USUAL_SETTINGS: Settings = Object.fromEntries(
  SETTING_NAMES.map((name) => [name, CHOICES[name][0]]),
) as Settings;

/** Whom a saying is made for. */
export const AUDIENCES = ['everybody', 'children', 'adults'] as const;

export type Audience = (typeof AUDIENCES)[number];

/** The class's own sentences for the two orders, word by word, and whom each is for; empty where it has none. */
export type Sayings = {
  readonly sharps: string;
  readonly flats: string;
  readonly sharpsFor: Audience;
  readonly flatsFor: Audience;
};

export const NO_SAYINGS: Sayings = { sharps: '', flats: '', sharpsFor: 'everybody', flatsFor: 'everybody' };

/** The settings with one choice changed; the same object where nothing changes. A choice that does not exist throws. */
export function withSetting(settings: Settings, name: SettingName, value: string): Settings {
  const choices: readonly string[] = CHOICES[name];
  if (!choices.includes(value)) throw new RangeError(`${value} is no choice of ${name}`);
  return settings[name] === value ? settings : { ...settings, [name]: value };
}

/** Settings as far as this version knows them, and the words in them that it does not know. */
export type SettingsReading = { readonly settings: Settings; readonly unknown: readonly string[] };

/**
 * Reads stored settings. A matter that came after they were written, and a choice of a later version, has its usual
 * choice; what is not known is told.
 */
export function readSettings(stored: Readonly<Record<string, unknown>>): SettingsReading {
  const named = new Set<string>(SETTING_NAMES);
  const isChoice = (name: SettingName, value: unknown) =>
    (CHOICES[name] as readonly unknown[]).includes(value);
  const known = SETTING_NAMES.filter((name) => Object.hasOwn(stored, name) && isChoice(name, stored[name]));
  const unknown = Object.entries(stored).flatMap(([name, value]) =>
    named.has(name) && known.includes(name as SettingName)
      ? []
      : [named.has(name) ? `${name}: ${String(value)}` : name],
  );
  const settings = { ...USUAL_SETTINGS, ...Object.fromEntries(known.map((name) => [name, stored[name]])) };
  return { settings: settings as Settings, unknown };
}

/** The choices that differ between two settings. */
export function changedSettings(one: Settings, other: Settings): readonly SettingName[] {
  return SETTING_NAMES.filter((name) => one[name] !== other[name]);
}
