import * as z from 'zod/mini';
import { SAYING_LIMIT } from '@/core/school/saying';
import { AUDIENCES, CHOICES, readSettings, type SettingName, type Settings } from '@/core/school/settings';
import { GROUP_NAME_LIMIT } from './limits';
import { defineRecord } from './record';

const choices = <Name extends SettingName>(name: Name) => z.enum(CHOICES[name]);

/** One choice for every matter that there was at first, each from its own list. */
const settingsV1 = z.strictObject({
  stepWords: choices('stepWords'),
  noteNames: choices('noteNames'),
  solfege: choices('solfege'),
  modeSyllables: choices('modeSyllables'),
  seventh: choices('seventh'),
  degrees: choices('degrees'),
  relatives: choices('relatives'),
  keysTaught: choices('keysTaught'),
  keyOrder: choices('keyOrder'),
  circle: choices('circle'),
  flatsBy: choices('flatsBy'),
  minorCircle: choices('minorCircle'),
  minorSignature: choices('minorSignature'),
  minorNaming: choices('minorNaming'),
  melodicDown: choices('melodicDown'),
  cancelling: choices('cancelling'),
  modesWritten: choices('modesWritten'),
  keyNames: choices('keyNames'),
  modeWord: choices('modeWord'),
  capital: choices('capital'),
  numerals: choices('numerals'),
  mediant: choices('mediant'),
  dominant: choices('dominant'),
  diminished: choices('diminished'),
  flatRule: choices('flatRule'),
  sharpRule: choices('sharpRule'),
  hints: choices('hints'),
});

/** How answers are marked came with marking. */
const settingsV2 = z.extend(settingsV1, {
  marks: choices('marks'),
  followThrough: choices('followThrough'),
});

/** How the fifth syllable is written came with high and low do. */
const settingsV4 = z.extend(settingsV2, { fifth: choices('fifth') });

const saying = z.string().check(z.maxLength(SAYING_LIMIT));

const groupV1 = z.strictObject({
  v: z.literal(1),
  id: z.string().check(z.minLength(1), z.maxLength(60)),
  name: z.string().check(z.maxLength(GROUP_NAME_LIMIT)),
  settings: settingsV1,
  sayings: z.strictObject({ sharps: saying, flats: saying }),
  order: z.number(),
  changedAt: z.string().check(z.maxLength(30)),
});

const groupV2 = z.extend(groupV1, { v: z.literal(2), settings: settingsV2 });

const audience = z.enum(AUDIENCES);

/** A saying is for children, for adults, or for everybody. */
const groupV3 = z.extend(groupV2, {
  v: z.literal(3),
  sayings: z.strictObject({ sharps: saying, flats: saying, sharpsFor: audience, flatsFor: audience }),
});

const groupV4 = z.extend(groupV3, { v: z.literal(4), settings: settingsV4 });

const word = z.string().check(z.maxLength(40));

/** A choice for every matter that the version which wrote it knew; from here on a new matter needs no new schema. */
const groupV5 = z.extend(groupV4, { v: z.literal(5), settings: z.record(word, word) });

type StoredGroup = z.infer<typeof groupV5>;

/** A class: its name, and how it speaks. Its people are records of their own. */
export type Group = Omit<StoredGroup, 'settings'> & { readonly settings: Settings };

export const groupRecord = defineRecord<StoredGroup, Group>({
  name: 'class',
  schemas: [groupV1, groupV2, groupV3, groupV4, groupV5],
  migrations: [
    (old) => {
      const v1 = old as z.infer<typeof groupV1>;
      return { ...v1, v: 2, settings: { ...v1.settings, marks: 'note', followThrough: 'once' } };
    },
    (old) => {
      const v2 = old as z.infer<typeof groupV2>;
      return { ...v2, v: 3, sayings: { ...v2.sayings, sharpsFor: 'everybody', flatsFor: 'everybody' } };
    },
    (old) => {
      const v3 = old as z.infer<typeof groupV3>;
      return { ...v3, v: 4, settings: { ...v3.settings, fifth: 'so' } };
    },
    (old) => ({ ...(old as z.infer<typeof groupV4>), v: 5 }),
  ],
  newest: groupV5,
  use: (stored) => {
    const { settings, unknown } = readSettings(stored.settings);
    return { value: { ...stored, settings }, unknown };
  },
});
