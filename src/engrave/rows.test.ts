import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type ScaleQuestion, scaleTask, signatureAtClef } from '@/core/exercise/kinds/scale/scale-question';
import { nearest } from '@/core/identify/note-entry';
import { CLEFS, staffPlace } from '@/core/instrument/staff';
import { answersOf } from '@/core/mark/explain/made';
import { mistakesIn } from '@/core/mark/mistakes/all';
import { LETTERS } from '@/core/note/letter';
import { type Pitch, pitch } from '@/core/note/pitch';
import { ALTERATIONS, type Alteration, fifths, spelled } from '@/core/note/spelled';
import { DIRECTIONS } from '@/core/scale/direction';
import { SCALE_IDS } from '@/core/scale/pattern';
import { printedSigns } from '@/core/scale/printed';
import { scaleNamed } from '@/core/scale/scale';
import { TONICS } from '@/core/scale/tonic';
import { writeOut } from '@/core/scale/written';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { blankStaff, blankStride } from './blank';
import { collision, glyphBoxes } from './boxes.test-data';
import { noteLabel } from './note-label';
import type { Scene } from './scene';
import { engraveRow, engraveSigns, engraveStaff, STAFF_BOTTOM, STAFF_PLACE } from './staff';
import { leastStaffWidth } from './staff-width';

const INKED = ['clef', 'sign', 'accidental', 'note'];

/** Fails where glyphs meet or leave the drawing sideways. */
function isClear(scene: Scene, what: string): void {
  const boxes = glyphBoxes(scene, INKED);
  expect(collision(boxes), what).toBeNull();
  for (const { left, right } of boxes) {
    expect(left, what).toBeGreaterThanOrEqual(0);
    expect(right, what).toBeLessThanOrEqual(scene.width);
  }
}

describe('a row as somebody wrote it', () => {
  it('has room for every sign of every answer a habit makes, in every key, under its signature', () => {
    const habits = mistakesIn('scale');
    let drawn = 0;
    for (const [at, tonic] of TONICS.entries()) {
      for (const scale of SCALE_IDS) {
        for (const direction of DIRECTIONS) {
          for (const signature of ['written', 'none'] as const) {
            const clef = CLEFS[at % CLEFS.length] ?? 'treble';
            const question: ScaleQuestion = { tonic, scale, direction, signature, clef };
            const atClef = signatureAtClef(question, USUAL_SETTINGS);
            const habit = habits[drawn % habits.length];
            const written = habit ? answersOf(habit, scaleTask(question))[0]?.written : undefined;
            const answer = written?.is === 'notes' ? written.notes : undefined;
            drawn += 1;
            if (!answer) continue;
            const pitches = nearest(answer);
            const printed = printedSigns(pitches, atClef);
            const width = leastStaffWidth({ atClef, printed });
            const scene = engraveRow({ pitches, clef, atClef, printed }, width);
            isClear(scene, `${tonic.letter}${tonic.alteration} ${scale} ${direction} ${signature}`);
          }
        }
      }
    }
    expect(drawn).toBe(21 * SCALE_IDS.length * 3 * 2);
  });

  it('shows each note on its line with the sign that was put there, needed or not', () => {
    const notes = fc.array(
      fc.record({
        letter: fc.constantFrom(...LETTERS),
        alteration: fc.constantFrom(...ALTERATIONS),
        octave: fc.integer({ min: 3, max: 5 }),
        printed: fc.constantFrom<Alteration | null>(null, ...ALTERATIONS),
      }),
      { minLength: 1, maxLength: 32 },
    );
    fc.assert(
      fc.property(
        notes,
        fc.constantFrom(...CLEFS),
        fc.integer({ min: -7, max: 7 }),
        (written, clef, count) => {
          const pitches: readonly Pitch[] = written.map(({ letter, alteration, octave }) =>
            pitch(spelled(letter, alteration), octave),
          );
          const printed = written.map((each) => each.printed);
          const atClef = fifths(count);
          const scene = engraveRow({ pitches, clef, atClef, printed }, leastStaffWidth({ atClef, printed }));
          const of = (part: string) => scene.groups.filter((group) => group.part === part);
          expect(of('sign')).toHaveLength(Math.abs(count));
          expect(of('accidental').map(({ place }) => place)).toEqual(
            printed.flatMap((sign, place) => (sign === null ? [] : [place])),
          );
          expect(
            of('note').map(({ marks }) => {
              const head = marks.at(-1);
              return head?.kind === 'glyph' ? head.y : null;
            }),
          ).toEqual(pitches.map((each) => STAFF_BOTTOM - STAFF_PLACE * staffPlace(each, clef)));
          isClear(scene, JSON.stringify(written));
        },
      ),
    );
  });
});

describe('signs drawn anywhere at a clef', () => {
  it('stand from left to right as they were drawn, and none covers another', () => {
    const sign = fc.record({
      letter: fc.constantFrom(...LETTERS),
      alteration: fc.constantFrom<Alteration>(-1, 1),
      octave: fc.integer({ min: 3, max: 5 }),
    });
    fc.assert(
      fc.property(fc.array(sign, { maxLength: 9 }), fc.constantFrom(...CLEFS), (signs, clef) => {
        const pitches = signs.map(({ letter, alteration, octave }) =>
          pitch(spelled(letter, alteration), octave),
        );
        const scene = engraveSigns(clef, pitches, 300);
        const drawn = scene.groups.filter(({ part }) => part === 'sign');
        expect(drawn.map(({ key }) => key)).toEqual(pitches.map((_, at) => `sign-${at}`));
        isClear(scene, JSON.stringify(signs));
      }),
    );
  });
});

describe('what is printed to be filled in', () => {
  const written = (tonic: (typeof TONICS)[number], scale: (typeof SCALE_IDS)[number], both: boolean) => {
    const reading = scaleNamed(tonic, scale);
    if (!reading.ok) throw new Error('cannot be spelled');
    return writeOut(reading.scale, {
      direction: both ? 'both' : 'up',
      clef: 'bass',
      signature: 'written',
    });
  };

  it('gives nothing of the answer away: all keys look alike', () => {
    for (const both of [false, true]) {
      const seen = new Set<string>();
      for (const tonic of TONICS) {
        for (const scale of SCALE_IDS) {
          const question = written(tonic, scale, both);
          const staff = blankStaff(engraveStaff(question, 736));
          expect(staff.groups.map(({ part }) => part).toSorted()).toEqual(['clef', 'staff']);
          seen.add(JSON.stringify([blankStride(question, 640), staff]));
        }
      }
      expect(seen.size).toBe(1);
    }
  });

  it('has a circle for every note and a smaller one for every step, a row for each way, within its width', () => {
    for (const both of [false, true]) {
      const { width, height, groups } = blankStride(written(TONICS[0] as never, 'major', both), 640);
      const rows = groups.filter(({ part }) => part === 'blank');
      expect(rows).toHaveLength(both ? 2 : 1);
      for (const { marks } of rows) {
        const radii = marks.flatMap((mark) => (mark.kind === 'circle' ? [mark.r] : []));
        expect(radii.filter((radius) => radius === Math.max(...radii))).toHaveLength(8);
        expect(radii.filter((radius) => radius < Math.max(...radii))).toHaveLength(7);
        for (const mark of marks) {
          if (mark.kind !== 'circle') throw new Error('only circles');
          expect(mark.cx - mark.r).toBeGreaterThanOrEqual(0);
          expect(mark.cx + mark.r).toBeLessThanOrEqual(width);
        }
      }
      const keys = groups.find(({ part }) => part === 'keys')?.marks ?? [];
      // Two octaves: fourteen white keys and ten black ones.
      expect(keys).toHaveLength(24);
      for (const mark of keys)
        expect(mark.kind === 'rect' && mark.x + mark.w <= width && mark.y + mark.h <= height).toBe(true);
    }
  });
});

describe('a name whose letters have no outline yet', () => {
  it('is a line of words in the same place', () => {
    expect(noteLabel('Ωis', 10, 20, 30, 'ink').map(({ kind }) => kind)).toEqual(['text']);
    expect(noteLabel('Fis', 10, 20, 30, 'ink').map(({ kind }) => kind)).toEqual(['glyph', 'glyph', 'glyph']);
  });
});
