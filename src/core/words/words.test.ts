import { describe, expect, it } from 'vitest';
import type { Fact } from '../derive/fact';
import { derive, methodsFor } from '../derive/methods';
import { CHECK_IDS } from '../derive/proof';
import { noteNamed } from '../note/parse';
import { scaleAsked } from '../scale/asked';
import { DIRECTIONS } from '../scale/direction';
import { lineOf } from '../scale/line';
import { NAMED_SCALE_IDS, type SCALE_IDS } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { SCALE_TABLE } from '../scale/scale-table';
import { USUAL_SETTINGS } from '../school/settings';
import { ENGLISH, wordsOf } from './class-words';
import { sayCheck } from './say-check';
import { readLine, readStaff, sayPlace, saySign } from './say-note';
import { type Problem, sayProblem } from './say-problem';
import { sayRaised, scaleName, spokenScale, theoreticalNote } from './say-scale';
import { stepText } from './say-step';
import { spoken } from './spoken';
import { signCount } from './vocabulary';

function scale(tonic: string, id: (typeof SCALE_IDS)[number]) {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new Error('cannot be spelled');
  return reading.scale;
}

describe('names', () => {
  it('are printed with their sign and spoken with its word', () => {
    expect(['C#', 'Bb', 'F##', 'Ebb', 'C'].map((name) => ENGLISH.note(noteNamed(name)))).toEqual([
      'C♯',
      'B♭',
      'F𝄪',
      'E𝄫',
      'C',
    ]);
    expect(ENGLISH.spokenNote(noteNamed('F##'))).toBe('F double sharp');
    expect(scaleName(ENGLISH, scale('Eb', 'natural-minor'))).toBe('E♭ natural minor');
    expect(spokenScale(ENGLISH, scale('Eb', 'natural-minor'))).toBe('E flat natural minor');
  });

  it('count signs in words', () => {
    expect([-1, 0, 4, 8].map(signCount)).toEqual([
      'one flat',
      'no sharps or flats',
      'four sharps',
      'eight sharps',
    ]);
    expect([1, 2, 3, 4].map((size) => `${ENGLISH.stepName(size)} ${ENGLISH.stepLetters(size)}`)).toEqual([
      'half step H',
      'whole step W',
      'augmented second W+H',
      'step of two whole steps W+W',
    ]);
  });
});

describe('every sentence of every working', () => {
  it('is whole, speaks of no code and has no exclamation mark', () => {
    const codes = new Set<Fact['code']>();
    for (const { tonic } of SCALE_TABLE) {
      for (const asked of [...NAMED_SCALE_IDS, '2,2,3,2,3', '2,1,2,1,2,1,2,1'] as const) {
        const reading = scaleAsked(noteNamed(tonic), asked);
        if (!reading.ok) continue;
        for (const direction of DIRECTIONS) {
          for (const method of methodsFor(reading.scale)) {
            for (const { fact } of derive(reading.scale, direction, method)?.steps ?? []) {
              const text = stepText(ENGLISH, fact);
              codes.add(fact.code);
              expect(text).toMatch(/^[A-Z].*\.$/u);
              expect(text).not.toMatch(/undefined|null|NaN|!|\d{2}|[a-z]-[a-z]{3,}ing|\s\s/u);
            }
          }
        }
      }
    }
    expect([...codes].sort()).toEqual(
      [
        'alter-degree',
        'between',
        'key-notes',
        'no-between',
        'chain-arrive',
        'chain-link',
        'chain-start',
        'join',
        'mend',
        'parallel-major',
        'parent-degree',
        'parent-signature',
        'signature-shift',
        'start-on',
        'tetrachord-stands',
        'tetrachords',
        'two-octaves',
        'window-order',
        'window-place',
        'window-raise',
        'count-places',
        'letters',
        'natural-coming-down',
        'put-sign',
        'raise',
        'relative-major',
        'restore',
        'same-coming-down',
        'take-signs',
        'theoretical',
        'walk',
      ].sort(),
    );
  });

  it('exists for every check, holding, failing and not applying', () => {
    for (const check of CHECK_IDS) {
      const said = [true, false, null].map((holds) => sayCheck(ENGLISH, { check, holds, at: [], sum: 12 }));
      expect(new Set(said).size).toBe(3);
    }
  });

  const problems: readonly Problem[] = [
    { code: 'note-empty' },
    { code: 'note-too-long', length: 40, limit: 24 },
    { code: 'note-other-names', read: 'H', fits: 'german' },
    { code: 'note-mixed-signs', read: 'Bb#' },
    { code: 'note-third-sign', read: 'F###', letter: 'F' },
    { code: 'note-unknown', read: 'doh' },
    { code: 'steps-size', position: 3, read: '5' },
    { code: 'steps-sum', sum: 13 },
    {
      code: 'needs-third-sign',
      tonic: noteNamed('G##'),
      degree: 7,
      letter: 'F',
      alteration: 3,
      instead: noteNamed('A'),
    },
    { code: 'choice-unknown', what: 'clef', read: 'soprano', allowed: ['treble', 'bass'] },
  ];
  it.each(problems.map((problem) => [problem.code, problem] as const))(
    'exists for the problem %s',
    (_, problem) => {
      const text = sayProblem(ENGLISH, problem);
      expect(text).toMatch(/^.*\.$/u);
      expect(text).not.toMatch(/undefined|null|!/u);
      if ('read' in problem) expect(text).toContain(problem.read);
    },
  );
});

describe('a note that is pointed at', () => {
  const line = (tonic: string, id: (typeof SCALE_IDS)[number]) => lineOf(scale(tonic, id), 'up', 3);

  it('is counted both ways, fact which counts the start', () => {
    const two = lineOf(scale('E', 'major'), 'up', 3, 2);
    expect([7, 8, 14].map((place) => sayPlace(ENGLISH, two, place))).toEqual([
      'E, the octave. Eight letters from E, counting it; twelve half steps, not counting it: octave.',
      'F♯, the 2nd. Nine letters from E, counting it; fourteen half steps, not counting it: major 9th. Same key as G♭.',
      'E, the tonic two octaves up. 15 letters from E, counting it; 24 half steps, not counting it: double octave.',
    ]);
    expect(sayPlace(ENGLISH, line('C#', 'harmonic-minor'), 5)).toBe(
      'A, the 6th. Six letters from C♯, counting it; eight half steps, not counting it: minor 6th.',
    );
    expect(sayPlace(ENGLISH, line('C#', 'harmonic-minor'), 6)).toBe(
      'B♯, the 7th, raised. Seven letters from C♯, counting it; eleven half steps, not counting it: major 7th. Same key as C.',
    );
    expect(sayPlace(ENGLISH, line('C#', 'harmonic-minor'), 0)).toBe('C♯, the tonic. Same key as D♭.');
    // The two ends of the octave are sung on one syllable, low and high; a fifth is so or sol.
    const sings = wordsOf({ ...USUAL_SETTINGS, solfege: 'do-minor', fifth: 'sol' });
    const sung = (tonic: string, place: number) =>
      /Sung ([^.]+)\./u.exec(sayPlace(sings, line(tonic, 'major'), place, 'major'))?.[1];
    expect([0, 4, 7].map((place) => sung('B', place))).toEqual(['low do', 'sol', 'high do']);
    expect([0, 4, 7].map((place) => sung('F', place))).toEqual(['low do', 'sol', 'high do']);
    expect(sayPlace(ENGLISH, line('F', 'major'), 7)).toContain('twelve half steps, not counting it: octave.');
  });

  it('is governed by a sign of the signature in every octave', () => {
    expect(saySign(ENGLISH, noteNamed('F#'), line('G', 'major'))).toBe(
      'F♯ in the signature alters every F, in every octave: one here.',
    );
    // B♮ stands where C minor's signature has B♭, and the sign governs nothing.
    expect(saySign(ENGLISH, noteNamed('Bb'), line('C', 'harmonic-minor'))).toBe(
      'B♭ in the signature alters every B, in every octave: none here; B♮ has a sign of its own.',
    );
  });
});

describe('a voice', () => {
  it('says every sign by its name', () => {
    expect(spoken('C♯ up is D♭, E♮, F𝄪 and B𝄫.')).toBe(
      'C sharp up is D flat, E natural, F double sharp and B double flat.',
    );
  });
});

describe('drawings as a voice reads them', () => {
  it('name each step and note', () => {
    expect(readLine(ENGLISH, lineOf(scale('C', 'major'), 'up', 4))).toBe(
      'C, whole step, D, whole step, E, half step, F, whole step, G, whole step, A, whole step, B, half step, C.',
    );
    expect(readStaff(ENGLISH, 'bass clef', 4, lineOf(scale('E', 'major'), 'down', 2)).slice(0, 60)).toBe(
      'Bass clef, key signature of four sharps. E 3, D sharp 3, C s',
    );
  });

  it('say what is raised, and what a teacher would add about the key', () => {
    expect(sayRaised(ENGLISH, scale('C', 'harmonic-minor'))).toBe('7th raised: B♭ becomes B♮');
    expect(sayRaised(ENGLISH, scale('A', 'melodic-minor'))).toBe(
      '6th and 7th raised: F♮ becomes F♯, G♮ becomes G♯',
    );
    expect(sayRaised(ENGLISH, scale('A', 'major'))).toBeNull();
    expect(theoreticalNote(ENGLISH, scale('F#', 'major'))).toBeNull();
    expect(theoreticalNote(ENGLISH, scale('G#', 'major'))).toBe(
      'G♯ is a theoretical key here: eight sharps. In practice A♭ major.',
    );
    expect(theoreticalNote(ENGLISH, scale('D', 'major'))).toBeNull();
  });
});
