import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { XMLParser } from 'fast-xml-parser';
import { describe, expect, it } from 'vitest';
import { CLEFS } from '@/core/instrument/staff';
import { LETTERS } from '@/core/note/letter';
import { noteNamed } from '@/core/note/parse';
import { pitch } from '@/core/note/pitch';
import { ALTERATIONS, spelled } from '@/core/note/spelled';
import { DIRECTIONS } from '@/core/scale/line';
import { SCALE_IDS } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES } from '@/core/scale/printed';
import { scaleNamed } from '@/core/scale/scale';
import { SCALE_TABLE } from '@/core/scale/scale-table';
import { writeOut } from '@/core/scale/written';
import { INKS } from '@/engrave/scene';
import { engraveStaff } from '@/engrave/staff';
import { fileName } from './file-name';
import { scoreOfScale } from './musicxml/from-scale';
import { readMusicXml } from './musicxml/read';
import type { Score } from './musicxml/score';
import { writeMusicXml } from './musicxml/write';
import { DAY_INKS, writeSvg } from './svg/write';
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
  notes: fc.array(note, { minLength: 1, maxLength: 20 }),
});

describe('MusicXML', () => {
  it('comes back as it was written, whatever the score', () => {
    fc.assert(
      fc.property(score, (written) => {
        expect(readMusicXml(writeMusicXml(written))).toEqual({ ok: true, score: written });
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
              expect(readMusicXml(document)).toEqual({ ok: true, score: written });
              expect(document).not.toContain('<time');
            }
          }
        }
      }
    }
  });

  it.each([
    ['', 'score-partwise'],
    ['not xml', 'score-partwise'],
    ['<score-timewise/>', 'score-partwise'],
    ['<score-partwise><part/></score-partwise>', 'part'],
  ])('names where %j cannot be read', (document, where) => {
    expect(readMusicXml(document)).toEqual({ ok: false, problem: { code: 'musicxml-unreadable', where } });
  });

  it('names a key, a clef and a note that are none', () => {
    const good = writeMusicXml({
      title: 'x',
      clef: 'bass',
      fifths: 0,
      mode: null,
      notes: [{ pitch: pitch(noteNamed('C'), 3), printed: null }],
    });
    const where = (from: string, to: string) => {
      const reading = readMusicXml(good.replace(from, to));
      return reading.ok ? 'read' : reading.problem.where;
    };
    expect(where('<fifths>0', '<fifths>12')).toBe('fifths');
    expect(where('<sign>F', '<sign>G')).toBe('clef');
    expect(where('<step>C', '<step>H')).toBe('step');
    expect(where('<octave>3', '<octave>three')).toBe('octave');
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
    expect(fileName(written, 'musicxml')).toBe('F-double-sharp-natural-minor-up-and-down-alto.musicxml');
  });
});
