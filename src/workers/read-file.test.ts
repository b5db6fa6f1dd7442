import fc from 'fast-check';
import { zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { noteNamed } from '@/core/note/parse';
import { scaleNamed } from '@/core/scale/scale';
import { writeOut } from '@/core/scale/written';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { sayFileProblem, sayFileWarning } from '@/core/words/say-file';
import { scoreOfScale } from '@/formats/musicxml/from-scale';
import { writeMusicXml } from '@/formats/musicxml/write';
import { writeBackup } from '@/store/backup';
import { demoData } from '@/store/demo-school';
import { type FileReading, readFile } from './read-file';

const bytesOf = (text: string) => new TextEncoder().encode(text);
const read = (name: string, bytes: Uint8Array): FileReading =>
  readFile({ name, bytes, settings: USUAL_SETTINGS });

function score(tonic = 'C#'): string {
  const reading = scaleNamed(noteNamed(tonic), 'harmonic-minor');
  if (!reading.ok) throw new Error('cannot be spelled');
  const writing = { direction: 'both', clef: 'bass', signature: 'written' } as const;
  return writeMusicXml(scoreOfScale(ENGLISH, writeOut(reading.scale, writing)));
}

const LIST =
  '1. C# harmonic minor, down, bass clef\nEb major\nF natural minor, up, without a key signature\n';

/** A good file of each kind. */
const GOOD: readonly (readonly [name: string, bytes: Uint8Array])[] = [
  ['scale.musicxml', bytesOf(score())],
  [
    'scale.mxl',
    zipSync({
      'META-INF/container.xml': bytesOf('<container><rootfile full-path="s.xml"/></container>'),
      's.xml': bytesOf(score()),
    }),
  ],
  ['list.txt', bytesOf(LIST)],
  ['moon-step.json', bytesOf(writeBackup(demoData('2026-10-06T17:30:00.000Z'), '2026-10-06T17:30:00.000Z'))],
];

describe('a file', () => {
  it('is read by what is in it, whatever its name', () => {
    for (const [, bytes] of GOOD) expect(read('anything.bin', bytes).ok).toBe(true);
  });

  it.each(['scale.musicxml', 'scale.mxl'])('%s offers the scale that stands in it', (name) => {
    const bytes = GOOD.find(([each]) => each === name)?.[1] ?? new Uint8Array();
    const reading = read(name, bytes);
    expect(reading).toMatchObject({
      kind: 'scales',
      title: 'C♯ harmonic minor',
      warnings: [],
      scales: [
        {
          tonic: 'C#',
          scale: 'harmonic-minor',
          direction: 'both',
          clef: 'bass',
          signature: 'written',
          part: 'Scale',
          place: '1',
        },
      ],
    });
  });

  it('with a wrong spelling says which note, and one without a scale says why', () => {
    const sounding = score().replace(
      '<step>B</step>\n          <alter>1</alter>\n          <octave>3</octave>',
      '<step>C</step>\n          <octave>4</octave>',
    );
    const wrong = read('x.musicxml', bytesOf(sounding));
    expect(wrong.ok && wrong.kind === 'scales' && wrong.warnings.map(sayFileWarning)).toEqual([
      'Scale, measure 1: sounds like C♯ harmonic minor, but stands with C for B♯.',
    ]);
    const short = score().replace(/(<note>[\s\S]*?<\/note>\s*){9}/u, '');
    const none = read('x.musicxml', bytesOf(short));
    expect(none.ok && none.kind === 'scales' && none.scales).toEqual([]);
    expect(none.ok && none.kind === 'scales' && none.warnings.map(sayFileWarning).join()).toContain(
      'Scale: 6 notes, no scale.',
    );
  });

  it.each([
    ['empty.xml', new Uint8Array(), 'file-empty'],
    ['blank.txt', bytesOf(' \n '), 'file-empty'],
    ['photo.jpg', Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 0, 16]), 'file-kind'],
    ['other.json', bytesOf('{"a":1}'), 'file-kind'],
    ['song.xml', Uint8Array.from([0x3c, 0x61, 0x3e, 0xff]), 'file-encoding'],
    ['huge.xml', new Uint8Array(16_000_001), 'file-too-large'],
    ['bomb.mxl', zipSync({ 'a.xml': new Uint8Array(17_000_000) }), 'zip-bomb'],
    [
      'laughs.xml',
      bytesOf(`<!DOCTYPE s [<!ENTITY a "ha"><!ENTITY b "&a;&a;&a;">]><score-partwise>&b;</score-partwise>`),
      'file-entities',
    ],
    [
      'outside.xml',
      bytesOf('<!DOCTYPE s [<!ENTITY a SYSTEM "file:///etc/passwd">]><score-partwise/>'),
      'file-entities',
    ],
    [
      'deep.xml',
      bytesOf(`<score-partwise>${'<part>'.repeat(5000)}${'</part>'.repeat(5000)}</score-partwise>`),
      'file-deep',
    ],
    ['wide.xml', bytesOf(`<score-partwise>${'<a/>'.repeat(400_001)}</score-partwise>`), 'file-many'],
    ['poem.txt', bytesOf('Fog on the harbour,\nnobody about.'), 'text-no-scale'],
    ['page.html', bytesOf('<html><script>alert(1)</script></html>'), 'xml-other'],
  ] as const)('%s is refused as %#', (name, bytes, code) => {
    const reading = read(name, bytes);
    expect(reading.ok ? 'read' : reading.problem.code).toBe(code);
    if (!reading.ok) expect(sayFileProblem(reading.problem)).toMatch(/Nothing was changed\.$/u);
  });

  it('that opens thousands of comments or quotes is looked over in one pass', () => {
    for (const hostile of ['<!--', '<![CDATA[', '<?', '<a b="', '<a ', '</', '<!DOCTYPE ', '&amp;<']) {
      expect(read('x.xml', bytesOf(`<s>${hostile.repeat(200_000)}`)).ok).toBe(false);
    }
  });
});

/** A file with a few bytes changed, cut out, doubled or thrown about. */
function mutated(
  good: Uint8Array,
  seeds: readonly (readonly [kind: number, at: number, value: number])[],
): Uint8Array {
  let bytes = good;
  for (const [kind, where, value] of seeds) {
    const at = where % Math.max(1, bytes.length);
    const length = value % 40;
    const [before, after] = [bytes.subarray(0, at), bytes.subarray(at)];
    if (kind === 0) bytes = Uint8Array.from([...before, value, ...after.subarray(1)]);
    else if (kind === 1) bytes = Uint8Array.from([...before, ...after.subarray(length)]);
    else if (kind === 2) bytes = Uint8Array.from([...before, ...after.subarray(0, length), ...after]);
    else
      bytes = Uint8Array.from(
        [...before, ...'<>&"\'[]{}/!?-='.slice(value % 12, (value % 12) + 3)].map((c) =>
          typeof c === 'string' ? c.charCodeAt(0) : c,
        ),
      ).subarray(0, at + 3);
  }
  return bytes;
}

describe('ten thousand damaged files', () => {
  const seeds = fc.array(
    fc.tuple(fc.constantFrom(0, 0, 1, 2, 3), fc.nat({ max: 20_000 }), fc.integer({ min: 0, max: 255 })),
    { minLength: 1, maxLength: 5 },
  );
  it.each(GOOD)(
    'of the kind of %s are read or refused, and none crashes or hangs',
    (name, good) => {
      let count = 0;
      fc.assert(
        fc.property(seeds, (changes) => {
          const reading = read(name, mutated(good, changes));
          if (!reading.ok) expect(sayFileProblem(reading.problem)).toMatch(/\.$/u);
          count += 1;
        }),
        { numRuns: 10_000 },
      );
      expect(count).toBe(10_000);
    },
    120_000,
  );
});
