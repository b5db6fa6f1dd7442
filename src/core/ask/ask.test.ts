import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Key } from '../harmony/key';
import { fretsCode } from '../instrument/ways';
import { asciiName } from '../note/spelled';
import { isTyped, scaleAsked } from '../scale/asked';
import { USUAL_SETTINGS } from '../school/settings';
import { ENGLISH, wordsOf } from '../words/class-words';
import { sayAskProblem } from '../words/say-ask';
import { ask } from './ask';
import { UNDERSTOOD_OF_HARMONY } from './harmony-phrases.test-data';
import { UNDERSTOOD } from './phrases.test-data';
import type { AskOptions, AskReading } from './reading';
import { REFUSED } from './refused-phrases.test-data';
import { UNDERSTOOD_OF_SHEETS } from './sheet-phrases.test-data';

function optionsText(options: AskOptions): string {
  const { direction, clef, signature, method, on, frets, tuning, instrument, octaves } = options;
  const shown = [
    ...[on && `on ${on}`, frets && fretsCode(frets), tuning],
    ...[octaves && `octaves ${octaves}`, instrument && `for ${instrument}`],
  ];
  return [direction, clef, signature, method && `by ${method}`, ...shown]
    .filter(Boolean)
    .map((each) => ` ${each}`)
    .join('');
}

const keyText = ({ tonic, mode }: Key) => `${asciiName(tonic)} ${mode}`;

/** A reading as the table writes it. */
function written(reading: AskReading): string {
  switch (reading.kind) {
    case 'scale':
      return `${asciiName(reading.tonic)} ${reading.scale}${optionsText(reading.options)}`;
    case 'compare': {
      const { beside } = reading;
      const other = typeof beside === 'string' ? beside : `${asciiName(beside.tonic)} ${beside.scale}`;
      return `${asciiName(reading.tonic)} ${reading.scale}${optionsText(reading.options)} beside ${other}`;
    }
    case 'key':
      return `signs ${reading.fifths}${reading.mode ? ` ${reading.mode}` : ''}`;
    case 'signature':
      return `signature of ${asciiName(reading.tonic)} ${reading.scale}`;
    case 'name':
      return `name ${reading.notes.length} notes`;
    case 'route':
      return `route ${keyText(reading.from)} to ${keyText(reading.to)}`;
    case 'chords':
      return `${reading.size} of ${keyText(reading.key)}`;
    case 'chord':
      return `chord ${asciiName(reading.root)} ${reading.quality}`;
    case 'note':
      return `fifths of ${asciiName(reading.note)}`;
    case 'order':
      return `order of ${reading.of}`;
    case 'degree':
      return `degree ${reading.degree} of ${asciiName(reading.tonic)} ${reading.scale} ${asciiName(reading.note)}`;
    case 'interval':
      return `${asciiName(reading.to)} ${reading.letters} letters ${reading.semitones} half steps ${reading.way > 0 ? 'above' : 'below'} ${asciiName(reading.from)}`;
    case 'circle':
      return `circle ${keyText(reading.key)}`;
    case 'mark':
      return `mark ${asciiName(reading.tonic)} ${reading.scale}${optionsText(reading.options)}`;
    case 'sheet': {
      const { count, topics, maxSigns, clefs, signature, version } = reading.sheet;
      const said = [
        count,
        topics.join('+'),
        maxSigns === null ? '' : `to ${maxSigns}`,
        clefs.join('+'),
        signature,
        version,
      ];
      return `sheet ${said.filter((each) => each !== null && each !== '').join(' ')}`;
    }
    case 'sheet-question':
      return `sheet-question ${asciiName(reading.tonic)} ${reading.scale}${optionsText(reading.options)}`;
    case 'play': {
      const { pattern, tune, range, player, tempo } = reading.said;
      const said = [pattern, tune, range, player, tempo].filter((each) => each !== null).join(' ');
      return `play ${asciiName(reading.tonic)} ${reading.scale}${optionsText(reading.options)}: ${said}`;
    }
    case 'place':
      return `place ${reading.place}`;
  }
}

const rows = (table: string, mark: string) =>
  table
    .trim()
    .split('\n')
    .filter((line) => line.includes(` ${mark} `))
    .map((line) => {
      const cut = line.lastIndexOf(` ${mark} `);
      return [line.slice(0, cut).trim(), line.slice(cut + 3).trim()] as const;
    });

/** Options in any order. */
const sorted = (text: string) => text.split(' ').sort().join(' ');

describe('shorthand that is understood', () => {
  const table = rows(`${UNDERSTOOD}${UNDERSTOOD_OF_HARMONY}${UNDERSTOOD_OF_SHEETS}`, '=');

  it('is a table of more than three hundred and fifty lines', () => {
    expect(table.length).toBeGreaterThanOrEqual(350);
  });

  it.each(table)('%s', (line, wanted) => {
    const { readings, problem } = ask(ENGLISH, line);
    expect(problem).toBeNull();
    expect(readings.map(written).map(sorted)).toEqual(wanted.split(' | ').map(sorted));
  });
});

describe('lines that are refused', () => {
  const table = rows(REFUSED, '>');

  it('are a table of more than eighty', () => {
    expect(table.length).toBeGreaterThanOrEqual(85);
  });

  it.each(table)('%s', (line, word) => {
    const { readings, problem } = ask(ENGLISH, line);
    expect(readings.map(written)).toEqual([]);
    expect(problem && sayAskProblem(ENGLISH, problem)).toContain(word);
  });
});

describe('in the names of a class', () => {
  it('German names are read as German, and one reading a line', () => {
    const german = wordsOf({
      ...USUAL_SETTINGS,
      noteNames: 'german',
      keyNames: 'german',
      stepWords: 'german',
      relatives: 'german',
    });
    const said = (line: string) => ask(german, line).readings.map(written);
    expect(said('cis-moll harmonic')).toEqual(['C# harmonic-minor']);
    expect(said('Es-Dur')).toEqual(['Eb major']);
    expect(said('B major')).toEqual(['Bb major']);
    expect(said('H dorisch')).toEqual(['B dorian']);
    expect(said('G G H G G G H from H')).toEqual(['B major']);
    expect(said('Paralleltonart of Des-Dur')).toEqual(['Bb natural-minor']);
    expect(said('F G As B C Des E F')).toEqual(['name 8 notes']);
  });

  it('fixed do reads its syllables', () => {
    const fixed = wordsOf({ ...USUAL_SETTINGS, noteNames: 'fixed-do' });
    expect(ask(fixed, 'Re dorian').readings.map(written)).toEqual(['D dorian']);
    expect(ask(fixed, 'Si♭ major').readings.map(written)).toEqual(['Bb major']);
  });
});

describe('any text', () => {
  it('gives readings that can be shown, or a clear word why not', () => {
    const piece = fc.constantFrom(
      'C',
      'F#',
      'Bb',
      'major',
      'minor',
      'harmonic',
      'of',
      'the',
      'relative',
      'signature',
      '4',
      'flats',
      'last',
      'sharp',
      'is',
      'W',
      'H',
      '2',
      'from',
      'vs',
      'by',
      'chain',
      'x',
      '#',
      'compare',
      'dorian',
      'but',
      'one',
      'no',
      '½',
    );
    const line = fc.oneof(
      fc.array(piece, { maxLength: 14 }).map((words) => words.join(' ')),
      fc.string({ unit: 'grapheme', maxLength: 400 }),
    );
    fc.assert(
      fc.property(line, (text) => {
        const { readings, problem } = ask(ENGLISH, text);
        if (problem) {
          expect(readings).toEqual([]);
          expect(sayAskProblem(ENGLISH, problem)).toMatch(/\.$/u);
        }
        for (const reading of readings) {
          if (reading.kind === 'scale' || reading.kind === 'compare')
            expect(scaleAsked(reading.tonic, reading.scale).ok).toBe(true);
          if (reading.kind === 'signature') expect(isTyped(reading.scale)).toBe(false);
          if (reading.kind === 'key') expect(Math.abs(reading.fifths)).toBeLessThanOrEqual(7);
          expect(written(reading)).not.toContain('undefined');
        }
        if (/[\p{L}\p{N}]/u.test(text) && readings.length === 0) expect(problem).not.toBeNull();
      }),
      { numRuns: 2000 },
    );
  });
});
