import { createElement, type FunctionComponent, type ReactNode } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it, vi } from 'vitest';
import type { SettingGroup } from '@/core/school/setting';
import {
  CHOICES,
  SETTING_NAMES,
  SETTINGS,
  type SettingName,
  USUAL_SETTINGS,
  withSetting,
} from '@/core/school/settings';
import { type ClassWords, wordsOf } from '@/core/words/class-words';
import { NOW } from '@/store/any-data.test-data';
import { groupRecord } from '@/store/group';
import { readMirror, writeMirror } from '@/store/mirror';
import { Speaking } from '@/ui/school/use-class';
import { ClassParts } from './ClassParts';
import { readClassAddress } from './parts';

/** A setting that no school has: all that one has to be, in the one list that there is. */
const LANTERN = vi.hoisted(
  (): SettingGroup => ({
    code: 'roof',
    title: 'Under the roof',
    settings: {
      lantern: {
        title: 'The lantern',
        choices: { lit: 'Is lit', dark: 'Stays dark' },
        example: { shows: 'note-names' },
      },
    },
  }),
);

vi.mock('@/core/school/setting-list', async (original) => {
  const { SETTING_GROUPS } = await original<{ SETTING_GROUPS: readonly SettingGroup[] }>();
  return { SETTING_GROUPS: [...SETTING_GROUPS, LANTERN] };
});

const lantern = 'lantern' as SettingName;

const group = {
  v: 5,
  id: 'one',
  name: 'Tuesday',
  settings: { ...USUAL_SETTINGS, [lantern]: 'dark' },
  sayings: { sharps: '', flats: '', sharpsFor: 'everybody', flatsFor: 'everybody' },
  order: 1,
  changedAt: NOW,
} as const;

const nothing = () => undefined;

/** What stands inside speaks as the class does. */
const speaking = (words: ClassWords, inside: ReactNode) =>
  createElement(Speaking as FunctionComponent<{ words: ClassWords }>, { words }, inside);

const actions = { set: nothing, setBoth: nothing, rename: nothing, makeLike: nothing, remove: nothing };

describe('one more setting in the list', () => {
  it('has its usual choice, takes its others, and refuses what is none', () => {
    expect(SETTING_NAMES.at(-1)).toBe(lantern);
    expect(CHOICES[lantern]).toEqual(['lit', 'dark']);
    expect(USUAL_SETTINGS[lantern]).toBe('lit');
    expect(withSetting(USUAL_SETTINGS, lantern, 'dark')[lantern]).toBe('dark');
    expect(() => withSetting(USUAL_SETTINGS, lantern, 'smokes')).toThrow('no choice of lantern');
  });

  it('is stored with the class and read again, and a choice that it does not have is told', () => {
    const read = groupRecord.read(group);
    expect(read).toMatchObject({ ok: true, value: { settings: { lantern: 'dark' } } });
    expect(readMirror(writeMirror(group))?.settings).toMatchObject({ lantern: 'dark' });
    const later = { ...group, settings: { ...group.settings, [lantern]: 'smokes' } };
    expect(groupRecord.read(later)).toMatchObject({ unknown: ['lantern: smokes'] });
  });

  it('has its card in the room, in a part of its own, with a live example for each choice', () => {
    const { part } = readClassAddress('?part=roof');
    const parts = createElement(ClassParts, {
      part,
      state: {} as never,
      known: true,
      group: null,
      refused: null,
      actions: actions as never,
      onPart: nothing,
      onNew: nothing,
      onLeave: nothing,
      onFile: nothing,
    });
    const words = wordsOf(group.settings);
    const page = renderToStaticMarkup(speaking(words, parts));
    const { title, choices } = SETTINGS[lantern];
    for (const text of ['Under the roof', title, ...Object.values(choices)]) expect(page).toContain(text);
    expect(page.match(/B♭ {2}B {2}E𝄫/gu)).toHaveLength(2);
    expect(page).toMatch(/lantern" checked=""\/><span><span class="font-semibold">Stays dark/u);
  });
});
