import type { AnswerCase } from '../exercise/answer-case';
import type { MarkQuestion } from '../exercise/kinds/all';
import { readNumeral } from '../exercise/kinds/chord/read-numeral';
import type { NamedKey, Written } from '../mark/machine/written';
import type { MistakeId } from '../mark/mistakes/all';
import { noteNamed } from '../note/parse';
import { fifthsOf, pitchClass, type SpelledNote } from '../note/spelled';
import { MODE_PLACE } from '../scale/mode';
import { PATTERNS, SCALE_IDS, scaleOfMode } from '../scale/pattern';
import { ENGLISH } from './class-words';

const NOTE = '[A-G](?:♯|♭|♮|𝄪|𝄫)?';

/** A note of a sentence, by its English name. */
export const noteIn = (text: string): SpelledNote =>
  noteNamed(text.replace('♮', '').replace('♯', '#').replace('♭', 'b').replace('𝄪', '##').replace('𝄫', 'bb'));

/** Where a key is asked its form is not spoken of; a scale is told from its other forms. */
function nameOf({ tonic, scale }: NamedKey, { kind }: MarkQuestion): string {
  if (!scale) return ENGLISH.note(tonic);
  const key = (kind === 'name-key' || kind === 'partner') && scale === 'natural-minor';
  return `${ENGLISH.note(tonic)} ${key ? 'minor' : scale.replace('-', ' ')}`;
}

/** Signs of a key, counted by the line of fifths. */
function signsOf({ tonic, scale }: NamedKey): number {
  return scale ? fifthsOf(tonic) - MODE_PLACE[PATTERNS[scale].mode] : Number.NaN;
}

export type Said = {
  readonly id: MistakeId;
  readonly asked: MarkQuestion;
  readonly about: AnswerCase;
  readonly written: Written;
  readonly right: Written;
  readonly text: string;
};

/** The keys a sentence may name: the one it is about, the one that was given, and the one whose partner was asked. */
function keysOf({ about, asked }: Said): readonly NamedKey[] {
  const of =
    asked.kind === 'partner'
      ? [{ tonic: asked.question.tonic, scale: scaleOfMode(asked.question.mode) }]
      : [];
  return [...(about.key ? [about.key] : []), ...(about.named ? [about.named] : []), ...of];
}

export const keyIn = (said: Said, name: string) =>
  keysOf(said).find((key) => nameOf(key, said.asked) === name);

type Claim = readonly [pattern: RegExp, holds: (said: Said, ...found: readonly string[]) => boolean];

export const KEY = `${NOTE} (?:natural minor|harmonic minor|melodic minor|major|minor|dorian|phrygian|lydian|mixolydian|locrian)`;

const isAt = (said: Said, want: SpelledNote, got: SpelledNote) => {
  const { right, given } = said.about;
  return right.some((note, at) => note === want && given[at] === got);
};

/** Notes rising of a row that was written, whichever way it goes. */
function stepsWritten(said: Said): readonly number[] {
  const { given, asked } = said.about;
  if (said.written.is === 'steps') {
    const { steps } = said.written;
    return asked.kind === 'steps' && asked.question.direction === 'down' ? steps.toReversed() : steps;
  }
  const way = given.slice(0, 8);
  const falls = asked.kind === 'scale' && asked.question.direction === 'down';
  const rising = falls ? way.toReversed() : way;
  return rising
    .slice(1)
    .map((note, at) => (pitchClass(note) - pitchClass(rising[at] as SpelledNote) + 12) % 12);
}

/** What sentences claim, and the plain rule by which each is true. */
export const CLAIMS: readonly Claim[] = [
  [
    new RegExp(`(${NOTE}) is wanted where (${NOTE}) stands`, 'gu'),
    (said, want = '', got = '') => isAt(said, noteIn(want), noteIn(got)),
  ],
  [
    new RegExp(`(${NOTE}) sounds like (${NOTE})(?=[,;])`, 'gu'),
    (said, got = '', want = '') =>
      pitchClass(noteIn(want)) === pitchClass(noteIn(got)) && isAt(said, noteIn(want), noteIn(got)),
  ],
  [
    new RegExp(`(${NOTE}) is not there`, 'gu'),
    ({ about }, note = '') => about.right.includes(noteIn(note)) && !about.given.includes(noteIn(note)),
  ],
  [
    new RegExp(`(${NOTE}) is one too many`, 'gu'),
    ({ about }, note = '') => !about.right.includes(noteIn(note)) && about.given.includes(noteIn(note)),
  ],
  [
    new RegExp(`(${NOTE}) has the sign of the note before it`, 'gu'),
    ({ about }, note = '') => {
      const at = about.given.findIndex((each, place) => each === noteIn(note) && each !== about.right[place]);
      return about.given[at - 1]?.alteration === noteIn(note).alteration;
    },
  ],
  [
    new RegExp(`((?:${NOTE}(?: and )?)+) (?:is|are) missing`, 'gu'),
    ({ about }, letters = '') =>
      letters.split(' and ').every((letter) => !about.given.some((note) => note.letter === letter)),
  ],
  [
    new RegExp(
      `signature of (${KEY}) has (no|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)`,
      'gu',
    ),
    (said, name = '', count = '') => {
      const words = 'no one two three four five six seven eight nine ten eleven twelve'.split(' ');
      const key = keyIn(said, name);
      return key !== undefined && Math.abs(signsOf(key)) === words.indexOf(count);
    },
  ],
  [
    new RegExp(`(?:signature is that|is that) of (${KEY})`, 'gu'),
    (said, name = '') =>
      said.asked.kind === 'name-key' &&
      signsOf(keyIn(said, name) ?? { tonic: noteIn('C'), scale: null }) === said.asked.question.fifths,
  ],
  [
    new RegExp(`(${KEY}) sounds like (${KEY}) and has another signature`, 'gu'),
    (said, one = '', other = '') => {
      const [given, right] = [keyIn(said, one), keyIn(said, other)];
      if (!given || !right) return false;
      return pitchClass(given.tonic) === pitchClass(right.tonic) && signsOf(given) !== signsOf(right);
    },
  ],
  [
    new RegExp(`It sounds like (${KEY})`, 'gu'),
    ({ about }) =>
      about.right.length !== about.given.length ||
      about.asked.kind !== 'scale' ||
      about.right.every((note, at) => pitchClass(note) === pitchClass(about.given[at] as SpelledNote)),
  ],
  [
    new RegExp(`(${KEY}) has the same signature as (${KEY}), and another mode`, 'gu'),
    (said, one = '', other = '') => {
      const [given, right] = [keyIn(said, one), keyIn(said, other)];
      if (!given?.scale || !right?.scale) return false;
      return signsOf(given) === signsOf(right) && PATTERNS[given.scale].mode !== PATTERNS[right.scale].mode;
    },
  ],
  [
    new RegExp(`(${KEY}) shares its signature with (${KEY})`, 'gu'),
    (said, one = '', other = '') => {
      const [given, of] = [keyIn(said, one), keyIn(said, other)];
      return !!given && !!of && signsOf(given) === signsOf(of);
    },
  ],
  [
    new RegExp(`(${KEY}) has the same tonic as (${KEY})`, 'gu'),
    (said, one = '', other = '') => keyIn(said, one)?.tonic === keyIn(said, other)?.tonic,
  ],
  [
    new RegExp(`tonic of (${KEY}) is right`, 'gu'),
    (said, one = '') => keyIn(said, one)?.tonic === said.about.key?.tonic,
  ],
  [
    new RegExp(`(${KEY}) stands next to (${KEY})`, 'gu'),
    (said, one = '', other = '') => {
      const [given, right] = [keyIn(said, one), keyIn(said, other)];
      return !!given && !!right && Math.abs(fifthsOf(given.tonic) - fifthsOf(right.tonic)) === 1;
    },
  ],
  [
    new RegExp(`(${NOTE}), sign and all; (.+) is another key`, 'gu'),
    ({ about }, tonic = '') => about.key?.tonic === noteIn(tonic) && about.named?.tonic !== noteIn(tonic),
  ],
  [/The mode is right/gu, ({ about }) => about.named?.scale === about.key?.scale],
  [
    /The letter is right; (\S+) has a sign/gu,
    ({ about }, note = '') =>
      about.right[0] === noteIn(note) && about.right[0]?.letter === about.given[0]?.letter,
  ],
  [/; (\d+) were said/gu, ({ about }, count = '') => about.steps?.length === Number(count)],
  [
    /The part stands too (high|low)/gu,
    ({ about }, way = '') => (about.off ?? 0) !== 0 && (about.off ?? 0) > 0 === (way === 'high'),
  ],
  [/The note is right and stands an octave away/gu, ({ about }) => Math.abs(about.off ?? 0) === 12],
  [/This instrument is written an octave away/gu, ({ about }) => about.octaves !== 0],
  [
    /The degree is right/gu,
    ({ written, right }) =>
      written.is === 'numeral' && right.is === 'numeral' && written.numeral.degree === right.numeral.degree,
  ],
  [
    /its fifth is diminished/gu,
    ({ right }) =>
      right.is === 'numeral' && right.numeral.triad === 'diminished' && readNumeral('vii°') !== null,
  ],
  [
    /Here (?:the .+?) is raised above the signature/gu,
    ({ about }) => about.asked.kind === 'steps' || PATTERNS[about.key?.scale ?? 'major'].raised.includes(7),
  ],
  [
    /Five whole steps and two half steps stand here/gu,
    (said) => {
      const steps = stepsWritten(said);
      return (
        steps.filter((step) => step === 2).length === 5 && steps.filter((step) => step === 1).length === 2
      );
    },
  ],
  [
    /in an order that no scale has/gu,
    (said) => {
      const steps = stepsWritten(said).join();
      return !SCALE_IDS.some((id) =>
        [PATTERNS[id].rising.join(), PATTERNS[id].falling.join()].includes(steps),
      );
    },
  ],
  [
    /right for a scale with another name/gu,
    (said) => {
      const steps = stepsWritten(said).join();
      return SCALE_IDS.some((id) =>
        [PATTERNS[id].rising.join(), PATTERNS[id].falling.join()].includes(steps),
      );
    },
  ],
];

/** What must be said nowhere. */
export const NEVER = /undefined|null|NaN| {2}|one half steps|one letters|\(\)|\{|\}| ,|\.\./u;

export function falseClaims(said: Said): readonly string[] {
  return CLAIMS.flatMap(([pattern, holds]) =>
    [...said.text.matchAll(pattern)].filter(([, ...found]) => !holds(said, ...found)).map(([claim]) => claim),
  );
}
