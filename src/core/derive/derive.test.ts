import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { asciiName } from '../note/spelled';
import { DIRECTIONS, type Direction } from '../scale/direction';
import { notesOf } from '../scale/line';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { type Scale, scaleNamed, scaleOfSteps } from '../scale/scale';
import { SCALE_TABLE, tableScale } from '../scale/scale-table';
import { accidentalsOf } from '../scale/signature';
import { ENGLISH } from '../words/class-words';
import { stepText } from '../words/say-step';
import { type Derivation, METHOD_IDS, type MethodId } from './derivation';
import { disagreement } from './disagreement';
import { areSameNotes, derive, methodsFor, whyNot } from './methods';

function scale(tonic: string, id: ScaleId): Scale {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new Error(`${tonic} ${id} cannot be spelled`);
  return reading.scale;
}

function working(tonic: string, id: ScaleId, direction: Direction, method: MethodId): Derivation {
  const derivation = derive(scale(tonic, id), direction, method);
  if (!derivation) throw new Error(`${method} does not serve ${id}`);
  return derivation;
}

/** Steps that may write over a note that stood. */
const CHANGING = [
  'raise',
  'mend',
  'alter-degree',
  'chain-link',
  'window-raise',
  'restore',
  'natural-coming-down',
];

/** The beginnings of scales: of which, and how many of its notes. */
const BEGINNINGS = [
  ['major-tetrachord', 'major', 4],
  ['major-pentachord', 'major', 5],
  ['minor-pentachord', 'minor', 5],
] as const;

const texts = ({ steps }: Derivation) => steps.map(({ fact }) => stepText(ENGLISH, fact));

describe('every method, tonic, scale and direction', () => {
  it('arrives at the table written by hand', () => {
    let count = 0;
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const { up, down } = tableScale(row, id);
        const lines = { up, down, both: [...up, ...down.slice(1)] };
        for (const direction of DIRECTIONS) {
          for (const method of methodsFor(scale(row.tonic, id))) {
            const derivation = working(row.tonic, id, direction, method);
            expect(derivation.answer.map(asciiName), `${row.tonic} ${id} ${direction} ${method}`).toEqual(
              lines[direction],
            );
            count += 1;
          }
        }
      }
    }
    // Seven methods; major is neither its own parallel nor its own parent.
    expect(count).toBe(21 * 3 * (9 * 7 - 2));
    for (const row of SCALE_TABLE) {
      for (const [id, whole, notes] of BEGINNINGS) {
        const up = row[whole].slice(0, notes);
        const down = [...up].reverse();
        const lines = { up, down, both: [...up, ...down.slice(1)] };
        for (const direction of DIRECTIONS) {
          for (const method of methodsFor(scale(row.tonic, id))) {
            expect(working(row.tonic, id, direction, method).answer.map(asciiName)).toEqual(lines[direction]);
            count += 1;
          }
        }
      }
    }
    console.log(`${count} derivations agree with tables made another way`);
    // Steps and signature for each; the minor one by its parallel as well.
    expect(count).toBe(21 * 3 * (9 * 7 - 2 + 2 + 2 + 3));
  });

  it('decides every place, ends on the answer, and takes nothing back but to raise it', () => {
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        for (const direction of DIRECTIONS) {
          for (const method of methodsFor(scale(row.tonic, id))) {
            const { steps, answer } = working(row.tonic, id, direction, method);
            const last = steps.at(-1);
            expect(last?.line.every(({ stage }) => stage === 'decided')).toBe(true);
            expect(last?.line.map(({ note }) => note)).toEqual(answer);
            steps.slice(1).forEach((step, index) => {
              step.line.forEach((place, at) => {
                const before = steps[index]?.line[at];
                if (before?.stage !== 'decided' || before.note === place.note) return;
                expect(CHANGING).toContain(step.fact.code);
                expect(step.at).toContain(at);
              });
            });
          }
        }
      }
    }
  });

  it('refuses a spelling that sounds the same at each alteration a walk decides', () => {
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const { steps } = working(row.tonic, id, 'up', 'step-pattern');
        for (const { fact, at } of steps) {
          if (fact.code !== 'walk') continue;
          const altered = fact.to.alteration !== 0 && at[0] !== 7;
          expect(fact.refused !== null).toBe(altered);
          if (fact.refused) expect(fact.refused.letter).not.toBe(fact.to.letter);
        }
      }
    }
  });

  it('puts the signs of the signature on their letters, all of them, in order', () => {
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const question = scale(row.tonic, id);
        const { steps } = working(row.tonic, id, 'both', 'signature');
        const put = steps.flatMap(({ fact }) => (fact.code === 'put-sign' ? [fact.sign] : []));
        expect(put).toEqual(question.signature === null ? [] : accidentalsOf(question.signature));
        expect(steps.at(-1)?.signs).toBe(put.length);
      }
    }
  });
});

describe('what the working says', () => {
  it('walks C sharp harmonic minor up, refusing what only sounds right', () => {
    expect(texts(working('C#', 'harmonic-minor', 'up', 'step-pattern'))).toEqual([
      'Write the letters C D E F G A B C, one of each. Both ends are C♯.',
      'C♯ up a whole step is D♯. Not D: C♯ to D is only a half step. E♭ sounds the same, but the letter after C is D.',
      'D♯ up a half step is E. D and E are two letters: a diatonic half step.',
      'E up a whole step is F♯. Not F: E to F is only a half step. G♭ sounds the same, but the letter after E is F.',
      'F♯ up a whole step is G♯. Not G: F♯ to G is only a half step. A♭ sounds the same, but the letter after F is G.',
      'G♯ up a half step is A. G and A are two letters: a diatonic half step.',
      'A up a step and a half is B♯. Not B: A to B is only a whole step. C sounds the same, but the letter after A is B. A and B♯ make an augmented second.',
      'B♯ up a half step is C♯: home. B and C are two letters: a diatonic half step.',
    ]);
  });

  it('goes through the relative major, and raises with the sign that raises', () => {
    expect(texts(working('C', 'melodic-minor', 'both', 'signature'))).toEqual([
      'C minor shares its signature with its relative major, E♭ major, three half steps up.',
      'E♭ lies three places anticlockwise from C on the circle of fifths: three flats. Each place is a fifth down and one more flat.',
      'From the order of flats take the first three: B♭ E♭ A♭.',
      'Write the letters C D E F G A B C, one of each.',
      'B becomes B♭: the 7th.',
      'E becomes E♭: the 3rd.',
      'A becomes A♭: the 6th.',
      'Raise the 6th: A♭ becomes A♮. It is an accidental at the note, never in the signature.',
      'Raise the 7th: B♭ becomes B♮. It is an accidental at the note, never in the signature.',
      'Coming down, both are restored: B♭ and A♭.',
    ]);
  });

  it('takes an empty signature as a full answer', () => {
    expect(texts(working('A', 'natural-minor', 'up', 'signature')).slice(0, 3)).toEqual([
      'A minor shares its signature with its relative major, C major, three half steps up.',
      'C major stands at the top of the circle of fifths: no sharps or flats.',
      'An empty signature is a full answer: every letter stays plain.',
    ]);
  });

  it('says that a key is theoretical, and what is written instead', () => {
    expect(texts(working('G#', 'major', 'up', 'signature'))).toContain(
      'Eight is more than a signature prints: the key is theoretical, and its signs stand at the notes. In practice A♭ major is written; it sounds the same.',
    );
  });

  it('says no note without its sign where its sign is meant', () => {
    const walked = working('F', 'major', 'down', 'step-pattern');
    expect(texts(walked)[4]).toBe(
      'C down a whole step is B♭. Not B: C to B is only a half step. A♯ sounds the same, but the letter before C is B.',
    );
  });
});

describe('typed steps', () => {
  it('are served by the steps, by tetrachords and against major, and by a signature only where they have one', () => {
    const reading = scaleOfSteps(noteNamed('D'), [1, 3, 1, 2, 1, 3, 1]);
    if (!reading.ok) throw new Error('can be spelled');
    expect(methodsFor(reading.scale)).toEqual(['step-pattern', 'tetrachords', 'parallel']);
    for (const method of METHOD_IDS) {
      const why = whyNot(reading.scale, method);
      expect(derive(reading.scale, 'up', method) === null).toBe(why !== null);
    }
    expect(whyNot(reading.scale, 'chain')?.code).toBe('no-signature');
    expect(whyNot(scale('C', 'major'), 'parent')?.code).toBe('own-parent');
    expect(whyNot(scale('C', 'major'), 'parallel')?.code).toBe('own-parallel');
    const derivation = derive(reading.scale, 'both', 'step-pattern');
    expect(derivation && areSameNotes(derivation.answer, notesOf(reading.scale, 'both'))).toBe(true);
  });
});

describe('patterns of other lengths', () => {
  const typed = (tonic: string, steps: readonly number[], direction: Direction = 'up') => {
    const reading = scaleOfSteps(noteNamed(tonic), steps);
    const derivation = reading.ok ? derive(reading.scale, direction, 'step-pattern') : null;
    if (!derivation) throw new Error('can be spelled');
    return derivation;
  };

  it('say which letters they skip, and that a third is no augmented second', () => {
    expect(texts(typed('C', [2, 2, 3, 2, 3]))).toEqual([
      'Write the letters C D E G A C. F and B are skipped: no other spelling of these steps is simpler.',
      'C up a whole step is D.',
      'D up a whole step is E.',
      'E up a step and a half is G. F is skipped: a minor third, not an augmented second.',
      'G up a whole step is A.',
      'A up a step and a half is C: home. B is skipped: a minor third, not an augmented second.',
    ]);
    expect(texts(typed('C', [2, 1, 2, 1, 2, 1, 2, 1]))[6]).toBe(
      'A♭ up a half step is A. The letter A stands twice: a chromatic half step.',
    );
  });

  it('are served by the steps alone, and each other method says why not', () => {
    const reading = scaleOfSteps(noteNamed('D'), [2, 2, 3, 2, 3]);
    if (!reading.ok) throw new Error('can be spelled');
    expect(methodsFor(reading.scale)).toEqual(['step-pattern']);
    expect(METHOD_IDS.map((method) => whyNot(reading.scale, method)?.code)).toEqual([
      undefined,
      ...Array.from({ length: 6 }, () => 'not-seven'),
    ]);
  });

  it('fill a key with half steps, raised going up and lowered coming down', () => {
    const lines = texts(working('F', 'chromatic', 'both', 'step-pattern'));
    expect(lines).toHaveLength(12);
    expect(lines[0]).toBe('The notes of F major stand: F G A B♭ C D E F.');
    expect(lines[1]).toBe(
      'Between F and G, rising, raise F to F♯. G♭ sounds the same, but belongs to the way down.',
    );
    expect(lines[10]).toBe(
      'Between F and G, coming down, lower G to G♭. F♯ sounds the same, but belongs to the way up.',
    );
    expect(lines[11]).toBe('A–B♭ and E–F are half steps already: nothing lies between.');
  });
});

describe('a scale that was spelled wrong', () => {
  it('changes no method’s answer, wherever it is corrupted', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const right = scale(tonic, id);
        const answers = methodsFor(right).map((method) => derive(right, 'both', method)?.answer);
        const wrong = (row: Scale['ascending'], at: number) => row.with(at, noteNamed('E#'));
        for (let at = 0; at < 8; at += 1) {
          const corrupted: readonly Scale[] = [
            { ...right, ascending: wrong(right.ascending, at) },
            { ...right, descending: wrong(right.descending, at) },
          ];
          for (const each of corrupted)
            expect(methodsFor(right).map((method) => derive(each, 'both', method)?.answer)).toEqual(answers);
        }
      }
    }
  });
});

describe('methods that disagree', () => {
  it('are never found among those there are', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const id of SCALE_IDS) expect(disagreement(scale(tonic, id), 'both')).toBeNull();
      const turned = scaleNamed(noteNamed(tonic), 'melodic-minor', 'as-it-rose');
      expect(turned.ok && disagreement(turned.scale, 'both')).toBeNull();
    }
  });

  it('are reported with what each arrives at', () => {
    const right = working('F', 'major', 'up', 'signature');
    const wrong: Derivation = { ...right, method: 'chain', answer: right.answer.with(3, noteNamed('A#')) };
    expect(disagreement(scale('F', 'major'), 'up', [right, wrong])).toEqual({
      tonic: 'F',
      scale: 'major',
      direction: 'up',
      wanted: ['F', 'G', 'A', 'Bb', 'C', 'D', 'E', 'F'],
      answers: [{ method: 'chain', notes: ['F', 'G', 'A', 'A#', 'C', 'D', 'E', 'F'] }],
    });
  });

  it('are told from a scale that is spelled wrongly, by the table written by hand', () => {
    const right = scale('F', 'major');
    const wrong = { ...right, ascending: right.ascending.with(1, noteNamed('G#')) };
    expect(disagreement(wrong, 'up')).toMatchObject({
      wanted: ['F', 'G', 'A', 'Bb', 'C', 'D', 'E', 'F'],
      answers: [{ method: 'spelled', notes: ['F', 'G#', 'A', 'Bb', 'C', 'D', 'E', 'F'] }],
    });
  });
});
