import { describe, expect, it } from 'vitest';
import { letterAfter } from '@/core/note/letter';
import { noteNamed } from '@/core/note/parse';
import { midiOf, pitch } from '@/core/note/pitch';
import type { SpelledNote } from '@/core/note/spelled';
import { PATTERNS, type ScaleId, scaleOfMode } from '@/core/scale/pattern';
import { CHOICES, type Settings, USUAL_SETTINGS } from '@/core/school/settings';
import { wordsOf } from '@/core/words/class-words';
import { sayClaim, sayClaims } from '@/core/words/say-claim';
import { questionCode } from '../../code';
import { EVERY_QUESTION } from '../../every-question.test-data';
import { type MarkQuestion, rightAnswer } from '../../kinds/all';
import type { Claim } from './claim';
import { claimsOf } from './claims';

/** Half steps from one note up to another, by their keys on a keyboard, within an octave. */
const up = (from: SpelledNote, to: SpelledNote) =>
  (((midiOf(pitch(to, 4)) - midiOf(pitch(from, 4))) % 12) + 12) % 12;

const same = (one: readonly SpelledNote[], other: readonly SpelledNote[]) =>
  one.length === other.length && one.every((note, at) => note === other[at]);

/** Notes of a key by walking it: letters in order, each raised or lowered until its distance fits. */
function walked(tonic: SpelledNote, steps: readonly number[]): readonly SpelledNote[] {
  let note = tonic;
  return [
    tonic,
    ...steps.map((step) => {
      const letter = letterAfter(note.letter, 1);
      const signs = ['', '#', 'b', '##', 'bb'];
      const fits = signs.map((sign) => noteNamed(letter + sign)).find((each) => up(note, each) === step);
      if (!fits) throw new Error('needs a third sign');
      note = fits;
      return fits;
    }),
  ];
}

const MAJOR = [2, 2, 1, 2, 2, 2, 1];

/** Signs of a major key, in the order in which a walk meets them. */
const signsOfMajor = (tonic: SpelledNote) =>
  walked(tonic, MAJOR)
    .slice(0, 7)
    .filter(({ alteration }) => alteration !== 0);

/** How many sharps a scale of no raised notes has in all, a flat counted below 0. */
const signsIn = (tonic: SpelledNote, scale: ScaleId) =>
  walked(tonic, PATTERNS[scale].rising)
    .slice(0, 7)
    .reduce((sum, { alteration }) => sum + alteration, 0);

function rowOf(asked: MarkQuestion, school: Settings): readonly SpelledNote[] {
  const right = rightAnswer(asked, school);
  if (right.is === 'scale') return right.notes.map(({ note }) => note);
  return right.is === 'notes' ? right.notes : [];
}

/** Whether a claim holds of a question, worked out from the right answer alone; null where another test has it. */
function holds(asked: MarkQuestion, claim: Claim, school: Settings): boolean | null {
  const row = rowOf(asked, school);
  const right = rightAnswer(asked, school);
  switch (claim.code) {
    case 'has-signs': {
      const tonic = claim.major ?? (asked.kind === 'scale' ? asked.question.tonic : null);
      const signs = tonic ? signsOfMajor(tonic) : [];
      return (
        claim.signs.length === Math.abs(claim.count) &&
        claim.signs.every((sign) => signs.includes(sign)) &&
        signs.length === claim.signs.length
      );
    }
    case 'order-ends': {
      const signs = signsOfMajor(claim.major);
      const letters = claim.sharps ? 'FCGDAEB' : 'BEADGCF';
      const order = [...letters].filter((letter) => signs.some((sign) => sign.letter === letter));
      const before = letters[signs.length - 2];
      return (
        order.at(-1) === claim.last.letter &&
        (claim.sharps ? up(claim.last, claim.major) === 1 : before === claim.major.letter)
      );
    }
    case 'raised':
      return claim.notes.every(
        ({ from, to }) => from.letter === to.letter && up(from, to) === 1 && row.includes(to),
      );
    case 'restored':
      return claim.notes.every((note) => row.slice(7).includes(note));
    case 'nothing-raised':
      return (
        signsOfMajor(walked(row[7] as SpelledNote, [2, 1])[2] as SpelledNote).length ===
        row.slice(0, 7).filter(({ alteration }) => alteration !== 0).length
      );
    case 'steps': {
      const notes = claim.down ? row.toReversed() : row.slice(0, 8);
      const steps = claim.down ? claim.steps.toReversed() : claim.steps;
      return steps.every((step, at) => up(notes[at] as SpelledNote, notes[at + 1] as SpelledNote) === step);
    }
    case 'against-major': {
      const major = walked(claim.tonic, MAJOR).slice(0, 7);
      const changed = major.map((note) => claim.notes.find(({ from }) => from === note)?.to ?? note);
      return same(changed, row.slice(0, 7));
    }
    case 'half-steps': {
      if (right.is !== 'steps' || asked.kind !== 'steps') return false;
      const rising = asked.question.direction === 'down' ? right.steps.toReversed() : right.steps;
      const at = (size: number) => rising.flatMap((step, index) => (step === size ? [index + 1] : []));
      return String(at(1)) === String(claim.below) && String(at(3)) === String(claim.wide);
    }
    case 'order':
      return (
        same(row, claim.signs) &&
        claim.signs[0] === noteNamed(claim.sharps ? 'F#' : 'Bb') &&
        claim.signs.every((note, at) => {
          const before = claim.signs[at - 1];
          return !before || (claim.sharps ? up(before, note) === 7 : up(note, before) === 7);
        })
      );
    case 'shares-signature':
      return (
        right.is === 'key' &&
        up(claim.from, right.key.tonic) === ((claim.semitones % 12) + 12) % 12 &&
        Math.abs(claim.semitones) <= 6
      );
    case 'same-tonic':
      return (
        right.is === 'key' &&
        asked.kind === 'partner' &&
        right.key.tonic === claim.tonic &&
        signsIn(claim.tonic, scaleOfMode(asked.question.mode)) === claim.from &&
        signsIn(claim.tonic, right.key.scale ?? 'major') === claim.to
      );
    case 'sounds-alike':
      return up(claim.from, claim.to) === 0 && Math.abs(claim.counts[0] - claim.counts[1]) === 12;
    case 'degree':
      return (
        claim.note === row[0] &&
        letterAfter(claim.tonic.letter, claim.degree - 1) === claim.note.letter &&
        (claim.because !== 'plain' || claim.note.alteration === 0)
      );
    case 'thirds':
      return claim.sizes.every(
        (size, at) =>
          up(claim.notes[at] as SpelledNote, claim.notes[at + 1] as SpelledNote) === size &&
          letterAfter((claim.notes[at] as SpelledNote).letter, 2) === claim.notes[at + 1]?.letter,
      );
    case 'heard':
      return (
        same(row, claim.notes) &&
        claim.degrees.every(
          (each, at) => letterAfter(claim.tonic.letter, each - 1) === claim.notes[at]?.letter,
        )
      );
    case 'reads': {
      if (asked.kind !== 'transpose' || right.is !== 'pitch') return false;
      return midiOf(right.pitch) - midiOf(asked.question.pitch) === claim.semitones;
    }
    case 'key-fact':
    case 'write-fact':
    case 'decision':
      return null;
  }
}

const schools: readonly Settings[] = CHOICES.reasonBy.flatMap((reasonBy) =>
  CHOICES.melodicDown.map((melodicDown) => ({ ...USUAL_SETTINGS, reasonBy, melodicDown })),
);

/** The question as a class asks it, whose melodic minor may come down as it rose. */
function inSchool(asked: MarkQuestion, { melodicDown }: Settings): MarkQuestion {
  if (asked.kind === 'scale') return { ...asked, question: { ...asked.question, melodicDown } };
  return asked.kind === 'dictation' ? { ...asked, question: { ...asked.question, melodicDown } } : asked;
}

describe('what a key claims', () => {
  it.each(schools.map((school) => [`${school.reasonBy}, ${school.melodicDown}`, school] as const))(
    'is true of every question of every kind: %s',
    (_, school) => {
      for (const each of EVERY_QUESTION) {
        const asked = inSchool(each, school);
        const claims = claimsOf(asked, school);
        expect(claims.length, questionCode(asked)).toBeGreaterThan(0);
        for (const claim of claims)
          expect(holds(asked, claim, school), `${questionCode(asked)} ${JSON.stringify(claim)}`).not.toBe(
            false,
          );
      }
    },
  );

  it('is said in every school, in one line without a gap', () => {
    const w = wordsOf(USUAL_SETTINGS);
    const german = wordsOf({
      ...USUAL_SETTINGS,
      noteNames: 'german',
      keyNames: 'german',
      stepWords: 'german',
    });
    for (const asked of EVERY_QUESTION) {
      for (const words of [w, german]) {
        const line = sayClaims(words, claimsOf(asked, words.settings));
        expect(line, questionCode(asked)).toMatch(/^[\p{Lu}\p{L}\d]/u);
        expect(line).not.toMatch(/undefined|null|NaN| {2}|\.\.|: \.|,\./u);
      }
    }
  });

  it('reads as a teacher would say it', () => {
    const w = wordsOf(USUAL_SETTINGS);
    const said = (asked: MarkQuestion, school = USUAL_SETTINGS) => sayClaims(w, claimsOf(asked, school));
    const scale = { tonic: noteNamed('C#'), scale: 'harmonic-minor', direction: 'up' } as const;
    const asked = { kind: 'scale', question: { ...scale, signature: 'written', clef: 'treble' } } as const;
    expect(said(asked)).toBe(
      'Four sharps, as E major: F♯ C♯ G♯ D♯. The 7th is raised: B♮ becomes B♯; its sign stands at the note.',
    );
    expect(said(asked, { ...USUAL_SETTINGS, reasonBy: 'steps' })).toBe('From C♯ up: W H W W H W+H H.');
    expect(said(asked, { ...USUAL_SETTINGS, reasonBy: 'parallel' })).toBe(
      'C♯ major with the 3rd and the 6th lowered: E♯ becomes E♮ and A♯ becomes A♮.',
    );
    expect(said({ kind: 'order', question: { order: -3 } })).toBe(
      'The order begins with B♭; each next lies a fifth below the one before.',
    );
    const steps = { kind: 'steps', question: { scale: 'harmonic-minor', direction: 'up' } } as const;
    expect(said(steps)).toBe(
      'Half steps at 2–3, 5–6 and 7–8, three half steps at 6–7; all others are whole steps.',
    );
    const [first] = claimsOf(
      { kind: 'partner', question: { relation: 'relative', tonic: noteNamed('E'), mode: 'minor' } },
      USUAL_SETTINGS,
    );
    expect(first && sayClaim(w, first)).toBe('Both have one sharp; its tonic lies three half steps above E.');
  });
});
