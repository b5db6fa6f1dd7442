import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SCALE_TABLE, tableScale } from '@/core/scale/scale-table';
import { answerAsk } from './_ask-answer';
import { answerKey } from './_key-answer';
import type { Answer } from './_respond';
import { answerRoute } from './_route-answer';
import { askAnswer, keyAnswer, problemAnswer, routeAnswer } from './_schemas';

const at = (path: string, values: Readonly<Record<string, string>>) =>
  new URL(`http://moon.example/api/v1/${path}?${new URLSearchParams(values)}`);

function body(answer: Answer): Record<string, unknown> {
  if (!answer.ok) throw new Error(answer.problem.detail);
  return JSON.parse(answer.text) as Record<string, unknown>;
}

function refusal(answer: Answer): { readonly status: number; readonly detail: string } {
  if (answer.ok) throw new Error(`answered ${answer.text}`);
  return problemAnswer.parse(answer.problem);
}

const key = (name: string) => body(answerKey(at('key', { name })));
const route = (from: string, to: string) => body(answerRoute(at('route', { from, to })));

describe('GET /key', () => {
  it('answers every key of the table with its notes, and as the document promises', () => {
    for (const row of SCALE_TABLE) {
      for (const [word, scale] of [
        ['major', 'major'],
        ['minor', 'natural-minor'],
        ['dorian', 'dorian'],
        ['harmonic-minor', 'harmonic-minor'],
        ['melodic minor', 'melodic-minor'],
      ] as const) {
        const answer = key(`${row.tonic} ${word}`);
        expect(answer).toMatchObject({
          tonic: row.tonic,
          scale,
          notes: tableScale(row, scale).up.slice(0, 7),
        });
        expect(keyAnswer.parse(answer)).toEqual(answer);
      }
    }
  });

  it('tells relations, neighbours with what is new, and chords with their numerals', () => {
    expect(key('Eb major')).toMatchObject({
      signature: { fifths: -3, accidentals: ['Bb', 'Eb', 'Ab'] },
      relative: { tonic: 'C', scale: 'natural-minor' },
      parallel: { tonic: 'Eb', scale: 'natural-minor' },
      enharmonic: null,
      theoretical: false,
      neighbours: {
        clockwise: { tonic: 'Bb', scale: 'major', newNote: 'A', degree: 7 },
        anticlockwise: { tonic: 'Ab', scale: 'major', newNote: 'Db', degree: 4 },
      },
    });
    const numerals = (name: string) =>
      (key(name)['chords'] as { numeral: string }[]).map(({ numeral }) => numeral).join(' ');
    expect(numerals('C major')).toBe('I ii iii IV V vi vii°');
    expect(numerals('A minor')).toBe('i ii° III iv v VI VII');
    expect(numerals('A harmonic-minor')).toBe('i ii° III+ iv V VI vii°');
    expect(key('F# major')['enharmonic']).toEqual({ tonic: 'Gb', scale: 'major' });
  });

  it('goes on past seven signs to theoretical keys', () => {
    expect(key('C# major')).toMatchObject({
      neighbours: {
        clockwise: { tonic: 'G#', newNote: 'F##', degree: 7, theoretical: true, enharmonic: 'Ab' },
      },
    });
    expect(key('G# major')).toMatchObject({
      theoretical: true,
      signature: { fifths: 8, accidentals: ['C#', 'G#', 'D#', 'A#', 'E#', 'B#', 'F##'] },
      enharmonic: { tonic: 'Ab', scale: 'major' },
    });
  });

  it('refuses what is no key, with what was read', () => {
    expect(refusal(answerKey(at('key', { name: 'H major' }))).detail).toContain("'H'");
    expect(refusal(answerKey(at('key', { name: 'C loud' }))).status).toBe(422);
    expect(refusal(answerKey(at('key', {}))).status).toBe(400);
  });
});

describe('GET /route', () => {
  it('answers with keys, new notes and pivots of one length, the first of them empty', () => {
    const answer = route('D major', 'G major');
    expect(routeAnswer.parse(answer)).toEqual(answer);
    expect(answer).toMatchObject({
      from: 'D major',
      to: 'G major',
      places: { clockwise: 11, anticlockwise: 1 },
      distance: 1,
    });
    expect(answer['routes']).toEqual([
      {
        keys: ['D major', 'G major'],
        newNotes: [[], ['C']],
        pivots: [[], ['D', 'Em', 'G', 'Bm']],
        respelled: [false, false],
      },
    ]);
  });

  it('tells spelled from sounding, and marks the seam', () => {
    expect(route('B major', 'Db major')).toMatchObject({
      places: { clockwise: 2, anticlockwise: 10 },
      distance: 10,
      shared: { spelled: [], sounding: ['C#', 'D#', 'F#', 'G#', 'A#'] },
    });
    const [first] = route('B major', 'Db major')['routes'] as { keys: string[]; respelled: boolean[] }[];
    expect(first?.keys).toEqual(['B major', 'F# major', 'Gb major', 'Db major']);
    expect(first?.respelled).toEqual([false, false, true, false]);
    expect(route('C major', 'C major')).toMatchObject({
      places: { clockwise: 0, anticlockwise: 0 },
      routes: [],
    });
    expect((route('C major', 'F# major')['routes'] as unknown[]).length).toBeLessThanOrEqual(4);
  });

  it('never throws, whatever is sent', () => {
    const word = fc.oneof(
      fc.string({ unit: 'binary', maxLength: 20 }),
      fc.constantFrom('C major', 'Fb minor', 'B# locrian', 'A harmonic-minor', 'G## major', 'Bbb lydian'),
    );
    fc.assert(
      fc.property(word, word, (from, to) => {
        for (const answer of [answerRoute(at('route', { from, to })), answerKey(at('key', { name: from }))])
          if (!answer.ok) expect([400, 413, 422]).toContain(refusal(answer).status);
      }),
    );
  });
});

describe('GET /ask', () => {
  it('answers routes with both keys, and chords', () => {
    const first = (q: string) => {
      const answer = body(answerAsk(at('ask', { q })));
      expect(askAnswer.parse(answer)).toEqual(answer);
      return (answer['readings'] as Record<string, unknown>[])[0];
    };
    expect(first('E major to F major')).toMatchObject({
      kind: 'route',
      from: 'E major',
      to: 'F major',
      href: '/orbit?see=route&from=E+major&to=F+major&way=1',
    });
    expect(first('chords of F minor')).toMatchObject({ kind: 'chords', tonic: 'F', scale: 'natural-minor' });
    expect(first('Gb maj7')).toMatchObject({ kind: 'chord', root: 'Gb', chord: 'major-seventh' });
    expect(first('fifth above E')).toMatchObject({ kind: 'note', note: 'E' });
    expect(first('E major on the circle')).toMatchObject({ kind: 'circle', tonic: 'E', scale: 'major' });
  });
});
