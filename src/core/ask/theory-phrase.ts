import { type Quality, qualityOf } from '../note/interval';
import { letterAfter, SEMITONES_ABOVE_C } from '../note/letter';
import { type SpelledNote, spelledOrNull } from '../note/spelled';
import { isTyped, scaleAsked } from '../scale/asked';
import { PATTERNS, type ScaleId } from '../scale/pattern';
import type { ClassWords } from '../words/class-words';
import type { AskReading } from './reading';
import { scalePhrases } from './scale-phrase';
import { wordsOfLine } from './words-of-line';

const ORDER = /^(?:the )?order of (?:the )?(sharps|flats)$/iu;

/** `order of sharps`: the order with its reasons. */
function orderReadings(line: string): readonly AskReading[] {
  const of = ORDER.exec(line)?.[1]?.toLowerCase();
  return of ? [{ kind: 'order', of: of === 'sharps' ? 'sharps' : 'flats' }] : [];
}

/** Degrees by their names and numbers; the 7th is called by what it is. */
const DEGREES: ReadonlyMap<string, number> = new Map([
  ...'first second third fourth fifth sixth seventh'.split(' ').map((name, at) => [name, at + 1] as const),
  ...'1st 2nd 3rd 4th 5th 6th 7th'.split(' ').map((name, at) => [name, at + 1] as const),
  ...'supertonic mediant subdominant dominant submediant'
    .split(' ')
    .map((name, at) => [name, at + 2] as const),
  ['leading note', 7],
  ['leading tone', 7],
  ['subtonic', 7],
]);

const DEGREE =
  /^(?:the )?(?:(?:scale )?degree ([1-7])|([\p{L}\d]+(?: note| tone)?))(?: degree| note)? (?:of|in) (.+)$/iu;

/** A minor key's 7th is raised where it leads to the tonic. */
function formFor(name: string, scales: readonly ScaleId[]): ScaleId | null {
  const minor = scales.includes('natural-minor') && scales.includes('harmonic-minor');
  if (minor) return name.startsWith('leading') ? 'harmonic-minor' : 'natural-minor';
  return scales.length === 1 ? (scales[0] ?? null) : null;
}

/** `leading note of A minor`, `3rd of E dorian`, `degree 6 of F major`: the note on a degree of a key that is named. */
function degreeReadings(w: ClassWords, line: string): readonly AskReading[] {
  const found = DEGREE.exec(line);
  const name = (found?.[2] ?? '').toLowerCase();
  const degree = found?.[1]
    ? Number(found[1])
    : (DEGREES.get(name) ?? DEGREES.get(name.replace(/ note$/u, '')));
  if (!found || !degree) return [];
  const said = scalePhrases(w, wordsOfLine(found[3] ?? ''));
  const [first] = said;
  const scale = formFor(
    name,
    said.flatMap(({ scale: id }) => (isTyped(id) ? [] : [id])),
  );
  const reading = first && scale && scaleAsked(first.tonic, scale);
  if (!first || !scale || !reading?.ok) return [];
  // A leading note lies a half step under the tonic; where the scale has none, there is nothing to name.
  if (name.startsWith('leading') && PATTERNS[scale].rising.at(-1) !== 1) return [];
  const note = reading.scale.ascending[degree - 1];
  return note ? [{ kind: 'degree', tonic: first.tonic, scale, degree, note }] : [];
}

const SIZES: readonly (readonly [names: string, letters: number, semitones: number])[] = [
  ['unison|prime|1st', 0, 0],
  ['second|2nd', 1, 2],
  ['third|3rd', 2, 4],
  ['fourth|4th', 3, 5],
  ['fifth|5th', 4, 7],
  ['sixth|6th', 5, 9],
  ['seventh|7th', 6, 11],
  ['octave|8ve|8th', 7, 12],
];

const PERFECT: readonly number[] = [0, 3, 4, 7];

/** Semitones of an interval of a quality; null where there is none, as a major fourth. */
function semitonesOf(letters: number, major: number, quality: string): number | null {
  const perfect = PERFECT.includes(letters);
  if (quality === 'augmented') return major + 1;
  if (quality === 'diminished') return letters === 0 ? null : perfect ? major - 1 : major - 2;
  if (quality === 'perfect') return perfect ? major : null;
  if (perfect) return null;
  return quality === 'minor' ? major - 1 : major;
}

const WAY = '(above|over|up from|higher than|below|under|down from|lower than)';
const INTERVAL = new RegExp(
  `^(?:an? |the )?(?:(perfect|major|minor|augmented|diminished) )?(${SIZES.map(([names]) => names).join('|')}|tritone) ${WAY} (.+)$`,
  'iu',
);

type Asked = { readonly letters: number; readonly semitones: number };

/** What an interval's name can mean: a third without its kind is major or minor. */
function intervalsNamed(quality: string | undefined, name: string): readonly Asked[] {
  if (name === 'tritone') {
    return [
      { letters: 3, semitones: 6 },
      { letters: 4, semitones: 6 },
    ];
  }
  const size = SIZES.find(([names]) => names.split('|').includes(name));
  if (!size) return [];
  const [, letters, major] = size;
  const kinds = quality ? [quality] : PERFECT.includes(letters) ? ['perfect'] : ['major', 'minor'];
  return kinds.flatMap((kind) => {
    const semitones = semitonesOf(letters, major, kind);
    return semitones === null ? [] : [{ letters, semitones }];
  });
}

/** The note so many letters and semitones from one; null where it would need a third sign. */
function away(from: SpelledNote, { letters, semitones }: Asked, way: 1 | -1): SpelledNote | null {
  const letter = letterAfter(from.letter, way * letters);
  const low = way > 0 ? from.letter : letter;
  const high = way > 0 ? letter : from.letter;
  const plain = ((SEMITONES_ABOVE_C[high] - SEMITONES_ABOVE_C[low] + 12) % 12) + (letters === 7 ? 12 : 0);
  return spelledOrNull(letter, from.alteration + way * (semitones - plain));
}

function intervalFrom(
  w: ClassWords,
  typed: string,
  asked: readonly Asked[],
  way: 1 | -1,
): readonly AskReading[] {
  const from = w.read(typed);
  if (!from.ok) return [];
  return asked.flatMap((each): AskReading[] => {
    const to = away(from.note, each, way);
    if (!to) return [];
    const [low, high] = way > 0 ? [from.note, to] : [to, from.note];
    const quality: Quality = qualityOf(low, high);
    return [
      {
        kind: 'interval',
        from: from.note,
        to,
        way,
        letters: each.letters + 1,
        semitones: each.semitones,
        quality,
      },
    ];
  });
}

const wayOf = (word: string): 1 | -1 => (/^(?:above|over|up|higher)/iu.test(word) ? 1 : -1);

/** `fourth above F`, `minor third below D`, `tritone above B`. */
function intervalReadings(w: ClassWords, line: string): readonly AskReading[] {
  const found = INTERVAL.exec(line);
  if (!found) return [];
  const [, quality, name = '', way = '', note = ''] = found;
  return intervalFrom(w, note, intervalsNamed(quality?.toLowerCase(), name.toLowerCase()), wayOf(way));
}

/** How far letters usually go for so many half steps; six are a fourth or a fifth. */
const USUAL_LETTERS: readonly (readonly number[])[] = [
  [0],
  [1],
  [1],
  [2],
  [2],
  [3],
  [3, 4],
  [4],
  [5],
  [5],
  [6],
  [6],
  [7],
];

const NUMBERS = 'no one two three four five six seven eight nine ten eleven twelve'.split(' ');

/** `three half steps below D`, `2 whole steps above E`, in the step words of any school. */
function stepsAwayReadings(w: ClassWords, line: string): readonly AskReading[] {
  const [half, whole] = ['half ?steps?|semitones?|halbt(?:o|ö)ne?', 'whole ?steps?|tones?|ganzt(?:o|ö)ne?'];
  const found = new RegExp(`^(\\d{1,2}|\\p{L}+) (?:(${half})|(${whole})) ${WAY} (.+)$`, 'iu').exec(line);
  if (!found) return [];
  const [, count = '', halves, , way = '', note = ''] = found;
  const spoken = /^an?$/iu.test(count) ? 1 : NUMBERS.indexOf(count.toLowerCase());
  const number = /^\d+$/u.test(count) ? Number(count) : spoken;
  const semitones = number * (halves ? 1 : 2);
  const letters = number > 0 ? USUAL_LETTERS[semitones] : undefined;
  if (!letters) return [];
  return intervalFrom(
    w,
    note,
    letters.map((each) => ({ letters: each, semitones })),
    wayOf(way),
  );
}

/** Facts asked for in the field's words: the orders, a degree of a key, a note an interval or some steps away. */
export function theoryReadings(w: ClassWords, words: readonly string[]): readonly AskReading[] {
  const line = words.join(' ').replace(/^what is /iu, '');
  for (const found of [
    orderReadings(line),
    degreeReadings(w, line),
    intervalReadings(w, line),
    stepsAwayReadings(w, line),
  ]) {
    if (found.length > 0) return found;
  }
  return [];
}
