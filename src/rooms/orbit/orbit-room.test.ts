import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CHORD_QUALITIES } from '@/core/harmony/chord';
import { CIRCLE_SIZES, placeFor } from '@/core/harmony/circle';
import { CHORD_SIZES } from '@/core/harmony/family';
import type { Key } from '@/core/harmony/key';
import { BOOK_COLUMNS, BOOK_ORDERS } from '@/core/harmony/key-book';
import { noteNamed } from '@/core/note/parse';
import { MODES } from '@/core/scale/mode';
import { TONICS } from '@/core/scale/tonic';
import { CHOICES, USUAL_SETTINGS } from '@/core/school/settings';
import { type ClassWords, ENGLISH, wordsOf } from '@/core/words/class-words';
import { readKey } from '@/core/words/read-key';
import { keyName, sayCounted, sayJar } from '@/core/words/say-key';
import { ringScene } from '@/engrave/ring';
import { nearestPlace, ringLayout } from '@/engrave/ring-layout';
import { takenByEnter } from '@/ui/sentence/words';
import { readOrbit, writeOrbit } from '../address/orbit/orbit-address';
import {
  FILL_MODES,
  FILL_TIMES,
  FIRST,
  LONGEST_LINE,
  ORBIT_KINDS,
  type OrbitSentence,
  otherKind,
} from '../address/orbit/orbit-sentence';
import { bookTable } from './book-cells';
import { linesOf, stepsOf } from './orbit-lines';
import { bookCsv, orbitItem } from './orbit-paper';
import { orbitParts, orbitText, withOrbitWord } from './orbit-words';
import { ringOf } from './ring-of';
import { fillOrder, judgeAll } from './use-fill';

const key: fc.Arbitrary<Key> = fc.record({
  tonic: fc.constantFrom(...TONICS),
  mode: fc.constantFrom(...MODES),
});
const step = fc.option(fc.integer({ min: 1, max: 20 }));
const size = fc.constantFrom(...CIRCLE_SIZES);
const note = fc.constantFrom(...TONICS);
const is = <Kind extends OrbitSentence['kind']>(kind: Kind) => fc.constant(kind);

const anySentence: fc.Arbitrary<OrbitSentence> = fc.oneof(
  fc.record({ kind: is('keys'), key }),
  fc.record({
    kind: is('chords'),
    key,
    size: fc.constantFrom(...CHORD_SIZES),
    degree: fc.integer({ min: 1, max: 7 }),
  }),
  fc.record({ kind: is('notes'), note }),
  fc.record({ kind: is('line'), notes: fc.array(note, { minLength: 1, maxLength: LONGEST_LINE }), key }),
  fc.record({ kind: is('route'), from: key, to: key, way: fc.integer({ min: 1, max: 6 }), step }),
  fc.record({ kind: is('spell'), root: note, quality: fc.constantFrom(...CHORD_QUALITIES), step }),
  fc.record({ kind: is('build'), size, step }),
  fc.record({
    kind: is('fill'),
    size,
    mode: fc.constantFrom(...FILL_MODES),
    time: fc.constantFrom(...FILL_TIMES),
  }),
  fc.record({
    kind: is('book'),
    size,
    order: fc.constantFrom(...BOOK_ORDERS),
    columns: fc
      .subarray([...BOOK_COLUMNS], { minLength: 1 })
      .map((columns) => BOOK_COLUMNS.filter((column) => columns.includes(column))),
  }),
);

const anyWords = fc
  .record(
    Object.fromEntries(
      Object.entries(CHOICES).map(([name, values]) => [name, fc.constantFrom(...values)]),
    ) as {
      [Name in keyof typeof CHOICES]: fc.Arbitrary<(typeof CHOICES)[Name][number]>;
    },
  )
  .map((settings) => wordsOf(settings));

describe('the address of the room', () => {
  it('says a sentence again, in ASCII, whatever it is', () => {
    fc.assert(
      fc.property(anySentence, (sentence) => {
        const written = writeOrbit(sentence);
        expect(written).toMatch(/^\?[\x20-\x7e]+$/u);
        expect(readOrbit(written)).toEqual({ sentence, problems: [] });
      }),
    );
  });

  it('names what it cannot read, and shows the rest', () => {
    const { sentence, problems } = readOrbit('?see=route&from=H+major&to=F+loud&way=9&colour=red');
    expect(sentence).toEqual(FIRST.route);
    expect(problems.map((each) => ('parameter' in each ? each.parameter : each.code))).toEqual([
      'colour',
      'from',
      'to',
      'way',
    ]);
    expect(readOrbit('?see=moon').problems).toHaveLength(1);
    expect(readOrbit(`?see=${'a'.repeat(7000)}`).problems).toMatchObject([{ code: 'address-too-long' }]);
    expect(readOrbit('')).toEqual({ sentence: FIRST.keys, problems: [] });
  });

  it('survives any query', () => {
    fc.assert(
      fc.property(fc.webQueryParameters(), fc.constantFrom(...ORBIT_KINDS), (query, kind) => {
        const { sentence } = readOrbit(`?see=${kind}&${query}`);
        expect(readOrbit(writeOrbit(sentence)).problems).toEqual([]);
      }),
    );
  });
});

describe('a sentence of the room', () => {
  it('is said, drawn, worked out and printed in the words of any class', () => {
    fc.assert(
      fc.property(anySentence, anyWords, (sentence, w) => {
        expect(orbitText(w, sentence)).toMatch(/\.$/u);
        const scene = ringScene({ ...ringOf(w, sentence, false), width: 700, height: 600 });
        for (const { x, y } of scene.groups) expect(Number.isFinite(x) && Number.isFinite(y)).toBe(true);
        for (const line of linesOf(w, sentence)) expect(line).not.toMatch(/undefined|NaN|\{/u);
        expect(stepsOf(w, sentence)).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 300 },
    );
  });

  it('changes one word at a time, and takes typed keys', () => {
    const changed = (sentence: OrbitSentence, id: string, value: string) => {
      const next = withOrbitWord(ENGLISH, writeOrbit(sentence), sentence, id, value);
      return typeof next === 'string' ? readOrbit(next).sentence : next;
    };
    expect(changed(FIRST.route, 'to', 'G minor')).toMatchObject({
      to: { tonic: noteNamed('G'), mode: 'minor' },
    });
    expect(changed({ ...FIRST.spell, step: 2 }, 'quality', 'minor')).toEqual({
      ...FIRST.spell,
      quality: 'minor',
      step: null,
    });
    expect(changed(FIRST.keys, 'reading', 'chords')).toMatchObject({ kind: 'chords', key: FIRST.keys.key });
    const word = orbitParts(ENGLISH, FIRST.route).find(
      (part) => typeof part !== 'string' && part.id === 'to',
    );
    if (!word || typeof word === 'string') throw new Error('a word');
    expect(takenByEnter(word, 'bb minor', null)).toBe('Bb minor');
    expect(takenByEnter(word, 'd dorian', null)).toBe('D dorian');
    expect(word.unmatched('h major')).toContain("'h' is not a note name here");
  });

  it('is printed as a sheet with its ring, a book as a table', async () => {
    const item = await orbitItem(ENGLISH, FIRST.route, 'Route');
    expect(item.scenes).toHaveLength(2);
    expect(item.lines).toContain('F major | B♭ | C Dm F Am');
    const book = await orbitItem(ENGLISH, FIRST.book, 'Book');
    expect(book.table?.rows).toHaveLength(15);
    expect(book.table?.rows.every((row) => row.some(({ scene }) => scene !== null))).toBe(true);
    const csv = await bookCsv(ENGLISH, FIRST.book);
    expect(csv.split('\r\n')).toHaveLength(16);
    expect(csv.split('\r\n')[1]).toBe('none,–,C major,A minor,–');
    expect(bookTable(ENGLISH, { ...FIRST.book, columns: ['modes'] })[1]?.[0]).toContain('D dorian');
  });
});

describe('a key that is typed', () => {
  it('is read as any class writes it', () => {
    fc.assert(
      fc.property(key, anyWords, (each, w) => {
        const reading = readKey(w, keyName(w, each));
        expect(reading).toEqual({ ok: true, key: each, said: true });
      }),
    );
    expect(readKey(ENGLISH, 'F#m')).toMatchObject({ key: { tonic: noteNamed('F#'), mode: 'minor' } });
    expect(readKey(ENGLISH, 'C loud')).toMatchObject({ ok: false });
    expect(readKey(ENGLISH, 'G## major')).toMatchObject({ ok: false });
    expect(readKey(ENGLISH, '')).toMatchObject({ ok: false });
  });
});

describe('a class’s own circle', () => {
  const twelve = { ...USUAL_SETTINGS, keysTaught: 'twelve', keyOrder: 'fourths', circle: 'fourths' } as const;

  it('stands where an address leaves it open: so many keys, in its order', () => {
    expect(readOrbit('?see=build', twelve).sentence).toMatchObject({ size: 'twelve' });
    expect(readOrbit('?see=fill', twelve).sentence).toMatchObject({ size: 'twelve' });
    expect(readOrbit('?see=book', twelve).sentence).toMatchObject({ size: 'twelve', order: 'fourths' });
    expect(otherKind('book', FIRST.keys, twelve)).toMatchObject({ size: 'twelve', order: 'fourths' });
    expect(readOrbit('?see=book&circle=fifteen&order=line', twelve).sentence).toMatchObject({
      size: 'fifteen',
      order: 'line',
    });
  });

  it('is built and filled clockwise as it is drawn, flats first in fourths', () => {
    const lines = linesOf(wordsOf(twelve), { kind: 'build', size: 'twelve', step: null });
    expect(lines.slice(0, 3)).toEqual([
      'C stands at the top: no sharps or flats.',
      'C, a fourth up: F, one flat. Four letters, C D E F, and five half steps.',
      'F, a fourth up: B♭, two flats. Four letters, F G A B, and five half steps. B alone is only six half steps away: it needs its flat.',
    ]);
    expect(fillOrder('fifteen', [-2, -1, 0, 1, 2], 1)).toEqual([0, 1, 2, -1, -2]);
    expect(fillOrder('fifteen', [-2, -1, 0, 1, 2], -1)).toEqual([0, -1, -2, 1, 2]);
  });

  it('counts minors of their own from the minor without signs', () => {
    const own = wordsOf({ ...USUAL_SETTINGS, minorCircle: 'own-circle' });
    const minor = (tonic: string) => ({ tonic: noteNamed(tonic), mode: 'minor' }) as const;
    expect(sayCounted(own, minor('C'))).toBe('Three places anticlockwise from A: three flats.');
    expect(sayCounted(own, minor('A'))).toBe('A minor stands at the top: no sharps or flats.');
    expect(sayCounted(ENGLISH, minor('C'))).toBe('Three places anticlockwise from C: three flats.');
  });

  it('says of two keys what the ear hears: the V of minor is in both, and equal keys sound alike', () => {
    const key = (tonic: string, mode: 'major' | 'minor') => ({ tonic: noteNamed(tonic), mode });
    for (const [from, to] of [
      [key('G', 'minor'), key('D', 'major')],
      [key('C', 'major'), key('C', 'minor')],
      [key('A', 'minor'), key('A', 'major')],
    ] as const)
      expect(sayJar(from, to)).not.toContain('nothing leads over');
    expect(sayJar(key('F#', 'major'), key('Gb', 'major'))).toBe(
      'To the ear nothing changes: only the names are others.',
    );
    expect(sayJar(key('C', 'major'), key('A', 'minor'))).toBe(
      'To the ear nothing changes but the home note.',
    );
  });

  it('when blank wants the mode where it is said, the size of the letter, and each of two names', () => {
    const verdict = (
      w: ClassWords,
      size: 'fifteen' | 'twelve',
      mode: 'major' | 'minor',
      at: number,
      typed: string,
    ) => judgeAll(w, { kind: 'fill', size, mode, time: 'untimed' }, [at], { [at]: typed })[0];
    const small = wordsOf({ ...USUAL_SETTINGS, keyNames: 'case' });
    expect(verdict(ENGLISH, 'fifteen', 'major', 0, 'C')?.verdict).toBe('right');
    expect(verdict(ENGLISH, 'fifteen', 'major', 0, 'C major')?.verdict).toBe('right');
    expect(verdict(ENGLISH, 'fifteen', 'major', 0, 'C minor')?.verdict).toBe('other-mode');
    expect(verdict(small, 'fifteen', 'minor', -3, 'c')?.verdict).toBe('right');
    expect(verdict(small, 'fifteen', 'minor', -3, 'C')?.verdict).toBe('other-mode');
    expect(verdict(ENGLISH, 'twelve', 'major', 6, 'F#/Gb')?.verdict).toBe('right');
    expect(verdict(ENGLISH, 'twelve', 'major', 6, 'F#/G')?.verdict).not.toBe('right');
    expect(verdict(ENGLISH, 'twelve', 'major', 6, 'F#/Gx')?.verdict).not.toBe('right');
  });
});

describe('the ring', () => {
  it('keeps its circles apart, on every size of screen', () => {
    for (const [width, height] of [
      [736, 620],
      [358, 358],
      [300, 300],
      [480, 640],
    ] as const) {
      for (const way of [1, -1] as const) {
        for (const circle of CIRCLE_SIZES) {
          const layout = ringLayout(circle, way, { width, height });
          const points = layout.places.map(({ count }) => ({ count, ...layout.at(count) }));
          for (const [index, one] of points.entries()) {
            expect(nearestPlace(layout, one.x + 2, one.y - 2)).toBe(one.count);
            expect(one.x - layout.place).toBeGreaterThan(0);
            expect(one.x + layout.place).toBeLessThan(width);
            expect(one.y - layout.place).toBeGreaterThan(0);
            expect(one.y + layout.place).toBeLessThan(height);
            for (const other of points.slice(index + 1))
              expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeGreaterThan(2 * layout.place);
          }
        }
      }
    }
  });

  it('turns the other way for a class that draws it in fourths', () => {
    const [fifths, fourths] = [1, -1].map((way) =>
      ringLayout('fifteen', way as 1 | -1, { width: 700, height: 600 }),
    );
    expect(fifths?.at(1).x).toBeCloseTo(700 - (fourths?.at(1).x ?? 0), 6);
  });

  it('marks relative minors on the same places, or on a circle of their own', () => {
    const minor = { kind: 'keys', key: { tonic: noteNamed('F'), mode: 'minor' } } as const;
    const same = ringOf(ENGLISH, minor, false);
    expect([same.mode, same.minors, [...same.minorMarks.keys()]]).toEqual(['major', true, [-4]]);
    const own = ringOf(wordsOf({ ...USUAL_SETTINGS, minorCircle: 'own-circle' }), minor, false);
    expect([own.mode, own.minors, [...own.marks.keys()]]).toEqual(['minor', false, [-4]]);
    const dorian = ringOf(ENGLISH, { kind: 'keys', key: { tonic: noteNamed('D'), mode: 'dorian' } }, false);
    expect([dorian.mode, [...dorian.marks.keys()]]).toEqual(['dorian', [0]]);
  });

  it('shows a theoretical key at its equivalent, and on twelve places the name that stands', () => {
    expect(placeFor('fifteen', 8)).toBe(-4);
    expect(placeFor('twelve', 7)).toBe(-5);
    expect(placeFor('twelve', -6)).toBe(6);
    expect(placeFor('twelve', -7)).toBe(5);
  });

  it('reads the flats of C flat off with the one place it lacks', () => {
    const ring = ringOf(ENGLISH, { kind: 'keys', key: { tonic: noteNamed('Cb'), mode: 'major' } }, true);
    expect(ring.beyond).toBe(-8);
    const order = [...ring.marks.entries()].map(([count, { badge }]) => `${badge}: ${count}`);
    expect(order.toSorted()).toEqual(['1: -2', '2: -3', '3: -4', '4: -5', '5: -6', '6: -7', '7: -8']);
  });
});
