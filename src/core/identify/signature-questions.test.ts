import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { signaturePlaces } from '../instrument/signature-place';
import { CLEFS } from '../instrument/staff';
import { LETTERS } from '../note/letter';
import { noteNamed } from '../note/parse';
import { pitch } from '../note/pitch';
import { ALTERATIONS, asciiName, fifths, type SpelledNote, spelled } from '../note/spelled';
import { MODES, type Mode } from '../scale/mode';
import { NAMED_SCALE_IDS, type SCALE_IDS } from '../scale/pattern';
import { SCALE_TABLE, tableScale } from '../scale/scale-table';
import { accidentalsOf, isStandardSignature } from '../scale/signature';
import { CHOICES, USUAL_SETTINGS } from '../school/settings';
import { ENGLISH, wordsOf } from '../words/class-words';
import { sayHop, sayKeyStep, saySignatureProblem, sayWriteStep } from '../words/say-signature';
import { placeInSignature, readDrawn, readDrawnOn } from './drawn-signature';
import { KEY_ASKED, keysOf, rulesFor } from './key-of-signature';
import { writeSignature } from './signature-of-key';

/** The fifteen signatures with their major and minor keys and their signs, written by hand. */
const SIGNATURES = `
-7 | Cb | Ab | Bb Eb Ab Db Gb Cb Fb
-6 | Gb | Eb | Bb Eb Ab Db Gb Cb
-5 | Db | Bb | Bb Eb Ab Db Gb
-4 | Ab | F  | Bb Eb Ab Db
-3 | Eb | C  | Bb Eb Ab
-2 | Bb | G  | Bb Eb
-1 | F  | D  | Bb
0  | C  | A  |
1  | G  | E  | F#
2  | D  | B  | F# C#
3  | A  | F# | F# C# G#
4  | E  | C# | F# C# G# D#
5  | B  | G# | F# C# G# D# A#
6  | F# | D# | F# C# G# D# A# E#
7  | C# | A# | F# C# G# D# A# E# B#
`
  .trim()
  .split('\n')
  .map((line) => {
    const [count = '', major = '', minor = '', signs = ''] = line.split('|').map((cell) => cell.trim());
    return { count: fifths(Number(count)), major, minor, signs: signs.split(' ').filter(Boolean) };
  });

const texts = (question: Parameters<typeof keysOf>[0]) =>
  keysOf(question).steps.map(({ fact }) => {
    const { text, reason } = sayKeyStep(ENGLISH, fact);
    return reason ? `${text} ${reason}` : text;
  });

describe('which key has these signs', () => {
  it('is answered for every signature by every rule, major and minor, as the table has it', () => {
    let count = 0;
    for (const row of SIGNATURES) {
      for (const minorNaming of CHOICES.minorNaming) {
        for (const rule of [...rulesFor(row.count), ...(row.count === 0 ? [null] : [])]) {
          for (const asked of KEY_ASKED) {
            const { owners, steps } = keysOf({ count: row.count, asked, rule, minorNaming });
            const named = new Map(owners.map(({ mode, tonic }) => [mode, asciiName(tonic)]));
            if (asked === 'every' || asked === 'major') expect(named.get('major')).toBe(row.major);
            if (asked === 'every' || asked === 'minor') expect(named.get('minor')).toBe(row.minor);
            expect(owners).toHaveLength(asked === 'every' ? 7 : 1);
            for (const { fact, signs } of steps) {
              expect(sayKeyStep(ENGLISH, fact).text).toMatch(/^[A-Z].*\.$/u);
              for (const at of signs) expect(at).toBeLessThan(row.signs.length);
              // The rule itself leads to the key, by the sign it names.
              if (fact.code === 'major-by-rule' || fact.code === 'no-last-but-one')
                expect(asciiName(fact.major)).toBe(row.major);
            }
            count += 1;
          }
        }
      }
    }
    expect(count).toBe(2 * 8 * (14 * 2 + 1));
  });

  it('is answered for the modes as scales written by hand have it', () => {
    const modes: readonly Exclude<Mode, 'major' | 'minor'>[] = MODES.filter(
      (mode) => mode !== 'major' && mode !== 'minor',
    ) as never;
    for (const { count, signs } of SIGNATURES) {
      for (const mode of modes) {
        const [owner] = keysOf({ count, asked: mode, rule: null, minorNaming: 'relative' }).owners;
        const row = SCALE_TABLE.find(({ tonic }) => owner && tonic === asciiName(owner.tonic));
        if (!row) throw new Error(`${mode} of ${count}`);
        const altered = new Set(tableScale(row, mode).up.filter((note) => note.length > 1));
        expect([...altered].sort()).toEqual([...signs].sort());
      }
    }
  });

  it('gives the reason, and the exception with its reason', () => {
    expect(
      texts({ count: fifths(-4), asked: 'major', rule: 'last-but-one', minorNaming: 'relative' }),
    ).toEqual([
      'Four flats, by the order of flats: B♭ E♭ A♭ D♭.',
      'The last flat but one is A♭: A♭ major. The last flat is the 4th, and the one before it lies a fifth higher: on the tonic.',
      'Which of the two? The home note decides: A♭ for A♭ major, F for F minor. Look at the first and last note and bass. E♮ for E♭, a raised 7th, speaks for F minor.',
    ]);
    expect(
      texts({ count: fifths(-1), asked: 'major', rule: 'last-but-one', minorNaming: 'relative' })[1],
    ).toBe(
      'One flat has no last but one. It is the exception: F major. The last flat, B♭, is the 4th: a fourth below it stands F. That rule has no exception.',
    );
    expect(texts({ count: fifths(6), asked: 'major', rule: 'next-letter', minorNaming: 'relative' })[2]).toBe(
      'Not F: the signature has F♯, and the key takes its sign. From E♯ to F would be no step at all: they are one key on the keyboard.',
    );
    expect(texts({ count: fifths(3), asked: 'minor', rule: 'half-step', minorNaming: 'last-sign' })[2]).toBe(
      'A whole step below the last sharp, G♯, stands F♯ minor. The last sharp is the 2nd of the minor key.',
    );
  });

  it('is refused past seven signs', () => {
    expect(() => keysOf({ count: fifths(8), asked: 'every', rule: null, minorNaming: 'relative' })).toThrow();
  });
});

describe('the signature of a key', () => {
  it('is drawn sign by sign as the table has it, for every key and every way to minor', () => {
    for (const row of SIGNATURES) {
      for (const minorSignature of CHOICES.minorSignature) {
        for (const [tonic, scale] of [
          [row.major, 'major'],
          [row.minor, 'natural-minor'],
          [row.minor, 'harmonic-minor'],
        ] as const) {
          const { signs, steps, count } = writeSignature(noteNamed(tonic), scale, {
            minorSignature,
            modesWritten: 'parent',
          });
          expect(signs.map(asciiName)).toEqual(row.signs);
          expect(count).toBe(row.count);
          expect(steps.at(-1)?.put).toBe(row.signs.length);
          steps.slice(1).forEach(({ put }, at) => {
            expect(put - (steps[at]?.put ?? 0)).toBeLessThanOrEqual(1);
          });
        }
      }
    }
  });

  it('says where to stop, and stops there', () => {
    const said = (tonic: string, scale: (typeof SCALE_IDS)[number] = 'major') =>
      writeSignature(noteNamed(tonic), scale, {
        minorSignature: 'relative',
        modesWritten: 'parent',
      }).steps.map(({ fact }) => sayWriteStep(ENGLISH, fact).text);
    expect(said('A')).toEqual([
      'Say the sharps in order until the one a diatonic half step below A.',
      'F♯: not yet a half step below A, so go on.',
      'C♯: not yet a half step below A, so go on.',
      'G♯: a diatonic half step below A, so stop.',
      'It stands: three sharps, F♯ C♯ G♯.',
    ]);
    expect(said('Eb')).toEqual([
      'Say the flats in order to E♭, and one more.',
      'B♭: not yet E♭, so go on.',
      'E♭: the name of the key, and one more.',
      'A♭: one more, so stop.',
      'It stands: three flats, B♭ E♭ A♭.',
    ]);
    expect(said('F')[0]).toBe('F major has one flat: B♭.');
    expect(said('C')).toEqual(['No sharps and no flats.']);
    expect(said('D', 'dorian')).toEqual([
      'D is the 2nd of C major: two half steps down to C.',
      'No sharps and no flats.',
    ]);
    expect(said('Cb').at(-2)).toBe('All seven letters are flat.');
    expect(said('G#').at(-1)).toContain('the key is theoretical');
  });

  it('is said in whole sentences for every tonic and scale', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const scale of NAMED_SCALE_IDS) {
        for (const minorSignature of CHOICES.minorSignature) {
          for (const { fact } of writeSignature(noteNamed(tonic), scale, {
            minorSignature,
            modesWritten: 'parent',
          }).steps) {
            const { text, reason } = sayWriteStep(ENGLISH, fact);
            expect(`${text} ${reason ?? ''}`.trim()).toMatch(/^[A-Z].*\.$/u);
          }
        }
      }
    }
  });
});

describe('the orders hop by hop', () => {
  it('count five letters with the start and seven half steps without it', () => {
    expect(sayHop(ENGLISH, 'sharps', 1)).toBe(
      'F♯ up a fifth is C♯: F G A B C, five letters counting the first, and seven half steps not counting it.',
    );
    expect(sayHop(ENGLISH, 'flats', 1)).toBe(
      'B♭ down a fifth is E♭: B A G F E, five letters counting the first, and seven half steps not counting it.',
    );
    const fourths = wordsOf({ ...USUAL_SETTINGS, flatsBy: 'fourth-up' });
    expect(sayHop(fourths, 'flats', 6)).toBe(
      'C♭ up a fourth is F♭: C D E F, four letters counting the first, and five half steps not counting it.',
    );
    expect(sayHop(ENGLISH, 'sharps', 0)).toContain('in G major, only F has to be raised');
  });
});

describe('drawn signs', () => {
  it('are a signature when they are the first of their order', () => {
    for (const { count, signs } of SIGNATURES)
      expect(readDrawn(signs.map(noteNamed))).toEqual({ ok: true, fifths: count });
  });

  it.each([
    ['F# Bb', 'signature-mixed', 'B♭ mixes sharps and flats. A key signature has signs of one kind.'],
    ['F# G#', 'signature-gap', 'G♯ stands where the order has C♯. No sign of the order may be left out.'],
    ['C#', 'signature-start', 'It begins with C♯. The order begins with F♯.'],
    ['Eb', 'signature-start', 'It begins with E♭. The order begins with B♭.'],
    ['C# F#', 'signature-order', 'The signs are right, but C♯ stands where the order has F♯.'],
    ['F# F#', 'signature-twice', 'F♯ stands twice. Each sign stands once and holds in every octave.'],
    ['F##', 'signature-double', 'F𝄪 has two signs. A key signature has single sharps or flats.'],
    ['B', 'signature-natural', 'B♮ is a natural.'],
  ])('%s are none: %s', (row, code, words) => {
    const reading = readDrawn(row.split(' ').map(noteNamed));
    if (reading.ok) throw new Error('read');
    expect(reading.problem.code).toBe(code);
    expect(saySignatureProblem(ENGLISH, reading.problem)).toContain(words);
  });

  it('stand where their clef has them, or the sign that does not is named', () => {
    for (const clef of CLEFS) {
      for (const { count, signs } of SIGNATURES) {
        const places = signaturePlaces(count, clef);
        expect(readDrawnOn(places, clef)).toEqual({ ok: true, fifths: count });
        expect(signs.map((sign) => placeInSignature(noteNamed(sign), clef))).toEqual(places);
        for (const at of places.keys()) {
          const moved = places.map((each, index) =>
            index === at ? pitch(each.note, each.octave + 1) : each,
          );
          const reading = readDrawnOn(moved, clef);
          expect(reading).toMatchObject({ ok: false, problem: { code: 'signature-place', at } });
        }
      }
    }
    const reading = readDrawnOn([pitch(noteNamed('F#'), 4)], 'treble');
    expect(!reading.ok && saySignatureProblem(ENGLISH, reading.problem)).toBe(
      'F♯ stands in the first space. In this clef its place in a signature is on the fifth line.',
    );
  });

  it('are told apart as the rule has it, whatever they are', () => {
    const any = LETTERS.flatMap((letter) => ALTERATIONS.map((sign): SpelledNote => spelled(letter, sign)));
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...any), { maxLength: 8 }), (signs) => {
        const reading = readDrawn(signs);
        expect(reading.ok).toBe(isStandardSignature(signs));
        if (reading.ok) expect(accidentalsOf(reading.fifths)).toEqual(signs);
      }),
    );
  });
});
