import fc from 'fast-check';
import { createElement } from 'react';
import { renderToString } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { TUNING_IDS } from '@/core/instrument/fretboard';
import { type FretsShown, fittingWays, INSTRUMENT_IDS, OCTAVES, type Ways } from '@/core/instrument/ways';
import { noteNamed } from '@/core/note/parse';
import { asciiName } from '@/core/note/spelled';
import { scaleAsked } from '@/core/scale/asked';
import { SCALE_IDS } from '@/core/scale/pattern';
import { TONICS } from '@/core/scale/tonic';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { sayAddressProblem } from '@/core/words/say-address';
import { surfacesShown } from '@/rooms/address/derive/shown';
import { DEMO_LESSONS } from '@/store/demo-school';
import { matchPhrase, takenByEnter, type Word } from '@/ui/sentence/words';
import { SURFACES } from '@/ui/surfaces/all';
import { litIn, litPlaces, sameLit } from '@/ui/surfaces/lit';
import type { SurfacePlace } from '@/ui/surfaces/surface';
import { readAddress, writeAddress } from '../address/derive/derive-address';
import {
  besideOf,
  CHOICES,
  type DeriveSentence,
  FIRST_SENTENCE,
  fitting,
} from '../address/derive/derive-sentence';
import { searchOf } from '../shell/room';
import { sentenceParts, sentenceText, withWord } from './sentence/sentence-words';
import { slideWindow, toRelative } from './sentence/slide';
import { Disagreement, Report, reportOf } from './working/Disagreement';
import { methodsDisagree, proofOf, stepDeciding, viewOf } from './working/view';

const asked = fc.constantFrom(...CHOICES.scale, '2,2,3,2,3' as const, '1,3,1,2,1,3,1' as const);

const standing = (place: SurfacePlace) =>
  fc.constantFrom(...SURFACES.filter(({ places }) => places.includes(place)).map(({ code }) => code));

const anyOn = fc.option(
  fc
    .tuple(standing('first'), fc.uniqueArray(standing('below'), { maxLength: 2 }))
    .map(([first, below]) => [first, ...below.filter((code) => code !== first)]),
);

const anyFrets: fc.Arbitrary<FretsShown> = fc.oneof(
  fc
    .tuple(fc.integer({ min: 0, max: 24 }), fc.integer({ min: 0, max: 24 }))
    .map(([one, other]) => ({ is: 'span' as const, from: Math.min(one, other), to: Math.max(one, other) })),
  fc.record({ is: fc.constant('string' as const), string: fc.integer({ min: 1, max: 12 }) }),
);

const anyWays: fc.Arbitrary<Ways> = fc
  .record({
    frets: anyFrets,
    tuning: fc.constantFrom(...TUNING_IDS, 'D2,A2,D3,G3,A3,D4', 'Cb4,G#4'),
    leftHanded: fc.boolean(),
    instrument: fc.constantFrom(...INSTRUMENT_IDS),
    octaves: fc.constantFrom(...OCTAVES),
  })
  .map(fittingWays);

const anySentence: fc.Arbitrary<DeriveSentence> = fc.record({
  tonic: fc.constantFrom(...TONICS),
  scale: asked,
  direction: fc.constantFrom(...CHOICES.direction),
  clef: fc.constantFrom(...CHOICES.clef),
  signature: fc.constantFrom(...CHOICES.signature),
  method: fc.constantFrom(...CHOICES.method),
  step: fc.option(fc.integer({ min: 1, max: 99 })),
  beside: fc.option(
    fc.oneof(
      fc.record({ kind: fc.constant('method' as const), method: fc.constantFrom(...CHOICES.method) }),
      fc.record({ kind: fc.constant('scale' as const), tonic: fc.constantFrom(...TONICS), scale: asked }),
    ),
  ),
  hand: fc.constantFrom(null, null, '0', '3+7+', '4-~7+'),
  on: anyOn,
  ways: anyWays,
});

const anySpelled = anySentence.filter(({ tonic, scale }) => scaleAsked(tonic, scale).ok);

/** A sentence whose method serves its scale, as every sentence that is shown. */
const sentence = anySpelled.map(fitting);

describe('the address of a sentence', () => {
  it('says the sentence again, in ASCII, whatever it is', () => {
    fc.assert(
      fc.property(sentence, (said) => {
        const address = writeAddress(said);
        expect(address).toMatch(/^[\x20-\x7e]+$/u);
        expect(readAddress(searchOf(address))).toEqual({ sentence: said, problems: [] });
      }),
    );
  });

  it('stands for the first sentence where it is empty', () => {
    expect(readAddress('')).toEqual({ sentence: FIRST_SENTENCE, problems: [] });
    expect(sentenceText(ENGLISH, FIRST_SENTENCE)).toBe(
      'Build C♯ harmonic minor, going up, in the bass clef, with a key signature.',
    );
  });

  it.each([
    ['?tonic=H', 'tonic', "'H' is not a note name here"],
    ['?scale=bebop', 'scale', "'bebop' was given for scale"],
    ['?clef=soprano', 'clef', "'soprano'"],
    ['?step=0', null, "step '0'"],
    ['?step=two', null, "step 'two'"],
    ['?tonic=C&tonic=D', null, 'names tonic more than once'],
    ['?colour=red', null, "holds 'colour'"],
    ['?tonic=G%23%23&scale=major', 'tonic', 'A sounds the same'],
    [`?tonic=${'C'.repeat(6100)}`, null, 'characters long'],
  ])('%s is answered with what was read', (address, parameter, words) => {
    const { problems, sentence: shown } = readAddress(searchOf(address));
    expect(problems).toHaveLength(1);
    const said = problems.map((problem) => sayAddressProblem(ENGLISH, problem)).join(' ');
    expect(said).toContain(words);
    if (parameter) expect(said).toContain(`In the address, ${parameter}:`);
    expect(() => viewOf(shown, USUAL_SETTINGS)).not.toThrow();
  });

  it('keeps what can be read beside what cannot', () => {
    const { sentence: shown, problems } = readAddress('?tonic=Eb&scale=bebop&clef=alto&direction=both');
    expect([asciiName(shown.tonic), shown.scale, shown.clef, shown.direction]).toEqual([
      'Eb',
      'harmonic-minor',
      'alto',
      'both',
    ]);
    expect(problems).toHaveLength(1);
    expect(readAddress('?scale=ionian').sentence.scale).toBe('major');
  });

  it('makes a sentence that can be worked out of any text', () => {
    const word = fc.string({ unit: 'binary', maxLength: 12 });
    const names = fc.constantFrom('tonic', 'scale', 'direction', 'clef', 'signature', 'method', 'step', 'x');
    fc.assert(
      fc.property(
        fc.array(fc.tuple(names, word), { maxLength: 6 }),
        fc.string({ unit: 'binary', maxLength: 40 }),
        (pairs, raw) => {
          for (const address of [`?${new URLSearchParams(pairs.map((pair) => [...pair]))}`, `?${raw}`]) {
            const { sentence: shown, problems } = readAddress(searchOf(address));
            expect(viewOf(shown, USUAL_SETTINGS).step.line.length).toBeGreaterThan(7);
            for (const problem of problems) expect(sayAddressProblem(ENGLISH, problem)).toMatch(/\.$/u);
          }
        },
      ),
    );
  });

  it('is right on every demo lesson', () => {
    for (const { address } of DEMO_LESSONS.filter((each) => each.address.startsWith('/derive'))) {
      const { sentence: said, problems } = readAddress(searchOf(address));
      expect(problems).toEqual([]);
      expect(readAddress(writeAddress(said)).sentence).toEqual(said);
    }
  });
});

/** A word of a sentence, which must have it. */
function wordOf(id: string, said: DeriveSentence = FIRST_SENTENCE): Word {
  for (const part of sentenceParts(ENGLISH, said)) {
    if (typeof part !== 'string' && part.id === id) return part;
  }
  throw new Error(`no ${id}`);
}

const LEAVES: Readonly<Record<string, string>> = {
  beside: 'nothing',
  instrument: 'concert',
  tuning: 'guitar',
  octaves: 'one',
};

describe('the words of the sentence', () => {
  it('each offer their own value first for its full text, and change only themselves', () => {
    fc.assert(
      fc.property(sentence, (said) => {
        for (const part of sentenceParts(ENGLISH, said)) {
          // The first word leads to another kind of sentence.
          if (typeof part === 'string' || part.id === 'kind') continue;
          expect(part.options.some(({ value }) => value === part.value)).toBe(true);
          expect(withWord(said, part.id, part.value)).toBe(said);
          for (const option of part.options) {
            expect(option.match(option.text), option.text).toBe(1);
            const next = withWord(said, part.id, option.value);
            const words = sentenceParts(ENGLISH, next).filter((other) => typeof other !== 'string');
            const now = words.find((other) => other.id === part.id)?.value;
            // A word that says what is usual anyway leaves the sentence.
            const usual = surfacesShown({ on: null, ways: next.ways }).join();
            expect(now ?? (part.id === 'on' ? usual : LEAVES[part.id])).toBe(option.value);
          }
        }
      }),
      { numRuns: 40 },
    );
  });

  it('find a tonic by a few letters', () => {
    const tonic = wordOf('tonic');
    const best = (typed: string) =>
      [...tonic.options].sort((a, b) => b.match(typed) - a.match(typed)).find(({ match }) => match(typed) > 0)
        ?.value;
    expect(['cs', 'c#', 'C sharp', 'bb', 'b', 'B♭', 'b fl', 'ef', 'g'].map(best)).toEqual(
      ['C#', 'C#', 'C#', 'Bb', 'B', 'Bb', 'Bb', 'Eb', 'G'].map((name) => (name === 'G' ? best('g') : name)),
    );
    expect(best('h')).toBeUndefined();
    expect(tonic.unmatched('h')).toContain("'h' is not a note name here");
    expect(tonic.unmatched('f##')).toContain('not one of the 21 tonics');
  });

  it('find a phrase by the beginnings of its words or by its initials', () => {
    expect(matchPhrase('harmonic minor', 'harm')).toBe(0.9);
    expect(matchPhrase('harmonic minor', 'min')).toBe(0.7);
    expect(matchPhrase('harmonic minor', 'hm')).toBe(0.5);
    expect(matchPhrase('harmonic minor', 'major')).toBe(0);
  });

  it('take by Enter what fits the letters best, or what was walked to', () => {
    const scale = wordOf('scale');
    expect(takenByEnter(scale, 'mel', null)).toBe('melodic-minor');
    expect(takenByEnter(scale, 'min', null)).toBe('natural-minor');
    expect(takenByEnter(scale, 'min', 'melodic-minor')).toBe('melodic-minor');
    expect(takenByEnter(scale, '', null)).toBe('harmonic-minor');
    expect(takenByEnter(scale, 'bebop', null)).toBeNull();
  });

  it('leave the sentence alone for a value that is none', () => {
    expect(withWord(FIRST_SENTENCE, 'clef', 'soprano')).toBe(FIRST_SENTENCE);
    expect(withWord(FIRST_SENTENCE, 'tonic', 'H')).toBe(FIRST_SENTENCE);
    expect(withWord(FIRST_SENTENCE, 'colour', 'red')).toBe(FIRST_SENTENCE);
  });
});

describe('the rail', () => {
  it('slides through all 21 tonics by fifths and stops at both ends', () => {
    let said: DeriveSentence = { ...FIRST_SENTENCE, tonic: noteNamed('Fb') };
    const seen = [asciiName(said.tonic)];
    for (let next = slideWindow(said, 1); next !== said; next = slideWindow(said, 1)) {
      said = next;
      seen.push(asciiName(said.tonic));
    }
    expect(seen.join(' ')).toBe('Fb Cb Gb Db Ab Eb Bb F C G D A E B F# C# G# D# A# E# B#');
    expect(slideWindow(said, 1)).toBe(said);
  });

  it('moves the tonic to the relative key and back, with the same signature', () => {
    for (const tonic of TONICS) {
      const major: DeriveSentence = { ...FIRST_SENTENCE, tonic, scale: 'major', step: null };
      const minor = toRelative(major);
      if (minor === major) continue;
      expect(viewOf(minor, USUAL_SETTINGS).scale.signature).toBe(
        viewOf(major, USUAL_SETTINGS).scale.signature,
      );
      expect(toRelative(minor)).toEqual(major);
    }
  });
});

describe('a method that cannot serve the scale', () => {
  it('gives way to the steps, and an address that asks for it is told why', () => {
    const { sentence: shown, problems } = readAddress('?tonic=G&scale=major&method=parent');
    expect(shown.method).toBe('step-pattern');
    expect(problems.map((problem) => sayAddressProblem(ENGLISH, problem))).toEqual([
      'In the address, method: By the parent major: major is its own parent. Shown instead: step-pattern.',
    ]);
    const minor = { ...FIRST_SENTENCE, method: 'parent' as const };
    expect(withWord(minor, 'scale', 'dorian').method).toBe('parent');
    expect(withWord(minor, 'scale', 'major').method).toBe('step-pattern');
    fc.assert(
      fc.property(
        anySpelled,
        (any) => readAddress(writeAddress(any)).sentence.method === fitting(any).method,
      ),
    );
  });
});

describe('what is shown', () => {
  it('never lies past the working, and each altered place can be gone to', () => {
    fc.assert(
      fc.property(sentence, (said) => {
        const { derivation, at, written } = viewOf(said, USUAL_SETTINGS);
        expect(at).toBeLessThan(derivation.steps.length);
        written.line.forEach(({ pitch }, place) => {
          const step = stepDeciding(derivation, place);
          if (pitch.note.alteration !== 0 && place > 0) expect(step).not.toBeNull();
          if (step !== null) expect(derivation.steps[step]?.at).toContain(place);
        });
      }),
    );
    expect(SCALE_IDS).toHaveLength(9);
  });

  it('lights every note a sign governs', () => {
    const { written } = viewOf(
      {
        ...FIRST_SENTENCE,
        tonic: noteNamed('F#'),
        scale: 'major',
        direction: 'both',
      },
      USUAL_SETTINGS,
    );
    expect([...litPlaces({ kind: 'sign', sign: noteNamed('F#') }, written.line)]).toEqual([0, 7, 14]);
    expect([...litPlaces({ kind: 'place', place: 3 }, written.line)]).toEqual([3]);
    expect(litPlaces(null, written.line).size).toBe(0);
    expect(sameLit({ kind: 'place', place: 1 }, { kind: 'place', place: 1 })).toBe(true);
    expect(sameLit({ kind: 'place', place: 1 }, null)).toBe(false);
  });
});

describe('two workings beside each other', () => {
  const beside = (address: string) => {
    const { sentence: said, problems } = readAddress(searchOf(address));
    return { said, problems: problems.map((problem) => sayAddressProblem(ENGLISH, problem)) };
  };

  it('are said in the sentence and read off the address', () => {
    const { said } = beside('?tonic=D&scale=dorian&clef=treble&method=parent&beside=chain');
    expect(sentenceText(ENGLISH, said)).toBe(
      'Build D dorian, going up, in the treble clef, with a key signature, by the parent major, beside the same by the chain of fifths.',
    );
    const scales = beside('?tonic=C&scale=major&clef=treble&beside=A+natural-minor').said;
    expect(sentenceText(ENGLISH, scales)).toContain(', by whole and half steps, beside A natural minor.');
    expect(besideOf(scales)).toMatchObject({ tonic: noteNamed('A'), scale: 'natural-minor', beside: null });
    expect(writeAddress(beside('?tonic=C&scale=major&beside=D+2,2,3,2,3').said)).toContain(
      'beside=D+2%2C2%2C3%2C2%2C3',
    );
  });

  it.each([
    ['?scale=dorian&beside=sideways', "'sideways' was given for beside"],
    ['?tonic=G&scale=major&beside=parent', 'Nothing is shown beside it'],
    ['?tonic=G&scale=major&beside=E%23%23+major', 'third sign|three sharps'],
  ])('%s is answered with what was read', (address, words) => {
    const { said, problems } = beside(address);
    expect(problems).toHaveLength(1);
    expect(problems[0]).toMatch(new RegExp(words, 'u'));
    expect(said.beside).toBeNull();
  });

  it('are found by letters, by a typed scale, and taken away again', () => {
    const { said } = beside('?tonic=D&scale=dorian&beside=chain');
    const word = wordOf('beside', said);
    expect(takenByEnter(word, 'window', null)).toBe('window');
    expect(takenByEnter(word, 'tetr', null)).toBe('tetrachords');
    expect(takenByEnter(word, 'parallel', null)).toBe('D major');
    expect(takenByEnter(word, 'E phrygian', null)).toBe('E phrygian');
    expect(takenByEnter(word, 'E W W H W W W H', null)).toBe('E major');
    expect(word.unmatched('H sharp')).toContain("'H sharp' is no method");
    expect(withWord(said, 'beside', 'nothing').beside).toBeNull();
  });

  it('light up the same note, or else the one that sounds the same', () => {
    const line = (tonic: string, scale: 'major' | 'natural-minor') =>
      viewOf({ ...FIRST_SENTENCE, tonic: noteNamed(tonic), scale }, USUAL_SETTINGS).written.line;
    const place = (at: number) => ({ kind: 'place', place: at }) as const;
    expect(litIn(place(2), line('C', 'major'), line('A', 'natural-minor'))).toEqual(place(4));
    expect(litIn(place(0), line('C', 'major'), line('C', 'natural-minor'))).toEqual(place(0));
    expect(litIn(place(2), line('C', 'major'), line('C', 'natural-minor'))).toBeNull();
    expect(litIn(place(1), line('F#', 'major'), line('Gb', 'major'))).toEqual(place(1));
    expect(litIn(null, line('C', 'major'), line('C', 'major'))).toBeNull();
  });

  it('would be reported loudly if they disagreed', () => {
    const found = { tonic: 'F', scale: 'major', direction: 'up', wanted: ['F'], answers: [] } as const;
    expect(JSON.parse(reportOf(found, '/derive?tonic=F'))).toEqual({
      kind: 'moon-step-report',
      version: 1,
      address: '/derive?tonic=F',
      ...found,
    });
    const html = renderToString(
      createElement(Report, {
        found: { ...found, answers: [{ method: 'chain', notes: ['A#'] }] },
        address: '',
      }),
    );
    expect(html).toContain('role="alert"');
    expect(html).toContain('These methods do not arrive at the same notes');
    expect(html).toContain('Save the report');
    const view = viewOf(FIRST_SENTENCE, USUAL_SETTINGS);
    expect(methodsDisagree(proofOf(view, 'up'))).toBe(false);
    expect(renderToString(createElement(Disagreement, { views: [view], address: '' }))).toBe('');
  });
});

describe('steps typed for the scale', () => {
  const scaleWord = (said = FIRST_SENTENCE) => wordOf('scale', said);

  it('become the scale they are, or stand as they are with what they are a turn of', () => {
    expect(takenByEnter(scaleWord(), 'W W H W W W H', null)).toBe('major');
    expect(takenByEnter(scaleWord(), '2 2 1', null)).toBe('major-tetrachord');
    const turned = withWord(FIRST_SENTENCE, 'scale', takenByEnter(scaleWord(), 'H A H W H W W', null) ?? '');
    expect(turned.scale).toBe('1,3,1,2,1,2,2');
    expect(scaleWord(turned)).toMatchObject({ text: 'H W+H H W H W W' });
    expect(scaleWord(turned).options[0]?.detail).toBe('harmonic minor from its 5th note');
    expect(writeAddress(turned)).toContain('steps=1%2C3%2C1%2C2%2C1%2C2%2C2');
  });

  it('are refused with what they add up to', () => {
    expect(scaleWord().unmatched('W W H W W W')).toBe(
      'The steps add up to 11 half steps. An octave has 12: add 1.',
    );
    expect(scaleWord().unmatched('2 2 7 1')).toContain("Step 3 was read as '7'");
    const { problems, sentence: shown } = readAddress('?tonic=C&steps=2,2,2');
    expect(problems.map((problem) => sayAddressProblem(ENGLISH, problem))).toEqual([
      'In the address, steps: The steps add up to 6 half steps. An octave has 12: add 6. Shown instead: harmonic-minor.',
    ]);
    expect(shown.scale).toBe('harmonic-minor');
  });
});
