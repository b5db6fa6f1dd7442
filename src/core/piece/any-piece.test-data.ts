import fc from 'fast-check';
import { LETTERS } from '../note/letter';
import { heightOf, pitch } from '../note/pitch';
import { ALTERATIONS, type Alteration, fifths, spelled } from '../note/spelled';
import { evenedParts } from './part-builder';
import {
  PIECE_QUARTER,
  type Piece,
  type PieceBar,
  type PieceEvent,
  type PiecePart,
  type PieceTone,
  ticksOf,
  type WrittenLength,
} from './piece';
import type { BarWord } from './write/bar-word';

const anyLetter = fc.constantFrom(...LETTERS);
const anyFifths = fc.integer({ min: -7, max: 7 }).map(fifths);

const anyNoteWord: fc.Arbitrary<BarWord> = fc.record({
  is: fc.constant<'note'>('note'),
  letter: anyLetter,
  octave: fc.integer({ min: 3, max: 6 }),
  sign: fc.option<Alteration>(fc.constantFrom<Alteration[]>(...ALTERATIONS), { freq: 2 }),
  length: fc.record({
    value: fc.constantFrom<WrittenLength['value'][]>('half', 'quarter', 'eighth', '16th'),
    dots: fc.constantFrom<(0 | 1)[]>(0, 0, 0, 1),
  }),
  triplet: fc.constant(false),
  tied: fc.boolean(),
});

/** Bars as somebody may write them: any letters, signs, ties, lines, and changes of signature. */
export const anyBarWords: fc.Arbitrary<readonly BarWord[]> = fc.array(
  fc.oneof(
    { weight: 10, arbitrary: anyNoteWord },
    {
      weight: 1,
      arbitrary: fc.constant<BarWord>({ is: 'rest', length: { value: 'quarter', dots: 0 }, triplet: false }),
    },
    { weight: 3, arbitrary: fc.constant<BarWord>({ is: 'bar', double: false }) },
    { weight: 1, arbitrary: anyFifths.map((count): BarWord => ({ is: 'signature', fifths: count })) },
  ),
  { minLength: 1, maxLength: 60 },
);

/** Ways to fill a quarter or a half. */
const plain = (value: WrittenLength['value'], dots: 0 | 1 = 0): WrittenLength => ({
  value,
  dots,
  tuplet: null,
});
const third: WrittenLength = { value: 'eighth', dots: 0, tuplet: [3, 2] };
const FILLS: readonly (readonly WrittenLength[])[] = [
  [plain('half')],
  [plain('quarter'), plain('quarter')],
  [plain('quarter', 1), plain('eighth')],
  [plain('eighth'), plain('eighth'), plain('quarter')],
  [plain('16th'), plain('16th'), plain('eighth'), plain('quarter')],
  [third, third, third, plain('quarter')],
  [plain('eighth', 1), plain('16th'), third, third, third],
];

const anyTone: fc.Arbitrary<PieceTone> = fc
  .record({
    letter: anyLetter,
    alteration: fc.constantFrom<Alteration>(-1, 0, 0, 0, 1),
    octave: fc.integer({ min: 3, max: 5 }),
  })
  .map(({ letter, alteration, octave }) => ({
    ...{ pitch: pitch(spelled(letter, alteration), octave), printed: null, tied: false },
  }));

const anyTones = fc
  .uniqueArray(anyTone, { maxLength: 3, selector: ({ pitch: each }) => heightOf(each) })
  .map((tones) => tones.toSorted((a, b) => heightOf(a.pitch) - heightOf(b.pitch)));

/** What fills two halves of a bar in one voice. */
const anyVoice = (staff: number, voice: number): fc.Arbitrary<readonly PieceEvent[]> =>
  fc.tuple(fc.constantFrom(...FILLS), fc.constantFrom(...FILLS)).chain((halves) => {
    const lengths = halves.flat();
    return fc.array(anyTones, { minLength: lengths.length, maxLength: lengths.length }).map((all) => {
      let at = 0;
      return lengths.map((written, nth): PieceEvent => {
        const length = ticksOf(written);
        const event = { at, length, written, grace: false, staff, voice, tones: all[nth] ?? [] };
        at += length;
        return event;
      });
    });
  });

const anyBar = (staves: number): fc.Arbitrary<Pick<PieceBar, 'events' | 'fifths' | 'end'>> =>
  fc
    .record({
      voices: fc.tuple(...Array.from({ length: staves }, (_, staff) => anyVoice(staff, 0))),
      second: fc.option(anyVoice(0, 1), { freq: 3 }),
      fifths: fc.option(anyFifths, { freq: 5 }),
      end: fc.constantFrom('plain' as const, 'plain' as const, 'plain' as const, 'double' as const),
    })
    .map(({ voices, second, fifths: count, end }) => ({
      events: [...voices.flat(), ...(second ?? [])].toSorted(
        (a, b) => a.at - b.at || a.staff - b.staff || a.voice - b.voice,
      ),
      ...{ fifths: count, end },
    }));

const anyPart = (staves: number, name: string): fc.Arbitrary<PiecePart> =>
  fc.array(anyBar(staves), { minLength: 1, maxLength: 6 }).map((bars) => ({
    ...{ name, transposition: { letters: 0, semitones: 0 }, staves },
    bars: bars.map(
      (bar, at): PieceBar => ({
        ...bar,
        ...{ number: at + 1, length: 4 * PIECE_QUARTER, mode: null },
        fifths: at === 0 ? (bar.fifths ?? fifths(0)) : bar.fifths,
        meter: at === 0 ? { beats: 4, unit: 4 } : null,
        clefs:
          at === 0
            ? Array.from({ length: staves }, (_, staff) => ({
                ...{ staff, at: 0 },
                clef: { clef: staff === 0 ? ('treble' as const) : ('bass' as const), octave: 0 as const },
              }))
            : [],
        end: at === bars.length - 1 ? 'final' : bar.end,
      }),
    ),
  }));

/** Any piece: one part or two, one of them on two staves, chords, voices, triplets, changes of signature; ties come apart. */
export const anyPiece: fc.Arbitrary<Piece> = fc
  .record({
    title: fc.constantFrom('Slack Water', 'Tar and Twine'),
    upper: anyPart(2, 'Keys'),
    lower: fc.option(anyPart(1, 'Pipe')),
  })
  .map(({ title, upper, lower }) => ({
    ...{ title },
    parts: evenedParts(lower ? [withTies(upper), withTies(lower)] : [withTies(upper)]).map(ended),
  }));

const ended = (part: PiecePart): PiecePart => ({
  ...part,
  bars: part.bars.map((bar, at) => ({
    ...bar,
    end: at === part.bars.length - 1 ? 'final' : bar.end === 'final' ? 'plain' : bar.end,
  })),
});

/** Ties every third note that the next one of its voice repeats. */
function withTies(part: PiecePart): PiecePart {
  let nth = 0;
  const bars = part.bars.map((bar, at) => ({
    ...bar,
    events: bar.events.map((event): PieceEvent => {
      const next =
        bar.events.find(
          (each) =>
            each.staff === event.staff && each.voice === event.voice && each.at === event.at + event.length,
        ) ??
        (event.at + event.length === bar.length
          ? part.bars[at + 1]?.events.find(
              (each) => each.staff === event.staff && each.voice === event.voice && each.at === 0,
            )
          : undefined);
      return {
        ...event,
        tones: event.tones.map((tone) => {
          const again = next?.tones.some(
            ({ pitch: each }) => each.note === tone.pitch.note && each.octave === tone.pitch.octave,
          );
          nth += again ? 1 : 0;
          return again && nth % 3 !== 0 ? { ...tone, tied: true } : tone;
        }),
      };
    }),
  }));
  return { ...part, bars };
}
