import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import type { SpelledNote } from '../note/spelled';
import { DIRECTIONS, type Direction } from '../scale/direction';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { DEGREE_OF_MODE, SCALE_TABLE } from '../scale/scale-table';
import { TONICS } from '../scale/tonic';
import { ENGLISH } from '../words/class-words';
import { stepText } from '../words/say-step';
import type { MethodId } from './derivation';
import type { Fact } from './fact';
import { derive, methodsFor } from './methods';

function sayings(tonic: string, id: ScaleId, method: MethodId, direction: Direction = 'up'): readonly Fact[] {
  const reading = scaleNamed(noteNamed(tonic), id);
  const steps = reading.ok && derive(reading.scale, direction, method)?.steps;
  if (!steps) throw new Error(`${method} does not serve ${tonic} ${id}`);
  return steps.map(({ fact }) => fact);
}

const told = (...asked: Parameters<typeof sayings>) =>
  sayings(...asked).map((fact) => stepText(ENGLISH, fact));

describe('two tetrachords', () => {
  it('mend D by raising F and C, and show why the other move fails', () => {
    expect(told('D', 'major', 'tetrachords')).toEqual([
      'Write the letters D E F G A B C D, one of each.',
      'Two tetrachords, W W H and W W H, joined by a whole step. Both are built alike.',
      'Raise F to F♯: E to F is a half step, and the lower tetrachord wants a whole step. Lowering G instead would not do: D E F G♭ would be W H H, not W W H.',
      'D E F♯ G: W W H. On the keyboard: left hand, 5 4 3 2, no thumb.',
      'G up a whole step is A: the two are joined.',
      'Raise C to C♯: B to C is a half step, and the upper tetrachord wants a whole step. Lowering B instead would not do: A B♭ C D would be H W W, not W W H.',
      'A B C♯ D: W W H. It is the lower tetrachord of A major as well, one fifth up. On the keyboard: right hand, 2 3 4 5, no thumb.',
    ]);
  });

  it('mend F by lowering B, since raising A would leave an augmented second', () => {
    expect(told('F', 'major', 'tetrachords')[2]).toBe(
      'Lower B to B♭: A to B is a whole step, and the lower tetrachord wants a half step. Raising A instead would not do: F G A♯ B would be W W+H H, not W W H.',
    );
  });

  it('mend E by two notes, one after the other, and B’s join first', () => {
    const mends = (tonic: string) =>
      sayings(tonic, 'major', 'tetrachords').flatMap((fact) =>
        fact.code === 'mend' ? [`${ENGLISH.note(fact.to)} ${fact.part}`] : [],
      );
    expect(mends('E')).toEqual(['F♯ lower', 'G♯ lower', 'C♯ upper', 'D♯ upper']);
    expect(mends('B')).toEqual(['C♯ lower', 'D♯ lower', 'F♯ join', 'G♯ upper', 'A♯ upper']);
    expect(mends('C')).toEqual([]);
  });

  it('never show a wrong move that would do, and end every tetrachord as its pattern has it', () => {
    let moves = 0;
    for (const tonic of TONICS) {
      for (const id of SCALE_IDS) {
        for (const direction of DIRECTIONS) {
          const reading = scaleNamed(tonic, id);
          const steps = reading.ok ? (derive(reading.scale, direction, 'tetrachords')?.steps ?? []) : [];
          for (const { fact } of steps) {
            if (fact.code !== 'mend' || !fact.refused) continue;
            moves += 1;
            expect(fact.refused.sizes, stepText(ENGLISH, fact)).not.toEqual(fact.refused.wanted);
          }
          const shape = steps.find(({ fact }) => fact.code === 'tetrachords')?.fact;
          const stands = steps.flatMap(({ fact }) => (fact.code === 'tetrachord-stands' ? [fact.sizes] : []));
          expect(shape?.code === 'tetrachords' && [shape.lower, shape.upper]).toEqual(stands);
        }
      }
    }
    expect(moves).toBeGreaterThan(1000);
  });

  it('say where they are joined by a half step', () => {
    for (const id of ['lydian', 'locrian'] as const)
      expect(told('C', id, 'tetrachords')[1]).toContain('Here they are joined by a half step');
  });
});

describe('the parallel major', () => {
  const ALTERED: Readonly<Record<string, string>> = {
    dorian: '3- 7-',
    phrygian: '2- 3- 6- 7-',
    lydian: '4+',
    mixolydian: '7-',
    'natural-minor': '3- 6- 7-',
    locrian: '2- 3- 5- 6- 7-',
    'harmonic-minor': '3- 6-',
    'melodic-minor': '3-',
  };

  it('is altered on the degrees of the table, from every tonic', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const [id, wanted] of Object.entries(ALTERED)) {
        const found = sayings(tonic, id as ScaleId, 'parallel').flatMap((fact) =>
          fact.code === 'alter-degree'
            ? [`${fact.degree}${fact.to.alteration > fact.from.alteration ? '+' : '-'}`]
            : [],
        );
        expect(found.join(' '), `${tonic} ${id}`).toBe(wanted);
      }
    }
  });

  it('comes down in melodic minor by 7, 6 and the 3rd that stands', () => {
    expect(told('C', 'melodic-minor', 'parallel', 'both').slice(1)).toEqual([
      'Lower the 3rd: E♮ becomes E♭.',
      'Coming down, lower the 7th: B♮ becomes B♭.',
      'Coming down, lower the 6th: A♮ becomes A♭.',
      'From the signature of C major, no sharps or flats, to three flats: three places flatter. B♭ E♭ A♭ come into the signature. B♮ and A♮ are written at the note.',
    ]);
  });

  it('lets a sign and the natural that cancels it go together', () => {
    expect(told('D', 'mixolydian', 'parallel').at(-1)).toBe(
      'From the signature of D major, two sharps, to one sharp: one place flatter. C♯ goes: a sign and the natural that cancels it go together.',
    );
  });
});

describe('parent, chain and window', () => {
  it('begin two octaves of the parent on its degree', () => {
    expect(told('D', 'dorian', 'parent')).toEqual([
      'D is the 2nd of C major: two half steps down to C.',
      'Two octaves of C major: C D E F G A B C D E F G A B C.',
      'Begin on the 2nd note and go to its octave: D E F G A B C D. Notes, steps and chords stay where they are; only the counting begins elsewhere.',
      'D dorian takes the signature of C major: no sharps or flats.',
    ]);
    expect(told('C', 'natural-minor', 'parent')[0]).toBe(
      'C is the 6th of E♭ major: nine half steps down to E♭, or three half steps up.',
    );
  });

  it('name the parent and its degree as the table has them', () => {
    for (const row of SCALE_TABLE) {
      for (const [id, degree] of Object.entries(DEGREE_OF_MODE)) {
        const [first] = sayings(row.tonic, id as ScaleId, 'parent');
        if (first?.code !== 'parent-degree') throw new Error('the parent comes first');
        expect(first.degree).toBe(degree);
        const parent = scaleNamed(first.parent, 'major');
        const seventh: SpelledNote | undefined = parent.ok ? parent.scale.ascending[degree - 1] : undefined;
        expect(seventh).toBe(first.tonic);
      }
    }
  });

  it('pile signs up along the chain, each on its degree', () => {
    expect(told('A', 'major', 'chain')).toEqual([
      'C major has no sharps or flats. From there three fifths up, one sharp each. Each time keep all, and add one.',
      'G major: F♯ comes, its 7th. It is the letter before the tonic, with its sharp.',
      'D major: C♯ comes, its 7th. It is the letter before the tonic, with its sharp.',
      'A major: G♯ comes, its 7th. It is the letter before the tonic, with its sharp.',
      'Arrived: A B C♯ D E F♯ G♯ A.',
    ]);
    expect(told('D', 'natural-minor', 'chain')[1]).toBe('D minor: B♭ comes, its 6th.');
    for (const tonic of ['G', 'B', 'C#']) {
      for (const fact of sayings(tonic, 'major', 'chain'))
        if (fact.code === 'chain-link') expect(fact.degree).toBe(7);
    }
    for (const fact of sayings('Cb', 'major', 'chain'))
      if (fact.code === 'chain-link') expect(fact.degree).toBe(4);
  });

  it('put the tonic on its place in the window, and raised notes past it', () => {
    const PLACES: Readonly<Record<string, number>> = {
      lydian: 1,
      major: 2,
      mixolydian: 3,
      dorian: 4,
      'natural-minor': 5,
      phrygian: 6,
      locrian: 7,
    };
    for (const [id, place] of Object.entries(PLACES)) {
      for (const tonic of TONICS) {
        const [first] = sayings(
          `${tonic.letter}${{ [-1]: 'b', 0: '', 1: '#' }[tonic.alteration as -1]}`,
          id as ScaleId,
          'window',
        );
        expect(first?.code === 'window-place' && first.place).toBe(place);
      }
    }
    expect(told('C#', 'melodic-minor', 'window').slice(2)).toEqual([
      'Raise the 6th: A♮ becomes A♯. A raised note goes seven places along the line, here one place past the window.',
      'Raise the 7th: B♮ becomes B♯. A raised note goes seven places along the line, here three places past the window.',
    ]);
  });
});

describe('how many serve', () => {
  it('all seven for every scale but major, which is its own parallel and parent', () => {
    for (const id of SCALE_IDS) {
      const reading = scaleNamed(noteNamed('G'), id);
      expect(reading.ok && methodsFor(reading.scale)).toHaveLength(id === 'major' ? 5 : 7);
    }
  });
});
