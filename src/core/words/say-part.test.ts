import { describe, expect, it } from 'vitest';
import { TRANSPOSING } from '../instrument/transposing';
import { noteNamed } from '../note/parse';
import { partForInstrument } from '../scale/for-instrument';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { SCALE_TABLE } from '../scale/scale-table';
import { writeOut } from '../scale/written';
import { CHOICES, USUAL_SETTINGS } from '../school/settings';
import { ENGLISH, wordsOf } from './class-words';
import { sayPart } from './say-part';

const WRITING = { direction: 'up', clef: 'treble', signature: 'written' } as const;

function said(tonic: string, id: ScaleId, name: string, w = ENGLISH) {
  const reading = scaleNamed(noteNamed(tonic), id);
  const instrument = TRANSPOSING[name];
  if (!reading.ok || !instrument) throw new RangeError(`${tonic} ${id} ${name}`);
  const { modesWritten } = w.settings;
  const concert = writeOut(reading.scale, { ...WRITING, modesWritten });
  const part = partForInstrument(concert, instrument, modesWritten);
  if (!part) throw new RangeError(`${tonic} ${id} cannot be written for ${name}`);
  return { part, concert, instrument, lines: sayPart(w, reading.scale, instrument, part) };
}

describe('why a part is written in its key', () => {
  it('is said in the interval, the signature and the other spelling', () => {
    expect(said('E', 'harmonic-minor', 'tenor-saxophone').lines).toEqual([
      'Written a major 9th above concert pitch, 14 half steps.',
      'The signature moves two to the sharp side: one sharp becomes three sharps.',
    ]);
    expect(said('B', 'major', 'alto-saxophone').lines).toEqual([
      'Written a major 6th above concert pitch, 9 half steps.',
      'The signature moves three to the sharp side: five sharps become eight sharps.',
      'G♯ major would have eight sharps, more than seven; A♭ major sounds the same with four flats.',
    ]);
    expect(said('C', 'major', 'piccolo').lines).toEqual([
      'Written an octave below concert pitch, 12 half steps.',
    ]);
    expect(said('F', 'major', 'a-clarinet').lines[1]).toBe(
      'The signature moves three to the flat side: one flat becomes four flats.',
    );
  });

  it('is true of every part: what is counted is on its staff, in every school', () => {
    const words =
      'no one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen'.split(
        ' ',
      );
    const counted = (text: string) => {
      const found = /(\w+) (sharps?|flats?)(?: or flats)?$/u.exec(text);
      const count = words.indexOf(found?.[1] ?? '');
      const figure = count < 0 ? Number(found?.[1]) : count;
      return found?.[2]?.startsWith('flat') ? -figure : figure;
    };
    let claims = 0;
    for (const modesWritten of CHOICES.modesWritten) {
      const w = wordsOf({ ...USUAL_SETTINGS, modesWritten });
      for (const { tonic } of SCALE_TABLE) {
        for (const id of SCALE_IDS) {
          for (const name of Object.keys(TRANSPOSING)) {
            const { part, concert, lines } = said(tonic, id, name, w);
            const moves = lines.find((line) => line.startsWith('The signature moves'));
            const twin = lines.find((line) => line.includes('more than seven'));
            const [, from = '', to = ''] = /: (.+?) becomes? (.+?)\.$/u.exec(moves ?? '') ?? [];
            if (moves && concert.atClef !== null) expect(counted(from)).toBe(concert.atClef);
            if (moves && !part.enharmonic) expect(counted(to)).toBe(part.part.atClef);
            const [, would = '', has = ''] = /would have (.+?), more.+ with (.+?)\.$/u.exec(twin ?? '') ?? [];
            if (twin) {
              expect(counted(would)).toBe(part.straight.signature);
              expect(counted(has)).toBe(part.part.atClef);
              expect(Math.abs(counted(would))).toBeGreaterThan(7);
            }
            claims += (moves ? 1 : 0) + (twin ? 1 : 0);
            expect(part.enharmonic).toBe(lines.some((line) => line.includes('sounds the same')));
          }
        }
      }
    }
    console.info(`${claims} sentences about parts`);
    expect(claims).toBeGreaterThan(3400);
  });
});
