import fc from 'fast-check';
import { zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { MANY } from '@/core/any-words.test-data';
import { noteNamed } from '@/core/note/parse';
import { asciiName } from '@/core/note/spelled';
import { scaleAsked } from '@/core/scale/asked';
import { DIRECTIONS } from '@/core/scale/direction';
import { NAMED_SCALE_IDS } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES } from '@/core/scale/printed';
import { scaleNamed } from '@/core/scale/scale';
import { writeOut } from '@/core/scale/written';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { sayFileProblem, sayFileWarning } from '@/core/words/say-file';
import { markWords } from '@/core/words/screen/mark';
import { scoreOfScale } from '@/formats/musicxml/from-scale';
import { writeMusicXml } from '@/formats/musicxml/write';
import { writeBackup } from '@/store/backup';
import { demoData } from '@/store/demo-school';
import { fileAnswer } from './file-answer';
import { type FileReading, readFile } from './read-file';

const bytesOf = (text: string) => new TextEncoder().encode(text);
const read = (name: string, bytes: Uint8Array): Promise<FileReading> =>
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

/** A note of a score: its pitch with sign as text, its voice and staff, whether it belongs to the chord before. */
function noteOf(
  name: string,
  {
    voice = 1,
    staff = 1,
    chord = false,
    alter = '',
  }: { voice?: number; staff?: number; chord?: boolean; alter?: string } = {},
): string {
  const sign = alter || { b: '-1', '#': '1' }[name[1] ?? ''] || '';
  return `<note>${chord ? '<chord/>' : ''}<pitch><step>${name[0]}</step>${sign ? `<alter>${sign}</alter>` : ''}<octave>${name.at(-1)}</octave></pitch><duration>1</duration><voice>${voice}</voice><staff>${staff}</staff></note>`;
}

const rest = (voice: number, staff: number) =>
  `<note><rest/><duration>1</duration><voice>${voice}</voice><staff>${staff}</staff></note>`;

const piece = (measures: readonly string[], doctype = '') =>
  `<?xml version="1.0"?>${doctype}<score-partwise><part-list><score-part id="P1"><part-name>Piano</part-name></score-part></part-list><part id="P1">${measures
    .map((content, at) => `<measure number="${at + 1}">${content}</measure>`)
    .join('')}</part></score-partwise>`;

async function offered(text: string): Promise<readonly string[]> {
  const reading = await read('x.musicxml', bytesOf(text));
  if (!reading.ok) return [sayFileProblem(reading.problem)];
  return reading.kind === 'scales'
    ? reading.scales.map(({ tonic, scale, direction }) => `${tonic} ${scale} ${direction}`)
    : [];
}

const SCALE = 'C4 D4 E4 F4 G4 A4 B4 C5'.split(' ');

describe('our own files', () => {
  it('come back as what they were: every scale, beginning, chromatic and typed steps, in every direction', async () => {
    let files = 0;
    const asked = [...NAMED_SCALE_IDS, '2,2,3,2,3', '1,3,1,2,1,3,1'] as const;
    for (const tonic of ['C', 'Eb', 'F#', 'B', 'Ab'].map(noteNamed)) {
      for (const scale of asked) {
        for (const direction of DIRECTIONS) {
          for (const signature of SIGNATURE_CHOICES) {
            const reading = scaleAsked(tonic, scale);
            if (!reading.ok) continue;
            const written = writeOut(reading.scale, { direction, clef: 'alto', signature });
            const back = await read('x.musicxml', bytesOf(writeMusicXml(scoreOfScale(ENGLISH, written))));
            expect(back, `${asciiName(tonic)} ${scale} ${direction}`).toMatchObject({
              warnings: [],
              scales: [{ tonic: asciiName(tonic), scale, direction, clef: 'alto', signature }],
            });
            files += 1;
          }
        }
      }
    }
    console.info(`${files} files of ours opened again`);
    expect(files).toBeGreaterThan(400);
  });

  it('are read by their notes where another program has changed them', async () => {
    const changed = score('E').replace('<step>F</step>', '<step>G</step>');
    expect(await offered(changed)).not.toContain('E harmonic-minor both');
  });
});

describe('a score of another program', () => {
  it('has a scale that goes over two staves', async () => {
    const [low, high] = [SCALE.slice(0, 4), SCALE.slice(4)];
    const upper = [...low.map(() => rest(1, 1)), ...high.map((name) => noteOf(name))].join('');
    const lower = [
      ...low.map((name) => noteOf(name, { voice: 5, staff: 2 })),
      ...high.map(() => rest(5, 2)),
    ].join('');
    expect(await offered(piece([`${upper}<backup><duration>8</duration></backup>${lower}`]))).toEqual([
      'C major up',
    ]);
  });

  it('has a scale on top of chords, and one under them', async () => {
    const over = SCALE.map((name) => noteOf('E3') + noteOf(name, { chord: true })).join('');
    expect(await offered(piece([over]))).toEqual(['C major up']);
    const under = SCALE.map((name) => noteOf(name) + noteOf('G6', { chord: true })).join('');
    expect(await offered(piece([under]))).toEqual(['C major up']);
  });

  it('writes signs as decimals, and may have an empty subset', async () => {
    const row = 'G4 A4 B4 C5 D5 E5 F5 G5'
      .split(' ')
      .map((name) => noteOf(name, name === 'F5' ? { alter: '1.0' } : {}));
    expect(await offered(piece([row.join('')]))).toEqual(['G major up']);
    expect(await offered(piece([row.join('')], '<!DOCTYPE score-partwise [ ]>'))).toEqual(['G major up']);
    const declared = piece([row.join('')], '<!DOCTYPE score-partwise [<!ENTITY a "b">]>');
    expect((await offered(declared))[0]).toContain('declares entities');
  });

  it('gives the runs of a part as answers, each told from the others', async () => {
    const second = 'D4 E4 F4 G4 A4 B4 C5 D5'.split(' ');
    const reading = await read(
      'x.musicxml',
      bytesOf(piece([SCALE, second].map((each) => each.map((n) => noteOf(n)).join('')))),
    );
    const lines = reading.ok && reading.kind === 'scales' ? reading.lines : [];
    expect(lines.map(({ from, to, begins, notes }) => [from, to, begins, notes])).toEqual([
      ['1', '2', 'C4 D4 E4', 16],
      ['1', '1', 'C4 D4 E4', 8],
      ['2', '2', 'D4 E4 F4', 8],
    ]);
    const names = lines.map(markWords(ENGLISH).entry.fileLine);
    expect(names[2]).toBe('Piano, bar 2: D4 E4 F4 …, 8 notes');
    expect(new Set(names).size).toBe(names.length);
  });
});

describe('a file', () => {
  it('is read by what is in it, whatever its name', async () => {
    for (const [, bytes] of GOOD) expect((await read('anything.bin', bytes)).ok).toBe(true);
  });

  it.each(['scale.musicxml', 'scale.mxl'])('%s offers the scale that stands in it', async (name) => {
    const bytes = GOOD.find(([each]) => each === name)?.[1] ?? new Uint8Array();
    const reading = await read(name, bytes);
    expect(reading).toMatchObject({
      kind: 'scales',
      tunes: [],
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

  it('with a wrong spelling says which note, and one without a scale says why', async () => {
    const sounding = score().replace(
      '<step>B</step>\n          <alter>1</alter>\n          <octave>3</octave>',
      '<step>C</step>\n          <octave>4</octave>',
    );
    const wrong = await read('x.musicxml', bytesOf(sounding));
    expect(wrong.ok && wrong.kind === 'scales' && wrong.warnings.map(sayFileWarning)).toEqual([
      'Scale, measure 1: sounds like C♯ harmonic minor, but stands with C for B♯.',
    ]);
    const short = score().replace(/(<note>[\s\S]*?<\/note>\s*){9}/u, '');
    const none = await read('x.musicxml', bytesOf(short));
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
  ] as const)('%s is refused as %#', async (name, bytes, code) => {
    const reading = await read(name, bytes);
    expect(reading.ok ? 'read' : reading.problem.code).toBe(code);
    if (!reading.ok) expect(sayFileProblem(reading.problem)).toMatch(/Nothing was changed\.$/u);
  });

  it('that opens thousands of comments or quotes is looked over in one pass', async () => {
    for (const hostile of ['<!--', '<![CDATA[', '<?', '<a b="', '<a ', '</', '<!DOCTYPE ', '&amp;<']) {
      expect((await read('x.xml', bytesOf(`<s>${hostile.repeat(200_000)}`))).ok).toBe(false);
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

/** Ten thousand of each kind when all of them are asked for. */
const RUNS = 1000 * MANY;

describe('damaged files', () => {
  const seeds = fc.array(
    fc.tuple(fc.constantFrom(0, 0, 1, 2, 3), fc.nat({ max: 20_000 }), fc.integer({ min: 0, max: 255 })),
    { minLength: 1, maxLength: 5 },
  );
  it.each(GOOD)(
    'of the kind of %s are read or refused, and none crashes or hangs',
    async (name, good) => {
      let count = 0;
      await fc.assert(
        fc.asyncProperty(seeds, async (changes) => {
          const reading = await read(name, mutated(good, changes));
          if (!reading.ok) expect(sayFileProblem(reading.problem)).toMatch(/\.$/u);
          // As it crosses from the worker to the page.
          expect(fileAnswer(structuredClone(reading))).toEqual(reading);
          count += 1;
        }),
        { numRuns: RUNS },
      );
      expect(count).toBe(RUNS);
    },
    600_000,
  );
});

describe('an answer of a worker', () => {
  it('that is none is not taken for one', async () => {
    for (const sent of [null, {}, { ok: true }, { ok: true, kind: 'scales' }, { ok: false, problem: 'x' }])
      expect(fileAnswer(sent)).toBeNull();
  });
});
