import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it, vi } from 'vitest';
import { type ClassWords, ENGLISH } from '@/core/words/class-words';
import { scaleName } from '@/core/words/say-scale';
import { group, type Scene } from '@/engrave/scene';
import { SURFACES } from '@/ui/surfaces/all';
import type { surface as make, Surface, SurfaceKit, SurfaceView } from '@/ui/surfaces/surface';
import { readAddress } from '../address/derive/derive-address';
import { DERIVE_DESK } from './desk';
import { sentenceText } from './sentence/sentence-words';
import { paperItem } from './share/paper';
import { shareDerivation } from './share/share';
import { Work } from './working/Work';

const saved = vi.hoisted((): { name: string; content: unknown }[] => []);

vi.mock('@/ui/files/download', () => ({
  download: (file: { name: string; content: unknown }) => saved.push(file),
}));

/** A surface that no class has: all that one has to be, in the one list that there is. */
vi.mock('@/ui/surfaces/all', async (original) => {
  const { surface } = await import('@/ui/surfaces/surface');
  const list = await original<typeof import('@/ui/surfaces/all')>();
  const all: readonly Surface[] = [...list.SURFACES, lantern(surface)];
  const surfacesOf = (codes: readonly string[]) =>
    codes.flatMap((code) => all.find((each) => each.code === code) ?? []);
  return { ...list, SURFACES: all, surfacesOf };
});

type MakeSurface = typeof make;

function lantern(surface: MakeSurface): Surface {
  const scene = (width: number): Scene => ({
    width,
    height: 20,
    groups: [group('lantern', 'note', [{ kind: 'circle', cx: 10, cy: 10, r: 8, fill: 'moon' }])],
  });
  const kit: SurfaceKit = {
    View: ({ view, place }) => `lit: ${speech(ENGLISH, view)}, ${place}`,
    speech,
    scene: async (_, __, width) => scene(width),
    paper: async (_, __, ___, blank) => scene(blank ? 1 : 2),
  };
  return surface(
    {
      code: 'lantern',
      name: 'Lantern',
      label: 'Lantern and wick',
      said: 'the lantern',
      places: ['first', 'below'],
      under: [],
      low: () => true,
      beside: true,
    },
    async () => kit,
  );
}

function speech(w: ClassWords, { written }: SurfaceView): string {
  return `${scaleName(w, written.scale)} by lamplight`;
}

const SEARCH = '?tonic=E&scale=harmonic-minor&direction=up&clef=treble&on=staff,lantern';

const { sentence } = readAddress(SEARCH);

const nothing = () => undefined;

async function screen(search: string): Promise<string> {
  await Promise.all(SURFACES.map(({ View }) => View.prepare()));
  const work = createElement(Work, {
    sentence: readAddress(search).sentence,
    say: nothing,
    onRest: nothing,
    onWord: nothing,
    single: true,
    served: { width: 1, height: 1, groups: [] },
    isServed: false,
  });
  return renderToStaticMarkup(work);
}

describe('one more surface in the list', () => {
  it('is asked for by its code, and named in the sentence', () => {
    expect(readAddress(SEARCH)).toMatchObject({ sentence: { on: ['staff', 'lantern'] }, problems: [] });
    expect(sentenceText(ENGLISH, sentence)).toContain(', on the staff with the lantern.');
  });

  it('stands on the screen under its label, and says what it shows', async () => {
    const page = await screen(SEARCH);
    expect(page).toMatch(
      /<section aria-label="Lantern and wick"[^>]*>lit: E harmonic minor by lamplight, below</u,
    );
    const large = await screen(SEARCH.replace('staff,lantern', 'lantern'));
    expect(large).toContain('by lamplight, first');
  });

  it('is shared as a picture and as a drawing', async () => {
    const shares = DERIVE_DESK.shares?.(ENGLISH, SEARCH);
    expect(shares?.list.copies).toContain('lantern-picture');
    expect(shares?.list.files).toContain('lantern-drawing');
    expect(shares?.names['lantern-picture']).toBe('Lantern as a picture');
    expect(shares?.names['lantern-drawing']).toBe('Lantern as a drawing');
    expect(await shareDerivation(ENGLISH, 'lantern-drawing', sentence)).toMatchObject({ done: 'downloaded' });
    expect(saved.at(-1)?.name).toBe('E-harmonic-minor-up-treble.lantern.svg');
    expect(saved.at(-1)?.content).toContain('<desc>E harmonic minor by lamplight</desc>');
  });

  it('is printed, with the working and blank', async () => {
    const widths = async (blank: boolean) =>
      (await paperItem(ENGLISH, sentence, 'x', blank)).scenes.map(({ width }) => width);
    expect((await widths(false)).at(-1)).toBe(2);
    expect((await widths(true)).at(-1)).toBe(1);
  });
});
