import type { Clef } from '@/core/instrument/staff';
import type { Fifths } from '@/core/note/spelled';
import { fifths } from '@/core/note/spelled';
import { MOST_STAVES } from '@/core/piece/page';
import type { Piece, PieceClef, PieceMeter } from '@/core/piece/piece';
import { type ScopedTone, scopedTones } from '@/core/piece/scoped';

/** A staff of a piece that is drawn: its part and its place in that, from 0. */
export type StaffView = { readonly part: number; readonly staff: number };

/** What is in force where a bar begins. */
export type AtBar = {
  readonly fifths: Fifths;
  readonly meter: PieceMeter;
  /** Of each staff of the part. */
  readonly clefs: readonly PieceClef[];
};

/** A piece made ready to be drawn: each part with its tones and with what is in force in each bar. */
export type ScoreView = {
  readonly piece: Piece;
  readonly parts: readonly {
    /** The tones of each bar, by the event they belong to. */
    readonly tones: readonly (readonly ScopedTone[])[];
    readonly all: readonly ScopedTone[];
    readonly at: readonly AtBar[];
    /** The tones that each tone is tied to, by its number. */
    readonly tiedTo: ReadonlyMap<number, number>;
  }[];
};

const TREBLE: PieceClef = { clef: 'treble', octave: 0 };

/** Makes a piece ready to be drawn. */
export function scoreView(piece: Piece): ScoreView {
  return {
    piece,
    parts: piece.parts.map((part) => {
      const all = scopedTones(part);
      const tones: ScopedTone[][] = part.bars.map(() => []);
      const tiedTo = new Map<number, number>();
      for (const each of all) {
        tones[each.bar]?.push(each);
        if (each.reason.by === 'tie') tiedTo.set(each.reason.tone, each.tone);
      }
      let now: AtBar = {
        ...{ fifths: fifths(0), meter: { beats: 4, unit: 4 } },
        clefs: Array.from({ length: part.staves }, () => TREBLE),
      };
      const at = part.bars.map((bar) => {
        const changed = (clefs: readonly PieceClef[], from: (at: number) => boolean) =>
          clefs.map(
            (clef, staff) =>
              bar.clefs.findLast((each) => each.staff === staff && from(each.at))?.clef ?? clef,
          );
        const begins: AtBar = {
          fifths: bar.fifths ?? now.fifths,
          meter: bar.meter ?? now.meter,
          clefs: changed(now.clefs, (tick) => tick === 0),
        };
        now = { ...begins, clefs: changed(begins.clefs, () => true) };
        return begins;
      });
      return { tones, all, at, tiedTo };
    }),
  };
}

/** A clef as VexFlow calls it, and what stands at it for its octave. */
export function clefName({ clef, octave }: PieceClef): {
  readonly type: Clef;
  readonly mark: '8va' | '8vb' | undefined;
} {
  // Only clefs of the upper and the lower staff have a figure of their own.
  const marked = clef === 'treble' || clef === 'bass';
  return { type: clef, mark: !marked || octave === 0 ? undefined : octave > 0 ? '8va' : '8vb' };
}

/** The staves of a part, or of all parts where they are few enough to be read together; else of the first part. */
export function stavesOf({ parts }: Piece, part: number | null): readonly StaffView[] {
  const own = (at: number) =>
    Array.from({ length: parts[at]?.staves ?? 0 }, (_, staff): StaffView => ({ part: at, staff }));
  if (part !== null) return own(part);
  const all = parts.flatMap((_, at) => own(at));
  return all.length <= MOST_STAVES ? all : own(0);
}
