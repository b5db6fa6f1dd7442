import { describe, expect, it } from 'vitest';
import { TUNING_IDS } from '@/core/instrument/fretboard';
import { TRANSPOSING } from '@/core/instrument/transposing';
import { SCALE_IDS } from '@/core/scale/pattern';
import { SCALE_TABLE, tableScale } from '@/core/scale/scale-table';
import { answerAsk } from './_ask-answer';
import { answerFrets } from './_frets-answer';
import type { Answer } from './_respond';
import { answerScale } from './_scale-answer';
import { askAnswer, fretsAnswer, scaleAnswer } from './_schemas';

const at = (path: string) => new URL(path, 'http://x/api/v1/');

const sent = (name: string, query: Readonly<Record<string, string>>) =>
  at(`${name}?${new URLSearchParams(query)}`);

function body(answer: Answer): Record<string, unknown> {
  if (!answer.ok) throw new Error(answer.problem.detail);
  return JSON.parse(answer.text);
}

const places = (query: Readonly<Record<string, string>>) =>
  fretsAnswer
    .parse(body(answerFrets(sent('frets', query))))
    .places.map(({ string, fret, pitch, degree }) => `${string}:${fret} ${pitch} ${degree}`);

describe('GET /frets', () => {
  it('answers with the places of a span, by sound and then by string', () => {
    expect(places({ tonic: 'F', scale: 'major', tuning: 'ukulele', to: '2' })).toEqual([
      '3:0 C4 5',
      '3:2 D4 6',
      '2:0 E4 7',
      '2:1 F4 1',
      '4:0 G4 2',
      '1:0 A4 3',
      '4:2 A4 3',
      '1:1 Bb4 4',
    ]);
    expect(places({ tonic: 'Cb', scale: 'major', tuning: 'E1, A1, D2, G2', from: '2', to: '2' })).toEqual([
      '4:2 Gb1 5',
      '3:2 Cb2 1',
      '2:2 Fb2 4',
    ]);
    expect(places({ tonic: 'D', steps: '1,3,1,2,1,3,1', tuning: 'D3,A3', to: '1' })).toEqual([
      '2:0 D3 1',
      '2:1 Eb3 2',
      '1:0 A3 5',
      '1:1 Bb3 6',
    ]);
  });

  it('answers with the first four frets where nothing is said, for every scale and tuning', () => {
    for (const { tonic } of SCALE_TABLE.slice(0, 8)) {
      for (const scale of SCALE_IDS) {
        for (const tuning of TUNING_IDS) {
          const answer = body(answerFrets(sent('frets', { tonic, scale, tuning })));
          expect(fretsAnswer.parse(answer)).toEqual(answer);
          expect(answer).toMatchObject({ from: 0, to: 4 });
        }
      }
    }
  });

  it.each([
    ['frets?tonic=E&scale=major', 400, 'tuning'],
    ['frets?tuning=guitar&scale=major', 400, 'tonic'],
    ['frets?tonic=E&tuning=guitar', 400, 'scale'],
    ['frets?tonic=E&scale=bebop&tuning=guitar', 422, 'scale'],
    ['frets?tonic=E&scale=major&tuning=lute', 422, 'tuning'],
    ['frets?tonic=E&scale=major&tuning=E2', 422, 'tuning'],
    ['frets?tonic=E&scale=major&tuning=constructor', 422, 'tuning'],
    ['frets?tonic=E&scale=major&tuning=E2,,A2', 422, 'tuning'],
    [`frets?tonic=E&scale=major&tuning=${Array(13).fill('E2').join()}`, 422, 'tuning'],
    ['frets?tonic=E&scale=major&tuning=guitar&to=25', 422, 'to'],
    ['frets?tonic=E&scale=major&tuning=guitar&from=-1', 422, 'from'],
    ['frets?tonic=E&scale=major&tuning=guitar&from=x', 400, 'from'],
    ['frets?tonic=E&scale=major&tuning=guitar&from=7', 422, 'to'],
    ['frets?tonic=E&scale=major&tuning=guitar&capo=2', 400, 'capo'],
  ])('%s is refused', (path, status, field) => {
    const answer = answerFrets(at(path));
    expect(answer.ok ? null : answer.problem).toMatchObject({ status, errors: [{ pointer: `#/${field}` }] });
  });
});

describe('GET /scale for an instrument', () => {
  it('has the concert key as before, and what the instrument reads', () => {
    const query = { tonic: 'E', scale: 'harmonic-minor' };
    const plain = body(answerScale(sent('scale', query)));
    const read = body(answerScale(sent('scale', { ...query, instrument: 'tenor-saxophone' })));
    expect(read).toEqual({
      ...plain,
      instrument: 'tenor-saxophone',
      semitones: 14,
      written: read['written'],
    });
    expect(read['written']).toEqual({
      tonic: 'F#',
      scale: 'harmonic-minor',
      signature: { fifths: 3, accidentals: ['F#', 'C#', 'G#'] },
      ascending: 'F# G# A B C# D E# F#'.split(' '),
      descending: 'F# E# D C# B A G# F#'.split(' '),
      enharmonic: false,
    });
  });

  it('takes the twin past seven signs, and concert pitch as it is', () => {
    const alto = { tonic: 'B', scale: 'major', instrument: 'alto-saxophone' };
    expect(body(answerScale(sent('scale', alto)))['written']).toMatchObject({
      tonic: 'Ab',
      signature: { fifths: -4 },
      enharmonic: true,
    });
    const concert = body(answerScale(sent('scale', { tonic: 'B', scale: 'major', instrument: 'concert' })));
    expect(concert).toMatchObject({ semitones: 0, written: { tonic: 'B', enharmonic: false } });
  });

  it('agrees with the table for every instrument and tonic, and is as the document says', () => {
    const rows = new Map(SCALE_TABLE.map((row) => [row.tonic, row]));
    for (const instrument of Object.keys(TRANSPOSING)) {
      for (const { tonic } of SCALE_TABLE) {
        const answer = body(answerScale(sent('scale', { tonic, scale: 'natural-minor', instrument })));
        const { written } = scaleAnswer.parse(answer);
        const row = rows.get(written?.tonic ?? '');
        if (row) expect(written?.ascending).toEqual(tableScale(row, 'natural-minor').up);
      }
    }
  });

  it('is asked for in shorthand too', () => {
    const answer = askAnswer.parse(body(answerAsk(sent('ask', { q: 'E harm min for tenor sax' }))));
    expect(answer.readings).toMatchObject([
      { tonic: 'E', scale: 'harmonic-minor', instrument: 'tenor-saxophone' },
    ]);
    expect(answer.readings[0]?.href).toContain('instrument=tenor-saxophone');
  });

  it('refuses an instrument that it does not know', () => {
    const answer = answerScale(at('scale?tonic=B&scale=major&instrument=serpent'));
    expect(answer.ok ? null : answer.problem).toMatchObject({ status: 422 });
    expect(answer.ok ? '' : answer.problem.detail).toContain('tenor-saxophone');
  });
});
