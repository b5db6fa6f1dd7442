import { describe, expect, it } from 'vitest';
import { derive, methodsFor } from '../derive/methods';
import { EVERY_QUESTION } from '../exercise/every-question.test-data';
import { rightAnswer } from '../exercise/kinds/all';
import { noteNamed } from '../note/parse';
import { heightOf, midiOf } from '../note/pitch';
import { NAMED_SCALE_IDS } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { TONICS } from '../scale/tonic';
import { writeOut } from '../scale/written';
import { USUAL_SETTINGS } from '../school/settings';
import { answerHeard, chordsHeard, risingPitches, rowsHeard, sounding, stepsHeard } from './heard';
import { lastsOf } from './performance';

describe('rows that are heard', () => {
  it('come note after note, one row after the other with a silence between them', () => {
    const sounds = rowsHeard([[60, 62], [64]]);
    expect(sounds.map(({ midi, at }) => [midi, Number(at.toFixed(3))])).toEqual([
      [60, 0],
      [62, 0.5],
      [64, 1.6],
    ]);
    for (const [at, { at: from, lasts }] of sounds.entries())
      expect(from + lasts).toBeLessThan(sounds[at + 1]?.at ?? Number.POSITIVE_INFINITY);
    expect(rowsHeard([])).toEqual([]);
  });

  it('rise letter by letter from where they begin', () => {
    for (const id of NAMED_SCALE_IDS)
      for (const tonic of TONICS) {
        const reading = scaleNamed(tonic, id);
        if (!reading.ok || id === 'chromatic') continue;
        const pitches = risingPitches(reading.scale.ascending);
        const heights = pitches.map(heightOf);
        expect(heights).toEqual(heights.toSorted((a, b) => a - b));
        const sounds = pitches.map(midiOf);
        const steps = sounds.slice(1).map((midi, at) => midi - (sounds[at] ?? 0));
        expect(steps).toEqual(reading.scale.rising);
      }
  });
});

describe('chords that are heard', () => {
  it('are broken from the root up and then held, one after the other', () => {
    const sounds = chordsHeard([
      [48, 52, 55],
      [50, 53, 57, 60],
    ]);
    const notes = sounds.filter(({ voice }) => voice === 'note');
    const held = sounds.filter(({ voice }) => voice === 'chord');
    expect(notes.map(({ midi }) => midi)).toEqual([48, 52, 55, 50, 53, 57, 60]);
    expect(held.map(({ midi }) => midi)).toEqual(notes.map(({ midi }) => midi));
    expect(new Set(held.map(({ at }) => at)).size).toBe(2);
    expect(lastsOf(sounds)).toBeLessThan(7);
  });
});

describe('a working that is heard', () => {
  it('has every note of its line in the end, whatever the method, and no step without a note', () => {
    for (const id of ['major', 'harmonic-minor', 'melodic-minor', 'dorian'] as const)
      for (const tonic of TONICS) {
        const reading = scaleNamed(tonic, id);
        if (!reading.ok) continue;
        const { scale } = reading;
        for (const method of methodsFor(scale)) {
          const derivation = derive(scale, 'both', method, USUAL_SETTINGS);
          if (!derivation) continue;
          const { line } = writeOut(scale, {
            ...{ direction: 'both', clef: 'treble', signature: 'none', modesWritten: 'parent' },
          });
          const pitches = line.map(({ pitch }) => pitch);
          const steps = stepsHeard(derivation.steps, pitches);
          expect(steps.every((row) => row.length > 0)).toBe(true);
          const heard = new Set(steps.flat().map(midiOf));
          for (const pitch of pitches) expect(heard.has(midiOf(pitch)), `${id} ${method}`).toBe(true);
        }
      }
  });
});

describe('an answer that is heard', () => {
  it('sounds where it is made of notes or names a scale, and nowhere else', () => {
    const sounds: Record<string, boolean> = {};
    for (const asked of EVERY_QUESTION) {
      const answer = rightAnswer(asked, USUAL_SETTINGS);
      const heard = answerHeard(answer);
      sounds[answer.is] = (sounds[answer.is] ?? true) && heard !== null;
      for (const midi of sounding(heard ?? [])) expect(midi > 20 && midi < 110).toBe(true);
    }
    expect(sounds).toEqual({
      ...{ scale: true, notes: true, pitch: true, key: true },
      ...{ drawn: false, count: false, steps: false, numeral: false },
    });
    expect(answerHeard({ is: 'blank' })).toBeNull();
    expect(sounding(answerHeard({ is: 'notes', notes: ['E', 'G#', 'B'].map(noteNamed) }) ?? [], 9)).toEqual([
      ...[55, 59, 62],
    ]);
  });
});
