import { readFileSync } from 'node:fs';
import { Footprints } from 'lucide-react';
import { describe, expect, it } from 'vitest';
import { ask } from '@/core/ask/ask';
import { ASK_PLACES } from '@/core/ask/reading';
import { ENGLISH } from '@/core/words/class-words';
import { deriveWords } from '@/core/words/screen/derive';
import { NOW } from '@/store/any-data.test-data';
import type { Kept } from '@/store/kept';
import { surfaceOf } from '@/ui/surfaces/all';
import { readAddress } from './address/derive/derive-address';
import { surfacesShown } from './address/derive/shown';
import { ROOMS } from './all';
import { hrefOfReading } from './ask/href';
import { handoutOf } from './shelf/handout';
import { keptText } from './shelf/kept-text';
import { desksOf } from './shell/house';
import { type Room, roomAt, searchOf } from './shell/room';

/** A room that does not exist: all that one has to be. */
const ATTIC: Room = {
  path: '/attic',
  name: 'Attic',
  about: 'A room under the roof.',
  icon: Footprints,
  places: { class: '/attic?part=class' },
  examples: ['/attic'],
  sounds: null,
  desk: async () => ({
    title: () => 'Attic',
    keys: () => ({ title: 'Keys', summary: 'Of the attic', list: [{ keys: 'Z', does: 'Sleep' }] }),
    shares: null,
    board: null,
    kept: {
      text: (_, search) => `Look under the roof at ${search}`,
      name: () => 'Under the roof',
      item: async (_, search, name) => ({
        title: name,
        task: search,
        scenes: [],
        method: null,
        lines: [],
        closing: null,
      }),
    },
  }),
};

const kept = (address: string): Kept => ({
  v: 6,
  before: [],
  minutes: null,
  id: address,
  name: address,
  note: 'a note',
  order: 1,
  address,
  keptAt: NOW,
  lesson: null,
  changedAt: NOW,
});

describe('the list of rooms', () => {
  it('holds what each has to be: a path of its own, examples that lie in it, places that can be asked for', () => {
    expect(new Set(ROOMS.map(({ path }) => path)).size).toBe(ROOMS.length);
    for (const room of ROOMS) {
      expect(room.examples[0]).toBe(room.path);
      for (const address of [...room.examples, ...Object.values(room.places)])
        expect(roomAt(ROOMS, address)).toBe(room);
    }
    const places = ROOMS.flatMap(({ places: each }) => Object.keys(each));
    expect(places.sort()).toEqual([...ASK_PLACES].sort());
  });

  it('is what the rail, the pages and the offline copy are made from', () => {
    const frame = readFileSync(new URL('./frame/Rooms.astro', import.meta.url), 'utf8');
    expect(frame).toContain('ROOMS.map(');
    for (const { path } of ROOMS) {
      const page = readFileSync(new URL(`../pages${path}.astro`, import.meta.url), 'utf8');
      expect(page).toContain('client:load');
    }
  });

  it('has a desk for each: a title, keys none of which is listed twice, and every way to share named', async () => {
    for (const room of ROOMS) {
      const desk = await room.desk();
      for (const address of room.examples) {
        const search = searchOf(address);
        expect(desk.title(ENGLISH, search)).toContain('Moon Step');
        const keys = desk.keys(ENGLISH, search).list.map((each) => each.keys);
        expect(new Set(keys).size, `${address}: ${keys}`).toBe(keys.length);
        const shares = desk.shares?.(ENGLISH, search);
        if (!shares) continue;
        const { copies, prints, files } = shares.list;
        for (const id of [...copies, ...prints, ...files]) expect(shares.names[id]).toBeTruthy();
        expect(desk.kept?.text(ENGLISH, search)).toMatch(/[.?]$/u);
        expect(desk.kept?.name(ENGLISH, search)).toBeTruthy();
        const item = await desk.kept?.item(ENGLISH, search, 'On paper');
        expect(item?.title).toBe('On paper');
      }
    }
  });

  it('leads the ask line to addresses, of rooms and of places in them', () => {
    const hrefs = [
      'signature of E major',
      '4 flats minor',
      'C D E',
      'D major down',
      'class',
      'F major vs chain',
    ].flatMap((line) => ask(ENGLISH, line).readings.map((reading) => hrefOfReading(reading, ROOMS)));
    expect(hrefs.map((href) => href.slice(0, 36))).toEqual([
      '/derive?question=signature&tonic=E&s',
      '/derive?question=key&fifths=-4&asked',
      '/derive?question=name&notes=C+D+E',
      '/derive?tonic=D&scale=major&directio',
      '/class',
      '/derive?tonic=F&scale=major&directio',
    ]);
    expect(hrefs.at(-1)).toContain('beside=chain');
  });

  it('has every surface that can be asked for by name, and an address for it', () => {
    const { surfaces } = deriveWords(ENGLISH).shown;
    for (const [code, said] of Object.entries(surfaces)) {
      expect(surfaceOf(code).said).toBe(said);
      const [reading] = ask(ENGLISH, `E harmonic minor on ${said}`).readings;
      const href = reading ? hrefOfReading(reading, ROOMS) : '';
      expect(readAddress(searchOf(href)).problems).toEqual([]);
      expect(surfacesShown(readAddress(searchOf(href)).sentence)[0]).toBe(code);
    }
    const [tenor] = ask(ENGLISH, 'E harmonic minor for tenor sax').readings;
    expect(tenor && hrefOfReading(tenor, ROOMS)).toContain('instrument=tenor-saxophone');
  });

  it('takes another room by its own description alone: shelf, handout, ask line and rail know it', async () => {
    const house = [ATTIC, ...ROOMS];
    expect(roomAt(house, '/attic?x=1')).toBe(ATTIC);
    expect(roomAt(ROOMS, '/attic?x=1')).toBeNull();
    const desks = await desksOf(house);
    expect(keptText(ENGLISH, desks, '/attic?x=1')).toBe('Look under the roof at ?x=1');
    expect(keptText(ENGLISH, await desksOf(ROOMS), '/attic?x=1')).toMatch(/^Kept in a room/u);
    const items = [kept('/attic?x=1'), kept('/derive?tonic=E&scale=harmonic-minor')];
    const handout = { head: 'School', title: 'Lesson', kept: items, notes: true };
    const full = await handoutOf(ENGLISH, house, handout);
    expect(full.items.map(({ task, note }) => [task.slice(0, 11), note])).toEqual([
      ['?x=1', 'a note'],
      ['Build E har', 'a note'],
    ]);
    // A version without the room prints the rest, and says what it cannot print.
    expect((await handoutOf(ENGLISH, ROOMS, handout)).items[0]?.task).toMatch(/^Kept in a room/u);
    const [place] = ask(ENGLISH, 'class').readings;
    expect(place && hrefOfReading(place, house)).toBe('/attic?part=class');
  });
});
