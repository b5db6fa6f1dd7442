import { describe, expect, it } from 'vitest';
import { noteNamed } from '@/core/note/parse';
import { asciiName } from '@/core/note/spelled';
import { type Part, type PlayAsked, partAsked } from '@/core/play/part';
import { PLAY_PATTERNS } from '@/core/play/pattern';
import { readTune } from '@/core/play/tune';
import { shippedTune, TUNE_IDS } from '@/core/play/tunes';
import { PATTERNS, SCALE_IDS } from '@/core/scale/pattern';
import { taughtTonics } from '@/core/scale/taught';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { saySung } from '@/core/words/say-sung';
import { readAbc } from '../abc/read';
import { writeAbc } from '../abc/write';
import { readMidiMelody } from '../midi/read-melody';
import { writeMidiPart } from '../midi/write';
import { readMelody } from '../musicxml/read-melody';
import { writeMusicXmlPart } from '../musicxml/write-part';
import type { Melody } from './melody';
import { tuneOfMelody } from './to-tune';

const ASKED: PlayAsked = {
  ...{ tonic: noteNamed('C'), scale: 'major', pattern: 'tune', degree: 1, range: 'one', rhythm: 'eighths' },
  ...{ player: 'concert', named: 'written', signature: 'written', articulation: 'tongued' },
  tune: 'harbour-lamp',
};

const TEMPO = 72;

function part(asked: Partial<PlayAsked>): Part {
  const reading = partAsked({ ...ASKED, ...asked }, USUAL_SETTINGS);
  if (!reading.ok) throw new Error(reading.problem.code);
  return reading.part;
}

/** Every way out and in again. */
const WAYS: Readonly<Record<string, (part: Part, name: string) => Melody | null>> = {
  abc: (out, name) => {
    const reading = readAbc(writeAbc(out, name, TEMPO, saySung(ENGLISH, out, 'words')));
    return reading.ok ? reading.melody : null;
  },
  musicxml: (out, name) => readMelody(writeMusicXmlPart(out, name, TEMPO, saySung(ENGLISH, out, 'words'))),
  midi: (out, name) => readMidiMelody(writeMidiPart(out, name, TEMPO), name),
};

const tuneBack = (melody: Melody | null) => {
  const found = melody && tuneOfMelody(melody);
  if (!found?.ok) throw new Error(found ? found.why : 'nothing was read');
  return found.tune;
};

describe.each(Object.entries(WAYS))('a tune out as %s and in again', (way, through) => {
  it('has the same degrees, lengths and bars, in every key and every mode it is set in', () => {
    for (const id of TUNE_IDS)
      for (const scale of SCALE_IDS)
        for (const tonic of taughtTonics(PATTERNS[scale].mode, USUAL_SETTINGS)) {
          const out = part({ tune: id, scale, tonic });
          const back = tuneBack(through(out, shippedTune(id).name));
          const where = `${id} ${asciiName(tonic)} ${scale}`;
          const read = readTune(back.code);
          if (!read.ok) throw new Error(where);
          const { tune } = read;
          // Of forms and modes a MIDI file says no more than major or minor: there the notes decide.
          const known = way !== 'midi' || ['major', 'natural-minor'].includes(scale);
          if (known && scale !== 'melodic-minor' && scale !== 'harmonic-minor') {
            expect(`${back.tonic} ${back.scale}`, where).toBe(`${asciiName(tonic)} ${scale}`);
            expect(tune.notes, where).toEqual(shippedTune(id).notes);
          }
          expect(
            tune.notes.map(({ length }) => length),
            where,
          ).toEqual(shippedTune(id).notes.map(({ length }) => length));
          expect([tune.meter, tune.upbeat, tune.name], where).toEqual([
            shippedTune(id).meter,
            shippedTune(id).upbeat,
            shippedTune(id).name,
          ]);
          // Set again in the key it was read in, it is the same music.
          const again = part({ tune: back.code, scale: back.scale, tonic: noteNamed(back.tonic) });
          expect(
            again.notes.map(({ pitch }) => pitch.note),
            where,
          ).toEqual(out.notes.map(({ pitch }) => pitch.note));
          if (way !== 'midi') expect(tune.words, where).toEqual(shippedTune(id).words);
        }
  });

  it('is what a pattern was, note for note', () => {
    for (const pattern of PLAY_PATTERNS)
      for (const scale of ['major', 'harmonic-minor', 'melodic-minor'] as const) {
        const out = part({ pattern, scale, tonic: noteNamed('E'), articulation: 'two-and-two' });
        const back = tuneBack(through(out, 'A pattern'));
        const again = part({ tune: back.code, scale: back.scale, tonic: noteNamed(back.tonic) });
        expect(again.notes.map(({ pitch }) => pitch.note)).toEqual(out.notes.map(({ pitch }) => pitch.note));
        expect(again.bars.flat().filter(({ note }) => note !== null)).toEqual(
          out.bars.flat().filter(({ note }) => note !== null),
        );
      }
  });
});

describe('a tune of another program', () => {
  it('in ABC is read with its signs in force to the bar line, and what is not read is told', () => {
    const text = `%abc-2.1
X: 7
T:Third Buoy
C:somebody % a remark
M:3/4
L:1/8
Q:1/4=100
K:Gm
"Gm" D2 | G2 ^F2 (F2 | "D7" .A2 =F2 !trill!F2) | [M:3/4] _e3 d c2 | B,2 z2 D2 ||
w: one two three four five six sev- en eight nine ten e- lev
`;
    const reading = readAbc(text);
    if (!reading.ok) throw new Error(reading.problem.read);
    const { notes, upbeat, title, fifths, scale } = reading.melody;
    expect([title, fifths, scale, upbeat]).toEqual(['Third Buoy', -2, 'natural-minor', 24]);
    const said = notes.map(
      ({ pitch, ticks }) => `${pitch ? asciiName(pitch.note) + pitch.octave : '-'}:${ticks}`,
    );
    expect(said.join(' ')).toBe(
      'D4:24 G4:24 F#4:24 F#4:24 A4:24 F4:24 F4:24 Eb5:36 D5:12 C5:24 Bb3:24 -:24 D4:24',
    );
    const why = (music: string) => {
      const read = readAbc(`X:1\nM:4/4\nL:1/4\nK:C\n${music}\n`);
      return read.ok ? null : read.problem;
    };
    expect(why('(3CDE F')).toMatchObject({ why: 'tuplet' });
    expect(why('C D [CEG]')).toMatchObject({ why: 'unread', read: '[CEG]' });
    expect(readAbc('X:1\nK:wild\nC')).toEqual({ ok: false, problem: { why: 'no-key', read: 'wild' } });
  });

  it('in MusicXML has ties joined, one voice, and bars of other beats are told', () => {
    const note = (step: string, duration: number, more = '') =>
      `<note><pitch><step>${step}</step><octave>4</octave></pitch><duration>${duration}</duration>${more}<voice>1</voice></note>`;
    const score = (beats: number, unit: number) => `<?xml version="1.0"?><score-partwise version="4.0">
<movement-title>Slack Tide</movement-title><part-list><score-part id="P1"><part-name>Pipe</part-name></score-part></part-list>
<part id="P1"><measure number="1"><attributes><divisions>2</divisions><key><fifths>0</fifths></key>
<time><beats>${beats}</beats><beat-type>${unit}</beat-type></time></attributes>
${note('C', 2, '<tie type="start"/>')}${note('C', 2, '<tie type="stop"/>')}${note('G', 4)}
<note><chord/><pitch><step>E</step><octave>4</octave></pitch><duration>4</duration><voice>1</voice></note>
<backup><duration>8</duration></backup><note><pitch><step>C</step><octave>3</octave></pitch><duration>8</duration><voice>2</voice></note>
</measure></part></score-partwise>`;
    const melody = readMelody(score(4, 4));
    expect(melody && tuneOfMelody(melody)).toMatchObject({
      ok: true,
      tune: { name: 'Slack Tide', code: 'Slack Tide: 4/4 1 - 5 -', tonic: 'C', scale: 'major' },
    });
    const odd = readMelody(score(7, 8));
    expect(odd && tuneOfMelody(odd)).toEqual({ ok: false, why: 'meter' });
    expect(readMelody('<html/>')).toBeNull();
  });

  it('in a broken MIDI file is none, and does no harm', () => {
    const whole = writeMidiPart(part({}), 'x', TEMPO);
    for (let cut = 0; cut < whole.length; cut += 3) {
      const melody = readMidiMelody(whole.slice(0, cut), 'x');
      if (melody) tuneOfMelody(melody);
    }
    expect(readMidiMelody(new Uint8Array([0x4d, 0x54, 0x68, 0x64]), 'x')).toBeNull();
  });
});
