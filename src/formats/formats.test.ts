import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { XMLParser } from 'fast-xml-parser';
import { zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { CLEFS } from '@/core/instrument/staff';
import { LETTERS } from '@/core/note/letter';
import { noteNamed } from '@/core/note/parse';
import { pitch } from '@/core/note/pitch';
import { ALTERATIONS, asciiName, spelled } from '@/core/note/spelled';
import { DIRECTIONS } from '@/core/scale/direction';
import { SCALE_IDS } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES } from '@/core/scale/printed';
import { scaleNamed } from '@/core/scale/scale';
import { SCALE_TABLE } from '@/core/scale/scale-table';
import { writeOut } from '@/core/scale/written';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH, wordsOf } from '@/core/words/class-words';
import { sayFileWarning } from '@/core/words/say-file';
import { INKS } from '@/engrave/scene';
import { engraveStaff } from '@/engrave/staff';
import { decodeText, plainName } from './file/decode';
import { fileName } from './file-name';
import { COMPRESSED_MUSICXML } from './musicxml/format';
import { scoreOfScale } from './musicxml/from-scale';
import { readScore } from './musicxml/read-parts';
import type { Score } from './musicxml/score';
import { unpackMxl } from './musicxml/unpack';
import { writeMusicXml } from './musicxml/write';
import { DAY_INKS, writeSvg } from './svg/write';
import { readTextList } from './text-list/read';
import { escapeXml } from './xml/escape';

const note = fc.record({
  pitch: fc
    .tuple(fc.constantFrom(...LETTERS), fc.constantFrom(...ALTERATIONS), fc.integer({ min: 0, max: 8 }))
    .map(([letter, alteration, octave]) => pitch(spelled(letter, alteration), octave)),
  printed: fc.option(fc.constantFrom(...ALTERATIONS)),
});
const score: fc.Arbitrary<Score> = fc.record({
  title: fc
    .string({ unit: fc.constantFrom(...'aZ0 ♯♭𝄪&<>"\'é漢'), maxLength: 20 })
    .map((text) => text.trim()),
  clef: fc.constantFrom(...CLEFS),
  fifths: fc.integer({ min: -7, max: 7 }),
  mode: fc.constantFrom('major', 'minor', null),
  code: fc.constantFrom(null, 'C# melodic-minor down written'),
  notes: fc.array(note, { minLength: 1, maxLength: 20 }),
});

/** What a score that was read says of the one line in it, in the shape it was written from. */
function readBack(document: string): Omit<Score, 'mode'> | string {
  const reading = readScore(document);
  if (!reading.ok) return reading.problem.code;
  const [line] = reading.lines;
  const [first] = line?.notes ?? [];
  return {
    title: reading.title,
    clef: first?.clef ?? 'treble',
    fifths: first?.fifths ?? 0,
    code: reading.code,
    notes: (line?.notes ?? []).map((each) => ({ pitch: each.pitch, printed: each.printed })),
  };
}

function withoutMode({ mode: _, ...written }: Score): Omit<Score, 'mode'> {
  return { ...written, title: plainName(written.title) };
}

describe('MusicXML', () => {
  it('comes back as it was written, whatever the score', () => {
    fc.assert(
      fc.property(score, (written) => {
        expect(readBack(writeMusicXml(written))).toEqual(withoutMode(written));
      }),
    );
  });

  it('comes back for every tonic, scale, clef, direction and signature', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const reading = scaleNamed(noteNamed(tonic), id);
        if (!reading.ok) throw new Error('cannot be spelled');
        for (const clef of CLEFS) {
          for (const direction of DIRECTIONS) {
            for (const signature of SIGNATURE_CHOICES) {
              const written = scoreOfScale(ENGLISH, writeOut(reading.scale, { direction, clef, signature }));
              const document = writeMusicXml(written);
              expect(readBack(document)).toEqual(withoutMode(written));
              expect(document).not.toContain('<time');
            }
          }
        }
      }
    }
  }, 60_000);

  it.each([
    ['', 'xml-broken'],
    ['not xml', 'xml-broken'],
    ['<score-timewise></score-timewise>', 'xml-timewise'],
    ['<html><body/></html>', 'xml-other'],
    ['<score-partwise><part></score-partwise>', 'xml-broken'],
    ['<score-partwise><!-- open', 'xml-broken'],
    ['<!DOCTYPE a [<!ENTITY x "y">]><score-partwise/>', 'file-entities'],
    ['<!DOCTYPE a [<!ELEMENT b ANY>]><score-partwise/>', 'file-entities'],
    [`${'<a>'.repeat(60)}${'</a>'.repeat(60)}`, 'file-deep'],
  ])('refuses %j as %s', (document, code) => {
    expect(readBack(document)).toBe(code);
  });
});

describe('scores of other programs', () => {
  const part = (id: string, ...measures: readonly string[]) =>
    `<part id="${id}">${measures.map((inside, index) => `<measure number="${index + 1}">${inside}</measure>`).join('')}</part>`;
  const head = (names: Readonly<Record<string, string>>) =>
    `<part-list>${Object.entries(names)
      .map(([id, name]) => `<score-part id="${id}"><part-name>${name}</part-name></score-part>`)
      .join('')}</part-list>`;
  const sounding = (text: string, more = '') =>
    text
      .split(' ')
      .map(
        ([step, octave]) =>
          `<note><pitch><step>${step}</step><octave>${octave}</octave></pitch>${more}</note>`,
      )
      .join('');
  const read = (document: string) => {
    const reading = readScore(
      `<?xml version="1.0"?><score-partwise version="3.1">${document}</score-partwise>`,
    );
    if (!reading.ok) throw new Error(reading.problem.code);
    return reading;
  };

  it('are read part by part and voice by voice, with clefs and signatures where they stand', () => {
    const clef = (number: string, sign: string, line: string) =>
      `<clef number="${number}"><sign>${sign}</sign><line>${line}</line></clef>`;
    const attributes = `<attributes><key><fifths>-2</fifths></key>${clef('1', 'G', '2')}${clef('2', 'F', '4')}</attributes>`;
    const low = sounding('C3 D3', '<voice>5</voice><staff>2</staff>');
    const later = `<attributes><clef number="2"><sign>C</sign><line>3</line></clef></attributes>${sounding('E3', '<voice>5</voice><staff>2</staff>')}`;
    const { lines } = read(
      head({ P1: 'Harbour piano', P2: '' }) +
        part('P1', attributes + sounding('C5 D5') + low, later) +
        part('P2', ''),
    );
    expect(lines.map((line) => [line.part, line.notes.length])).toEqual([
      ['Harbour piano', 2],
      ['Harbour piano', 3],
      // Both staves together.
      ['Harbour piano', 5],
      ['Part 2', 0],
    ]);
    expect(lines[1]?.notes.map((note) => [note.clef, note.fifths, note.measure])).toEqual([
      ['bass', -2, '1'],
      ['bass', -2, '1'],
      ['alto', -2, '2'],
    ]);
  });

  it('pass over rests, grace notes, lower notes of chords and tied repetitions, and count what has no letter', () => {
    const odd = [
      `<note><chord/><pitch><step>A</step><octave>3</octave></pitch></note>`,
      '<note><rest/></note>',
      `<note><grace/><pitch><step>A</step><octave>4</octave></pitch></note>`,
      `<note><pitch><step>C</step><octave>4</octave></pitch><tie type="stop"/></note>`,
      `<note><pitch><step>H</step><octave>4</octave></pitch></note>`,
      `<note><pitch><step>C</step><alter>0.5</alter><octave>4</octave></pitch></note>`,
    ].join('');
    const { lines } = read(head({ P1: 'Horn' }) + part('P1', sounding('C4') + odd + sounding('D4')));
    expect(lines[0]?.notes).toHaveLength(2);
    expect(lines[0]?.passedOver).toEqual({ count: 2, measure: '1' });
  });

  it('carry names that are only text', () => {
    const { lines, title } = read(
      `<work><work-title>&lt;script&gt;alert(1)&lt;/script&gt;</work-title></work>${head({ P1: 'Horn&#10;&amp; friends' })}${part('P1', sounding('C4'))}`,
    );
    expect(title).toBe('<script>alert(1)</script>');
    expect(lines[0]?.part).not.toContain('\n');
    expect(plainName('a\u0000b\u202ec'.repeat(60))).toHaveLength(80);
  });

  it('are decoded as they say they are', () => {
    const utf16 = (text: string, little: boolean) => {
      const bytes = new Uint8Array(2 * text.length);
      for (let at = 0; at < text.length; at += 1) {
        const code = text.charCodeAt(at);
        bytes[2 * at + (little ? 0 : 1)] = code & 255;
        bytes[2 * at + (little ? 1 : 0)] = code >> 8;
      }
      return bytes;
    };
    expect(decodeText(utf16('\ufeff<é/>', true))).toEqual({ ok: true, text: '<é/>' });
    expect(decodeText(utf16('<é/>', false))).toEqual({ ok: true, text: '<é/>' });
    const latin = Uint8Array.from(
      [...'<?xml version="1.0" encoding="ISO-8859-1"?><a>é</a>'].map((c) => c.charCodeAt(0)),
    );
    expect(decodeText(latin)).toMatchObject({ ok: true });
    expect(decodeText(Uint8Array.from([0x3c, 0xff, 0xfe, 0x3e]))).toEqual({
      ok: false,
      problem: { code: 'file-encoding', encoding: 'utf-8' },
    });
    const unknown = new TextEncoder().encode('<?xml version="1.0" encoding="EBCDIC-XY"?><a/>');
    expect(decodeText(unknown)).toMatchObject({ problem: { encoding: 'ebcdic-xy' } });
  });
});

describe('compressed scores', () => {
  const score = new TextEncoder().encode('<score-partwise/>');
  const container = (path: string) =>
    new TextEncoder().encode(`<container><rootfiles><rootfile full-path="${path}"/></rootfiles></container>`);

  it('are unpacked by their container, or without one by the first score in them', () => {
    const packed = zipSync({
      'META-INF/container.xml': container('deep/song.xml'),
      'a.xml': container('x'),
      'deep/song.xml': score,
    });
    expect(unpackMxl(packed)).toEqual({ ok: true, bytes: score });
    expect(unpackMxl(zipSync({ 'readme.txt': container('x'), 'song.musicxml': score }))).toEqual({
      ok: true,
      bytes: score,
    });
    expect(COMPRESSED_MUSICXML.sniff({ bytes: packed, text: null })).toBe(true);
  });

  it('are refused when broken, empty or far larger inside than outside', () => {
    const code = (bytes: Uint8Array) => {
      const unpacked = unpackMxl(bytes);
      return unpacked.ok ? 'read' : unpacked.problem.code;
    };
    expect(code(zipSync({ 'song.musicxml': score }).slice(0, 60))).toBe('zip-broken');
    expect(code(zipSync({ 'readme.txt': score }))).toBe('zip-no-score');
    expect(code(zipSync({ 'song.musicxml': new Uint8Array(20_000_000) }))).toBe('zip-bomb');
    const many = Object.fromEntries(Array.from({ length: 600 }, (_, index) => [`f${index}.txt`, score]));
    expect(code(zipSync(many))).toBe('zip-bomb');
  });
});

describe('text lists of scales', () => {
  const read = (text: string, w = ENGLISH) => {
    const { scales, warnings } = readTextList(w, text);
    return [
      ...scales.map(({ line, request }) =>
        [
          line,
          asciiName(request.tonic),
          request.scale,
          request.direction,
          request.clef,
          request.signature,
        ].join(' '),
      ),
      ...warnings.map((warning) => sayFileWarning(warning)),
    ];
  };

  it('are read line by line, as far as each line says', () => {
    expect(
      read(
        '# Week 4\n\n1. C# harmonic minor, down, bass clef\n- Eb major.\nBuild B flat melodic minor, going up and down, in the alto clef, without a key signature.\nD ionian; tenor',
      ),
    ).toEqual([
      '3 C# harmonic-minor down bass ',
      '4 Eb major   ',
      '5 Bb melodic-minor both alto none',
      '6 D major  tenor ',
    ]);
  });

  it('are read in the names of the class', () => {
    const german = wordsOf({ ...USUAL_SETTINGS, noteNames: 'german', keyNames: 'german' });
    expect(read('b-Moll harmonic\nH-Dur\nFis major', german)).toEqual([
      '1 Bb harmonic-minor   ',
      '2 B major   ',
      '3 F# major   ',
    ]);
  });

  it('say of every other line why it was passed over', () => {
    expect(read('F minor\nGis major\nA major, sideways\nhello there')).toEqual([
      "Line 1, 'F minor': Which minor? Write natural, harmonic or melodic minor.",
      expect.stringContaining("Line 2, 'Gis major': 'Gis' is not a note name here."),
      "Line 3, 'A major, sideways': 'sideways' is no direction, clef or signature.",
      expect.stringContaining('No scale was read.'),
    ]);
  });
});

describe('SVG', () => {
  it('stands alone, with title and description escaped', () => {
    const reading = scaleNamed(noteNamed('Bb'), 'melodic-minor');
    if (!reading.ok) throw new Error('cannot be spelled');
    const scene = engraveStaff(
      writeOut(reading.scale, { direction: 'both', clef: 'tenor', signature: 'none' }),
      736,
    );
    const svg = writeSvg(scene, 'B♭ <melodic> & "minor"', 'both\u0000 ways');
    expect(svg).toContain('<title>B♭ &lt;melodic&gt; &amp; &quot;minor&quot;</title>');
    expect(svg).toContain('<desc>both ways</desc>');
    expect(svg).not.toMatch(/class=|style=|href=|font-face|NaN|undefined/u);
  });

  it('has the day colours of the stylesheet', () => {
    const css =
      readFileSync(new URL('../styles/tokens.css', import.meta.url), 'utf8').split(
        "[data-light='night']",
      )[0] ?? '';
    for (const ink of INKS.filter((name) => name !== 'none')) {
      const token = new RegExp(`--${ink}: (#[0-9a-f]{6});`, 'u').exec(css)?.[1];
      expect(token?.toUpperCase(), ink).toBe(DAY_INKS[ink]);
    }
  });
});

describe('XML text', () => {
  it('keeps every character that XML allows and leaves out what it does not', () => {
    expect(escapeXml('F♯ & 𝄪 <a> \u0007\uFFFE\tb')).toBe('F♯ &amp; 𝄪 &lt;a&gt; \tb');
    const parser = new XMLParser({ trimValues: false, parseTagValue: false, ignoreAttributes: false });
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', minLength: 1, maxLength: 50 }), (text) => {
        const { a } = parser.parse(`<a b="${escapeXml(text)}">x${escapeXml(text)}</a>`);
        expect([a['@_b'], a['#text']]).toEqual([text, `x${text}`]);
      }),
    );
  });
});

describe('file names', () => {
  it('are plain ASCII that says what is inside', () => {
    const reading = scaleNamed(noteNamed('F##'), 'natural-minor');
    if (!reading.ok) throw new Error('cannot be spelled');
    const written = writeOut(reading.scale, { direction: 'both', clef: 'alto', signature: 'none' });
    expect(fileName(written)).toBe('F-double-sharp-natural-minor-up-and-down-alto');
  });
});
