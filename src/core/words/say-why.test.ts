import { describe, expect, it } from 'vitest';
import { METHOD_IDS } from '../derive/derivation';
import { methodsFor } from '../derive/methods';
import { noteNamed } from '../note/parse';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { type Scale, scaleNamed } from '../scale/scale';
import { TONICS } from '../scale/tonic';
import { ENGLISH } from './class-words';
import { sayAgreed, sayCompared } from './say-compared';
import { sayWhy, WHY_IDS, whysFor } from './say-why';

function scale(tonic: string, id: ScaleId): Scale {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new Error('can be spelled');
  return reading.scale;
}

const lines = (...[id, of]: [(typeof WHY_IDS)[number], Scale]) => sayWhy(ENGLISH, id, of).lines;

describe('why a rule works', () => {
  it('is said for every rule once, those behind the method first, in each scale and method', () => {
    for (const tonic of TONICS) {
      for (const id of SCALE_IDS) {
        const reading = scaleNamed(tonic, id);
        if (!reading.ok) throw new Error('can be spelled');
        for (const method of methodsFor(reading.scale)) {
          const whys = whysFor(ENGLISH, reading.scale, method);
          expect(whys.map((why) => why.id).sort()).toEqual([...WHY_IDS].sort());
          for (const { title, lines: said } of whys) {
            expect(title).toMatch(/^Why [^.]+$/u);
            expect(said.length).toBeGreaterThan(2);
            for (const line of said) {
              expect(line).toMatch(/^[A-Z].*\.$/u);
              expect(line).not.toMatch(/undefined|null|NaN|!|\s\s/u);
            }
          }
        }
      }
    }
    const first = METHOD_IDS.map((method) => whysFor(ENGLISH, scale('D', 'dorian'), method)[0]?.id);
    expect(first).toEqual([
      'one-letter',
      'tetrachords',
      'pattern',
      'mode-places',
      'mode-places',
      'pattern',
      'mode-places',
    ]);
  });

  it('works the last but one flat out on the key in hand', () => {
    expect(lines('last-but-one-flat', scale('Ab', 'major'))).toEqual([
      'The last flat is always the 4th of the major key: here D♭.',
      'Flats follow each other by fifths down, so the one before it lies a fifth above it: A♭.',
      'A fifth above the 4th is the octave: 4 5 6 7 8 are five.',
      'So the last but one flat is the tonic, with its flat: A♭ major.',
    ]);
    // A key without flats, or with one alone, has no last but one; another serves as the example.
    expect(lines('last-but-one-flat', scale('F', 'major'))[3]).toContain('E♭ major');
  });

  it('lets F major vanish as an exception', () => {
    expect(lines('f-major', scale('F', 'major')).at(-1)).toBe(
      'Count a fourth down from the last flat: B♭ to F, A♭ to E♭, G♭ to D♭. One rule for every flat key.',
    );
  });

  it('takes its examples from a minor key for what minor raises', () => {
    const said = lines('raised-seventh', scale('G#', 'harmonic-minor'));
    expect(said[0]).toContain('Raised to F𝄪 it lies a half step below G♯.');
    expect(said[1]).toContain('E to F𝄪, are three half steps');
    expect(lines('parallel', scale('G', 'major'))[0]).toBe(
      'Minor lowers the 3rd, the 6th and the 7th of the major on its tonic: B E F♯ become B♭ E♭ F.',
    );
  });

  it('counts a mode on the line of fifths', () => {
    expect(lines('mode-places', scale('E', 'dorian'))[2]).toBe(
      'E has the number four on the line, counted from C; less two for dorian makes two: two sharps.',
    );
    expect(lines('mode-places', scale('F', 'lydian'))[2]).toBe(
      'F has the number minus one on the line, counted from C; less minus one for lydian makes nought: no sharps or flats.',
    );
  });
});

describe('two scales compared', () => {
  it('say what they share by spelling, and how their signatures lie', () => {
    expect(sayCompared(ENGLISH, scale('C', 'major'), scale('C', 'natural-minor'), 'up')).toEqual([
      'In both: C D F G.',
      'Only in C major: E A B.',
      'Only in C natural minor: E♭ A♭ B♭.',
      'Signatures: no sharps or flats against three flats, three places flatter.',
    ]);
    expect(sayCompared(ENGLISH, scale('F#', 'major'), scale('Gb', 'major'), 'up').slice(0, 2)).toEqual([
      'To the ear they are the same: every note has two names.',
      'No note is spelled alike in both.',
    ]);
    // Notes stand in their order from the tonic, also those that only one way has.
    expect(
      sayCompared(ENGLISH, scale('E', 'melodic-minor'), scale('E', 'natural-minor'), 'both').slice(0, 2),
    ).toEqual(['In both: E F♯ G A B C D.', 'Only in E melodic minor: C♯ D♯.']);
    expect(sayCompared(ENGLISH, scale('A', 'natural-minor'), scale('C', 'major'), 'both')).toEqual([
      'In both: A B C D E F G.',
      'Both have the signature of no sharps or flats.',
    ]);
    expect(sayAgreed(ENGLISH, scale('G', 'major').ascending)).toBe(
      'Both arrive at the same notes: G A B C D E F♯ G.',
    );
  });
});
