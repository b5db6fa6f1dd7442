import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { asciiName } from '../note/spelled';
import { SCALE_TABLE } from '../scale/scale-table';
import { TONICS } from '../scale/tonic';
import { type Key, signatureOfKey } from './key';
import { journeyOf, type Route } from './route';

const key = (tonic: string, mode: Key['mode'] = 'major'): Key => ({ tonic: noteNamed(tonic), mode });
const said = ({ tonic, mode }: Key) => `${asciiName(tonic)} ${mode}`;
const walked = (route: Route | undefined) => route?.stops.map((stop) => said(stop.key)).join(', ');

const KEYS: readonly Key[] = TONICS.flatMap((tonic) => [
  { tonic, mode: 'major' as const },
  { tonic, mode: 'minor' as const },
]);
const PRINTED = KEYS.filter((each) => Math.abs(signatureOfKey(each)) <= 7);

function tableNotes({ tonic, mode }: Key): readonly string[] {
  const row = SCALE_TABLE.find((each) => each.tonic === asciiName(tonic));
  if (!row) throw new Error(asciiName(tonic));
  return mode === 'minor' ? row.minor : row.major;
}

/**
 * The fewest hops found another way: outwards from the start over all thirty keys, where a hop changes exactly one note
 * of the tables, and keys with the same notes or the same sounds are no hop apart.
 */
function fewestHops(from: Key): ReadonlyMap<string, number> {
  const free = (one: Key, other: Key) => {
    const far = Math.abs(signatureOfKey(one) - signatureOfKey(other));
    return far === 0 || (far === 12 && one.mode === other.mode);
  };
  const near = (one: Key, other: Key) => {
    const notes = tableNotes(one);
    return tableNotes(other).filter((note) => !notes.includes(note)).length === 1;
  };
  const hops = new Map<string, number>([[said(from), 0]]);
  let edge: readonly Key[] = [from];
  for (let count = 0; edge.length > 0; count += 1) {
    const spread = [...edge];
    for (const one of spread) {
      for (const other of PRINTED) {
        if (hops.has(said(other)) || !free(one, other)) continue;
        hops.set(said(other), count);
        spread.push(other);
      }
    }
    const next = PRINTED.filter((other) => !hops.has(said(other)) && spread.some((one) => near(one, other)));
    for (const each of next) hops.set(said(each), count + 1);
    edge = next;
  }
  return hops;
}

describe('a route', () => {
  it('goes by neighbours with one new note each, and no shorter one is to be found', () => {
    for (const from of PRINTED) {
      const fewest = fewestHops(from);
      for (const to of PRINTED) {
        if (from === to) continue;
        const { routes } = journeyOf(from, to);
        expect(routes.length).toBeGreaterThan(0);
        expect(routes.length).toBeLessThanOrEqual(4);
        for (const { stops, hops, seam } of routes) {
          expect(hops, `${said(from)} to ${said(to)}`).toBe(fewest.get(said(to)));
          expect([said(stops[0]?.key ?? from), said(stops.at(-1)?.key ?? from)]).toEqual([
            said(from),
            said(to),
          ]);
          expect(stops.filter(({ by }) => by === 'respelling')).toHaveLength(seam ? 1 : 0);
          for (const [at, stop] of stops.slice(1).entries()) {
            const before = tableNotes((stops[at] as (typeof stops)[number]).key);
            const now = tableNotes(stop.key);
            const fresh = now.filter((note) => !before.includes(note));
            if (stop.by === 'neighbour') expect(stop.newNotes.map(asciiName)).toEqual(fresh);
            if (stop.by === 'relative') expect(fresh).toEqual([]);
            if (stop.by !== 'neighbour') expect(stop.newNotes).toEqual([]);
            expect(stop.by).not.toBe('jump');
          }
        }
      }
    }
  });

  it('is told as a teacher would walk it', () => {
    const { routes, roundabout, jump } = journeyOf(key('E'), key('F'));
    expect(routes.map(walked)).toEqual(['E major, A major, D major, G major, C major, F major']);
    expect(routes[0]?.stops.map(({ newNotes }) => newNotes.map(asciiName).join())).toEqual([
      '',
      'D',
      'G',
      'C',
      'F',
      'Bb',
    ]);
    expect(routes[0]?.stops[1]?.pivots.map(({ root }) => asciiName(root))).toEqual(['E', 'F#', 'A', 'C#']);
    expect(roundabout).toMatchObject({ hops: 7, seam: true, shortest: false });
    expect(jump?.stops[1]?.newNotes.map(asciiName)).toEqual(['F', 'G', 'Bb', 'C', 'D']);
  });

  it('goes both ways round where they tie, and respells at the seam', () => {
    const { routes, roundabout } = journeyOf(key('C'), key('F#'));
    expect(routes.map(({ way, hops }) => [way, hops]).slice(0, 2)).toEqual([
      [1, 6],
      [-1, 6],
    ]);
    expect(roundabout).toBeNull();
    expect(walked(journeyOf(key('B'), key('Db')).routes[0])).toBe('B major, F# major, Gb major, Db major');
    expect(walked(journeyOf(key('C#'), key('Db')).routes[0])).toBe('C# major, Db major');
    expect(walked(journeyOf(key('C#'), key('Bb', 'minor')).routes[0])).toBe('C# major, Db major, Bb minor');
  });

  it('changes the mode at a hop, last or first, or by the relative', () => {
    expect(journeyOf(key('C'), key('D', 'minor')).routes.map(walked)).toEqual(['C major, D minor']);
    expect(journeyOf(key('C'), key('C', 'minor')).routes.map(walked)).toEqual([
      'C major, F major, Bb major, C minor',
      'C major, D minor, G minor, C minor',
    ]);
    expect(journeyOf(key('C'), key('A', 'minor')).routes.map(walked)).toEqual(['C major, A minor']);
    expect(journeyOf(key('C'), key('C')).routes).toEqual([]);
  });

  it('leads from and to theoretical keys over keys that can be printed', () => {
    expect(walked(journeyOf(key('G#'), key('C')).routes[0])).toBe(
      'G# major, Ab major, Eb major, Bb major, F major, C major',
    );
    for (const from of KEYS) {
      for (const to of KEYS) {
        if (from === to) continue;
        const { routes } = journeyOf(from, to);
        expect(routes.length, `${said(from)} to ${said(to)}`).toBeGreaterThan(0);
        const ends = [signatureOfKey(from), signatureOfKey(to)];
        const between = routes.flatMap(({ stops }) => stops.map((stop) => signatureOfKey(stop.key)));
        for (const count of between)
          expect(ends.includes(count) || Math.abs(count) <= 7, `${said(from)} to ${said(to)}`).toBe(true);
      }
    }
  });
});
