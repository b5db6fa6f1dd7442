import { QUARTER } from './rhythm';

/** Quarters to a bar that a tune can have. */
export const METERS = [2, 3, 4] as const;

export type Meter = (typeof METERS)[number];

/** A note of a tune: a degree of its scale, 1 to 7, octaves from the home one, and a sign of its own. */
export type TuneTone = { readonly degree: number; readonly octave: number; readonly alter: -1 | 0 | 1 };

/** A note or a rest of a tune; lengths in ticks. */
export type TuneNote = { readonly tone: TuneTone | null; readonly length: number };

/** A tune that has no key: it is kept in degrees, and set in any. */
export type Tune = {
  readonly name: string;
  readonly meter: Meter;
  /** Ticks before its first bar line, 0 where it begins with a whole bar. */
  readonly upbeat: number;
  readonly notes: readonly TuneNote[];
  /** A syllable for each note that sounds; empty where it has no words. */
  readonly words: readonly string[];
};

export type TuneProblem =
  /** What cannot be read as a note, a rest or a bar line. */
  | { readonly code: 'tune-token'; readonly read: string; readonly bar: number }
  /** A bar that holds more or less than its meter, in quarters. */
  | { readonly code: 'tune-bar'; readonly bar: number; readonly quarters: number; readonly meter: Meter }
  /** A length that no single note value has. */
  | { readonly code: 'tune-length'; readonly read: string; readonly bar: number }
  | { readonly code: 'tune-words'; readonly words: number; readonly notes: number }
  | { readonly code: 'tune-empty' }
  | { readonly code: 'tune-long'; readonly most: number };

export type TuneReading =
  | { readonly ok: true; readonly tune: Tune }
  | { readonly ok: false; readonly problem: TuneProblem };

/** The longest tune that is read, in characters, and the longest name. */
export const LONGEST_TUNE = 1200;
const LONGEST_NAME = 60;

/** Lengths that a single note value has, in ticks, the shortest first. */
export const SINGLE_LENGTHS = [6, 12, 18, 24, 36, 48, 72, 96];

const NOTE = /^(?<sign>[#b♯♭]?)(?<degree>[0-7])(?<octave>'*|,*)(?<short>\/{0,2})(?<dot>\.?)$/u;

type Read = { readonly note: TuneNote; readonly text: string };

/**
 * Reads a tune in degrees: `Name: 3/4 5, | 1 - 2 | 3/ 4/ 5 0 ; words to sing`. A figure is a quarter on that degree, 0 a
 * rest; `'` and `,` lie an octave higher and lower, `#` and `b` a half step; `/` halves a length, `.` dots it, each `-`
 * adds a quarter. Without bar lines the meter makes them.
 */
export function readTune(text: string): TuneReading {
  if (text.length > LONGEST_TUNE) return wrong({ code: 'tune-long', most: LONGEST_TUNE });
  const texts = tuneTexts(text);
  const name = texts.name.trim().slice(0, LONGEST_NAME);
  const words = texts.words.split(/\s+|(?<=-)/u).filter(Boolean);
  const all = texts.degrees.replaceAll('|', ' | ').split(/\s+/u).filter(Boolean);
  const meter = METERS.find((each) => all[0] === `${each}/4`);
  const tokens = meter ? all.slice(1) : all;
  const bars = readBars(tokens);
  if ('code' in bars) return wrong(bars);
  const barred = meter ?? 4;
  const shared = tokens.includes('|') ? bars : byMeter(bars.flat(), barred);
  const problem = barProblem(shared, barred);
  if (problem) return wrong(problem);
  const notes = shared.flat().map(({ note }) => note);
  const sounding = notes.filter(({ tone }) => tone).length;
  if (sounding < 2) return wrong({ code: 'tune-empty' });
  if (words.length > 0 && words.length !== sounding)
    return wrong({ code: 'tune-words', words: words.length, notes: sounding });
  const first = ticks(shared[0] ?? []);
  const upbeat = shared.length > 1 && first < barred * QUARTER ? first : 0;
  return { ok: true, tune: { name, meter: barred, upbeat, notes, words } };
}

/** What the text of a tune is made of, as it was typed. */
export type TuneTexts = { readonly name: string; readonly degrees: string; readonly words: string };

/** The texts of a tune, whether they can be read or not. */
export function tuneTexts(text: string): TuneTexts {
  const [head = '', ...behind] = text.split(';');
  const colon = head.indexOf(':');
  return {
    name: head.slice(0, Math.max(0, colon)).trim(),
    degrees: head.slice(colon + 1).trim(),
    words: behind.join(' ').trim(),
  };
}

/** Texts as the text of one tune; what parts them cannot stand within a name. */
export function tuneOfTexts({ name, degrees, words }: TuneTexts): string {
  const named = name.replace(/[:;]/gu, ' ');
  const sung = words.replaceAll(';', ' ');
  return `${named ? `${named}: ` : ''}${degrees.replace(/[:;]/gu, ' ')}${sung ? ` ; ${sung}` : ''}`;
}

const wrong = (problem: TuneProblem): TuneReading => ({ ok: false, problem });

const ticks = (bar: readonly Read[]) => bar.reduce((sum, { note }) => sum + note.length, 0);

/** Notes bar by bar, as bar lines part them. */
function readBars(tokens: readonly string[]): readonly (readonly Read[])[] | TuneProblem {
  const bars: Read[][] = [[]];
  for (const token of tokens) {
    const bar = bars.at(-1) ?? [];
    if (token === '|') {
      if (bar.length > 0) bars.push([]);
      continue;
    }
    const last = bar.at(-1);
    if (/^-+$/u.test(token) && last) {
      const length = last.note.length + token.length * QUARTER;
      bar[bar.length - 1] = { note: { ...last.note, length }, text: `${last.text} ${token}` };
      continue;
    }
    const note = noteFrom(token);
    if (!note) return { code: 'tune-token', read: token, bar: bars.length };
    bar.push({ note, text: token });
  }
  const filled = bars.filter((bar) => bar.length > 0);
  for (const [at, bar] of filled.entries()) {
    const odd = bar.find(({ note }) => !SINGLE_LENGTHS.includes(note.length));
    if (odd) return { code: 'tune-length', read: odd.text, bar: at + 1 };
  }
  return filled;
}

function noteFrom(token: string): TuneNote | null {
  const { sign = '', degree = '', octave = '', short = '', dot = '' } = NOTE.exec(token)?.groups ?? {};
  if (degree === '') return null;
  const plain = QUARTER / 2 ** short.length;
  const length = dot ? (plain * 3) / 2 : plain;
  if (degree === '0') return sign || octave ? null : { tone: null, length };
  const alter = sign === '' ? 0 : /[#♯]/u.test(sign) ? 1 : -1;
  const octaves = octave.startsWith(',') ? -octave.length : octave.length;
  return { tone: { degree: Number(degree), octave: octaves, alter }, length };
}

/** Tones in degrees without lengths: `1 3 5 1'`, parted by blanks or hyphens; null for anything else. */
export function readTones(text: string): readonly TuneTone[] | null {
  const notes = text
    .trim()
    .split(/[\s-]+/u)
    .map(noteFrom);
  const tones = notes.flatMap((note) => (note?.tone && note.length === QUARTER ? [note.tone] : []));
  return tones.length === notes.length ? tones : null;
}

/** Tones as they are typed; reading them gives the same again. */
export function writeTones(tones: readonly TuneTone[]): string {
  return tones.flatMap((tone) => tokensOf(tone, QUARTER)).join(' ');
}

/** Notes shared out over bars of a meter; one that would cross a bar line stays in its bar, which is then too long. */
function byMeter(notes: readonly Read[], meter: Meter): readonly (readonly Read[])[] {
  const bars: Read[][] = [[]];
  for (const note of notes) {
    const bar = bars.at(-1) ?? [];
    if (ticks(bar) >= meter * QUARTER) bars.push([note]);
    else bar.push(note);
  }
  return bars;
}

/** The first bar may be an upbeat, and the last one gives back what it took; every other is whole. */
function barProblem(bars: readonly (readonly Read[])[], meter: Meter): TuneProblem | null {
  const whole = meter * QUARTER;
  const first = ticks(bars[0] ?? []);
  for (const [at, bar] of bars.entries()) {
    const length = ticks(bar);
    const isFirst = at === 0 && bars.length > 1;
    const isLast = at === bars.length - 1;
    const fits =
      length === whole || (isFirst && length < whole) || (isLast && (first + length) % whole === 0);
    if (!fits) return { code: 'tune-bar', bar: at + 1, quarters: length / QUARTER, meter };
  }
  return null;
}

/** A tune as it is typed; reading it gives the same tune again. */
export function writeTune({ name, meter, upbeat, notes, words }: Tune): string {
  const whole = meter * QUARTER;
  let at = (whole - upbeat) % whole;
  const tokens = notes.flatMap(({ tone, length }) => {
    const bar = at > 0 && at % whole === 0 ? ['|'] : [];
    at += length;
    return [...bar, ...tokensOf(tone, length)];
  });
  const named = name ? `${name}: ` : '';
  const sung = words.length > 0 ? ` ; ${words.join(' ').replaceAll('- ', '-')}` : '';
  return `${named}${meter}/4 ${tokens.join(' ')}${sung}`;
}

function tokensOf(tone: TuneTone | null, length: number): readonly string[] {
  const marks = tone && (tone.octave < 0 ? ',' : "'").repeat(Math.abs(tone.octave));
  const figure = tone ? `${['b', '', '#'][tone.alter + 1]}${tone.degree}${marks}` : '0';
  const held = length > 36 ? length / QUARTER - 1 : 0;
  const short = { 6: '//', 12: '/', 18: '/.', 24: '', 36: '.' }[held > 0 ? QUARTER : length] ?? '';
  return [figure + short, ...(held > 0 ? ['-'.repeat(held)] : [])];
}
