import { describe, expect, it, vi } from 'vitest';
import { ask } from '@/core/ask/ask';
import { METHOD_IDS } from '@/core/derive/derivation';
import { derive } from '@/core/derive/methods';
import { prove } from '@/core/derive/proof';
import { judge } from '@/core/exercise/judge';
import { identify } from '@/core/identify/name-scale';
import { noteNamed } from '@/core/note/parse';
import { asciiName } from '@/core/note/spelled';
import { notesOf } from '@/core/scale/line';
import type { ScaleId } from '@/core/scale/pattern';
import { type Scale, scaleNamed } from '@/core/scale/scale';
import type { ScaleRow } from '@/core/scale/scales';
import { writeOut } from '@/core/scale/written';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { scoreOfScale } from '@/formats/musicxml/from-scale';
import { writeMusicXml } from '@/formats/musicxml/write';
import { readFile } from '@/workers/read-file';
import { readAddress } from '../address/derive/derive-address';
import { sentenceText } from './sentence/sentence-words';

/** A scale that no school teaches by this name: all that one has to be, in the one table that there is. */
const LANTERN = vi.hoisted(
  (): ScaleRow => ({
    rising: [1, 3, 1, 2, 1, 3, 1],
    mode: 'phrygian',
    raised: [3, 7],
    name: 'lantern',
    afterHyphen: 'Laterne',
    other: 'lamplight',
    asked: ['lantern', 'lamp'],
  }),
);

vi.mock('@/core/scale/scales', async (original) => {
  const table = await original<{ SEVEN_NOTES: Readonly<Record<string, ScaleRow>> }>();
  return { ...table, SEVEN_NOTES: { ...table.SEVEN_NOTES, lantern: LANTERN } };
});

const lantern = 'lantern' as ScaleId;

/** Its lines of the table, spelled by hand. */
const TABLE = [
  'C Db E F G Ab B C',
  'E F G# A B C D# E',
  'C# D E# F# G# A B# C#',
  'B C D# E F# G A# B',
  'F Gb A Bb C Db E F',
];

function lanternOn(tonic: string): Scale {
  const reading = scaleNamed(noteNamed(tonic), lantern);
  if (!reading.ok) throw new RangeError(`no lantern on ${tonic}`);
  return reading.scale;
}

describe('one more row in the table of scales', () => {
  it.each(TABLE)('is spelled and derived by every method that serves it: %s', (line) => {
    const [tonic = ''] = line.split(' ');
    const scale = lanternOn(tonic);
    expect(scale.ascending.map(asciiName).join(' ')).toBe(line);
    const answers = METHOD_IDS.flatMap((method) => derive(scale, 'up', method, USUAL_SETTINGS) ?? []);
    expect(answers.length).toBeGreaterThan(2);
    for (const { answer } of answers) expect(answer.map(asciiName).join(' ')).toBe(line);
    const failed = prove(scale, 'up', notesOf(scale, 'up')).filter(({ holds }) => holds === false);
    expect(failed).toEqual([]);
  });

  it('is asked for, named by its notes, and judged', () => {
    const [reading] = ask(ENGLISH, 'C# lamp up').readings;
    expect(reading).toMatchObject({ tonic: noteNamed('C#'), scale: lantern });
    const notes = (TABLE[1] ?? '').split(' ').map(noteNamed);
    expect(identify(notes).names[0]).toMatchObject({ tonic: noteNamed('E'), scale: lantern });
    const question = { tonic: noteNamed('E'), scale: lantern as 'major', direction: 'up', signature: 'none' };
    const row = (line: string) =>
      line.split(' ').map((note) => ({ note: noteNamed(note), octave: null, printed: undefined }));
    const given = (line: string) =>
      judge(
        { kind: 'scale', question: { ...question, clef: null } as never },
        { is: 'scale', notes: row(line) },
        USUAL_SETTINGS,
      );
    expect(given('E F G# A B C D# E')?.correct).toBe(true);
    const plain = given('E F G# A B C D E');
    expect(plain?.correct).toBe(false);
    // The note itself, and the steps into it and out of it.
    expect(plain?.findings.map(({ index }) => index)).toEqual([6, 6, 7]);
  });

  it('has its address and its sentence, and comes back from the file it was written to', async () => {
    const { sentence, problems } = readAddress('?tonic=F&scale=lamplight&direction=down');
    expect(problems).toEqual([]);
    expect(sentence.scale).toBe(lantern);
    expect(sentenceText(ENGLISH, sentence)).toBe(
      'Build F lantern, going down, in the bass clef, with a key signature.',
    );
    const writing = { direction: 'both', clef: 'bass', signature: 'written' } as const;
    const score = writeMusicXml(scoreOfScale(ENGLISH, writeOut(lanternOn('F'), writing)));
    const bytes = new TextEncoder().encode(score);
    expect(await readFile({ name: 'x.musicxml', bytes, settings: USUAL_SETTINGS })).toMatchObject({
      title: 'F lantern',
      scales: [{ tonic: 'F', scale: lantern, direction: 'both', clef: 'bass', signature: 'written' }],
      warnings: [],
    });
  });
});
