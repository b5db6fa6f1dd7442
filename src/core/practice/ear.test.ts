import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { picksFrom } from '../exercise/kinds/making';
import { midiOf, pitch } from '../note/pitch';
import { NAMED_SCALE_IDS, PATTERNS } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { TONICS } from '../scale/tonic';
import { ENGLISH } from '../words/class-words';
import { sayEar, sayEarChoice, sayEarReason } from '../words/say-ear';
import { EAR_KINDS, earQuestion, heardIn } from './ear';

const SCALES = TONICS.flatMap((tonic) =>
  NAMED_SCALE_IDS.flatMap((id) => {
    const reading = scaleNamed(tonic, id);
    return reading.ok && heardIn(reading.scale) ? [{ id, scale: reading.scale }] : [];
  }),
);

const cases = fc.record({
  kind: fc.constantFrom(...EAR_KINDS),
  of: fc.constantFrom(...SCALES),
  seed: fc.nat(),
});

describe('a question by ear', () => {
  it('has one right answer, which is found again by its sound alone', () => {
    fc.assert(
      fc.property(cases, ({ kind, of: { id, scale }, seed }) => {
        const { rows, choices, right, reason } = earQuestion(kind, picksFrom(seed), scale);
        const chosen = choices[right];
        const tonic = midiOf(pitch(scale.tonic, 4)) % 12;
        const last = rows[0]?.at(-1) ?? -1;
        if (kind === 'finished') expect(chosen?.is).toBe(last % 12 === tonic ? 'finished' : 'unfinished');
        if (kind === 'home')
          expect(
            choices.filter((each) => each.is === 'note' && midiOf(pitch(each.note, 4)) % 12 === tonic),
          ).toEqual([chosen]);
        if (kind === 'which') {
          const steps = (row: readonly number[]) => row.slice(1).map((midi, at) => midi - (row[at] ?? 0));
          const fits = rows.map((row) => String(steps(row)) === String(PATTERNS[id].rising));
          expect(fits[right]).toBe(true);
          expect(fits.filter(Boolean)).toHaveLength(1);
        }
        if (reason.is === 'altered') {
          const [one = [], other = []] = [rows[right], rows[1 - right]];
          const off = one.flatMap((midi, at) =>
            midi === other[at] ? [] : [[at + 1, (other[at] ?? 0) - midi]],
          );
          expect(off).toEqual([[reason.degree, reason.by]]);
        }
        if (reason.is === 'ends-on') {
          expect(midiOf(pitch(reason.note, 4)) % 12).toBe(last % 12);
          expect(scale.ascending.slice(0, 7).indexOf(reason.note) + 1 || reason.degree).toBe(reason.degree);
        }
      }),
      { numRuns: 2000 },
    );
  });

  it('is made again by its seed, and of every answer', () => {
    for (const kind of EAR_KINDS)
      for (const { scale } of SCALES.slice(0, 30)) {
        const made = Array.from({ length: 40 }, (_, seed) => earQuestion(kind, picksFrom(seed), scale));
        expect(earQuestion(kind, picksFrom(7), scale)).toEqual(made[7]);
        expect(new Set(made.map(({ right }) => right)).size).toBe(made[0]?.choices.length);
      }
  });

  it('is said with its answers and its reason', () => {
    for (const kind of EAR_KINDS) {
      const question = earQuestion(kind, picksFrom(3), (SCALES[0] as (typeof SCALES)[number]).scale);
      const all = [
        sayEar(ENGLISH, question, 'C major'),
        ...question.choices.map((each) => sayEarChoice(ENGLISH, each)),
        sayEarReason(ENGLISH, question.reason),
      ];
      for (const text of all) expect(text).toMatch(/^\S.*\S$|^[A-G]$/u);
      expect(new Set(all).size).toBe(all.length);
    }
  });
});
