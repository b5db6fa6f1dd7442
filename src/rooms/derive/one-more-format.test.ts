import { describe, expect, it, vi } from 'vitest';
import { asciiName } from '@/core/note/spelled';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { sayFileProblem } from '@/core/words/say-file';
import type { FileFormat } from '@/formats/format';
import type { ScalesReading } from '@/formats/offered';
import { fileAnswer } from '@/workers/file-answer';
import { readFile } from '@/workers/read-file';
import { readAddress } from '../address/derive/derive-address';
import { sentenceOfOffer } from '../address/derive/offered';
import { DERIVE_DESK } from './desk';
import { shareDerivation } from './share/share';

const saved = vi.hoisted((): { name: string; type: string; content: unknown }[] => []);

vi.mock('@/ui/files/download', () => ({
  download: (file: { name: string; type: string; content: unknown }) => saved.push(file),
}));

/** A kind of file that no other program writes: all that one has to be. */
const LAMPLIGHT = vi.hoisted(
  (): FileFormat<ScalesReading> => ({
    code: 'lamplight',
    name: 'a lamplight file',
    endings: ['.lamp'],
    type: 'text/lamplight',
    isText: true,
    sniff: ({ text }) => text?.startsWith('lamp:') ?? false,
    reader: async () => ({
      read: ({ text, title }) => {
        const [, tonic = '', scale = ''] = (text ?? '').split(':');
        const offer = { tonic, scale, direction: 'up', clef: null, signature: null, part: null, place: '1' };
        return { ok: true, kind: 'scales', title, scales: [offer], lines: [], tunes: [], warnings: [] };
      },
    }),
    piece: null,
    write: (_, { scale }) => `lamp:${scale.tonic.letter}:${scale.id}`,
  }),
);

vi.mock('@/workers/formats', async (original) => {
  const { FORMATS } = await original<typeof import('@/workers/formats')>();
  return { FORMATS: [LAMPLIGHT, ...FORMATS] };
});

const read = (name: string, bytes: Uint8Array) => readFile({ name, bytes, settings: USUAL_SETTINGS });

const bytesOf = (text: string) => new TextEncoder().encode(text);

describe('one more format in the list', () => {
  it('is known by what is in it and read, and what it offers is a sentence', async () => {
    const reading = await read('evening.bin', bytesOf('lamp:E:harmonic-minor'));
    expect(fileAnswer(structuredClone(reading))).toEqual(reading);
    if (!reading.ok || reading.kind !== 'scales') throw new Error('not read');
    expect(reading.title).toBe('evening');
    const [sentence] = reading.scales.map((offer) => sentenceOfOffer(offer));
    expect(sentence && asciiName(sentence.tonic)).toBe('E');
    expect(sentence?.scale).toBe('harmonic-minor');
  });

  it('is named where a file is of no kind, and a file with its ending is told how it is broken', async () => {
    const photo = Uint8Array.from([0xff, 0xd8, 0xff]);
    const [none, broken] = [await read('photo.jpg', photo), await read('evening.lamp', photo)];
    expect(none.ok ? '' : sayFileProblem(none.problem)).toContain('a lamplight file (.lamp)');
    expect(broken.ok ? '' : broken.problem.code).toBe('file-encoding');
  });

  it('is a way to save a derivation', async () => {
    const search = '?tonic=E&scale=harmonic-minor&direction=up&clef=treble';
    const shares = DERIVE_DESK.shares?.(ENGLISH, search);
    expect(shares?.list.files).toContain('lamplight');
    expect(shares?.names['lamplight']).toBe('Notation as a lamplight file');
    await shareDerivation(ENGLISH, 'lamplight', readAddress(search).sentence);
    expect(saved.at(-1)).toEqual({
      name: 'E-harmonic-minor-up-treble.lamp',
      type: 'text/lamplight',
      content: 'lamp:E:harmonic-minor',
    });
  });
});
