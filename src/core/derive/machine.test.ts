import { describe, expect, it } from 'vitest';
import { lettersCounted } from '../note/letter';
import { noteNamed } from '../note/parse';
import { asciiName } from '../note/spelled';
import type { Direction } from '../scale/direction';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { SCALE_TABLE, tableScale } from '../scale/scale-table';
import { askedFor } from './asked';
import type { MethodId } from './derivation';
import type { ScaleOperation } from './machine/operation';
import { interpret, Run } from './machine/run';
import { SCALE_OPERATIONS } from './machine/vocabulary';
import { USUAL_WAYS } from './method';
import { METHODS } from './methods';
import { TABLES } from './tables';

type Program = readonly ScaleOperation[];

/** The program of a method for a scale. */
function programOf(tonic: string, id: ScaleId, method: MethodId, direction: Direction = 'up'): Program {
  const asked = askedFor(noteNamed(tonic), id, direction);
  return METHODS[method].program(asked, TABLES, USUAL_WAYS);
}

/** What a program writes, in ASCII names; null where it leads nowhere. */
function writes(program: Program): string | null {
  const run = interpret(program, SCALE_OPERATIONS, new Run());
  return run.impossible ? null : run.notes.map(asciiName).join(' ');
}

const without = (program: Program, op: ScaleOperation['op']) => program.filter((each) => each.op !== op);

/** A program with operations of one kind changed. */
function changed<Code extends ScaleOperation['op']>(
  program: Program,
  op: Code,
  change: (operation: Extract<ScaleOperation, { readonly op: Code }>) => ScaleOperation,
): Program {
  return program.map((each) => (each.op === op ? change(each as never) : each));
}

const line = (notes: readonly string[]) => notes.join(' ');

/** Keys whose signature, by hand, has so many signs of a kind. */
const SIGNED: readonly (readonly [string, number])[] = [
  ['G', 1],
  ['D', 2],
  ['A', 3],
  ['E', 4],
  ['B', 5],
  ['F#', 6],
  ['F', -1],
  ['Bb', -2],
  ['Eb', -3],
  ['Ab', -4],
  ['Db', -5],
  ['Gb', -6],
];

const ORDER = ['F', 'C', 'G', 'D', 'A', 'E', 'B'];

/** The letter of the n-th sign of an order, from 1. */
const letterOf = (nth: number) => (nth > 0 ? ORDER[nth - 1] : ORDER.at(nth)) ?? '';

describe('an operation that is left out', () => {
  it('leaves just its own note as it was: the raised degrees', () => {
    for (const row of SCALE_TABLE) {
      const natural = line(tableScale(row, 'natural-minor').up);
      for (const id of ['harmonic-minor', 'melodic-minor'] as const) {
        const methods = ['signature', 'chain', 'parent'] as const;
        for (const method of methods.filter(
          (each) => METHODS[each].whyNot(askedFor(noteNamed(row.tonic), id, 'up')) === null,
        ))
          expect(
            writes(without(programOf(row.tonic, id, method), 'raise')),
            `${row.tonic} ${id} ${method}`,
          ).toBe(natural);
      }
    }
  });

  it('leaves melodic minor coming down as it rose, where it is raised on both ways', () => {
    for (const row of SCALE_TABLE) {
      const { up, down } = tableScale(row, 'melodic-minor');
      const program = programOf(row.tonic, 'melodic-minor', 'signature', 'both');
      expect(writes(program)).toBe(line([...up, ...down.slice(1)]));
      const kept = changed(program, 'raise', (each) => ({ ...each, ways: 'both' }));
      expect(writes(kept)).toBe(line([...up, ...[...up].reverse().slice(1)]));
    }
  });

  it('leaves a degree of the parallel major', () => {
    for (const row of SCALE_TABLE) {
      const { up: major } = tableScale(row, 'major');
      for (const [id, degrees] of [
        ['mixolydian', [7]],
        ['dorian', [3, 7]],
        ['natural-minor', [3, 6, 7]],
        ['lydian', [4]],
      ] as const) {
        const { up } = tableScale(row, id);
        for (const degree of degrees) {
          const program = programOf(row.tonic, id, 'parallel').filter(
            (each) => each.op !== 'alter' || each.degree !== degree,
          );
          const wanted = up.with(degree - 1, major[degree - 1] ?? '');
          expect(writes(program), `${row.tonic} ${id} without ${degree}`).toBe(line(wanted));
        }
      }
    }
  });

  it('leaves a note of the tetrachords unmended, and the shape does not stand', () => {
    const program = programOf('D', 'major', 'tetrachords');
    expect(writes(program)).toBe('D E F# G A B C# D');
    const missing = program.filter((each) => each.op !== 'mend' || each.degree !== 7);
    expect(writes(missing)).toBeNull();
    expect(writes(without(missing, 'stands'))).toBe('D E F# G A B C D');
  });
});

describe('an operation that is altered', () => {
  it('takes a sign too few or too many of the order, and no other', () => {
    for (const [tonic, count] of SIGNED) {
      const row = SCALE_TABLE.find((each) => each.tonic === tonic);
      if (!row) throw new Error(tonic);
      const { up } = tableScale(row, 'major');
      const program = programOf(tonic, 'major', 'signature');
      const one = Math.sign(count);
      const plain = (letter: string) => up.map((note) => (note[0] === letter ? letter : note));
      const few = changed(program, 'take-signs', (each) => ({ ...each, more: -1 }));
      // The tonic keeps the sign of its name, whatever was taken.
      const kept = changed(few, 'put-signs', (each) => ({ ...each, tonic: 'kept' }));
      const last = letterOf(count);
      expect(writes(kept), `${tonic}, one too few`).toBe(line(tonic.startsWith(last) ? up : plain(last)));
      const many = changed(program, 'take-signs', (each) => ({ ...each, more: 1 }));
      const next = letterOf(count + one);
      if (tonic.startsWith(next)) continue;
      const signed = up.map((note) => (note === next ? next + (one > 0 ? '#' : 'b') : note));
      expect(writes(many), `${tonic}, one too many`).toBe(line(signed));
    }
  });

  it('puts the tonic at another place of the window, which is another mode', () => {
    const places: readonly ScaleId[] = [
      'lydian',
      'major',
      'mixolydian',
      'dorian',
      'natural-minor',
      'phrygian',
      'locrian',
    ];
    for (const row of SCALE_TABLE) {
      for (const [at, id] of places.entries()) {
        const other = places[at + 1];
        if (!other) continue;
        const program = changed(programOf(row.tonic, id, 'window'), 'window', (each) => ({
          ...each,
          place: each.place + 1,
        }));
        expect(writes(program), `${row.tonic} ${id}`).toBe(line(tableScale(row, other).up));
      }
    }
  });

  it('carries a step that was walked too short on to every note after it', () => {
    const program = programOf('C', 'major', 'step-pattern');
    const walks = program.flatMap((each, at) => (each.op === 'walk' ? [at] : []));
    const third = walks[2] as number;
    const short = program.map(
      (each, at): ScaleOperation =>
        at === third && each.op === 'walk' ? { ...each, semitones: each.semitones + 1 } : each,
    );
    expect(writes(short)).toMatch(/^C D E F# G# A# B#/u);
    const seen = changed(short, 'walk', (each) => ({ ...each, judged: 'right' }));
    expect(writes(seen)).toMatch(/^C D E F# G A B/u);
  });

  it('leads nowhere where it would need a third sign', () => {
    const program = programOf('B#', 'major', 'step-pattern');
    const wide = changed(program, 'walk', (each) => ({ ...each, semitones: each.semitones + 1 }));
    expect(writes(program)).not.toBeNull();
    expect(writes(wide)).toBeNull();
  });
});

describe('the programs of all methods', () => {
  it('begin with the tonic and hold no other spelled note', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        for (const method of Object.values(METHODS)) {
          const asked = askedFor(noteNamed(tonic), id, 'both');
          if (method.whyNot(asked) !== null) continue;
          const program = method.program(asked, TABLES, USUAL_WAYS);
          expect(program[0]?.op).toBe('start');
          const rest = JSON.stringify(program.slice(1));
          expect(rest, `${tonic} ${id} ${method.id}`).not.toContain('"letter":');
          expect(rest).not.toContain('"alteration":');
        }
      }
    }
  });

  it('write one letter a note, up and down', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const direction of ['up', 'down'] as const) {
        const notes = (writes(programOf(tonic, 'major', 'chain', direction)) ?? '').split(' ').map(noteNamed);
        const steps = notes.slice(1).map((note, at) => {
          const before = notes[at] ?? note;
          const [low, high] = direction === 'up' ? [before, note] : [note, before];
          return lettersCounted(low.letter, high.letter);
        });
        expect(steps).toEqual([2, 2, 2, 2, 2, 2, 2]);
      }
    }
  });
});
