import { ALTERATIONS } from '@/core/note/spelled';
import { LENGTH_VALUES, type PieceEvent, type PieceTone, type WrittenLength } from '@/core/piece/piece';
import { WHOLE, writtenAs } from '@/core/piece/written-length';
import { attribute, children, durationOf, type Node, named, pitchOf, textOf, whole } from './nodes';
import { ACCIDENTAL_NAMES } from './score';

/** A note as it stands in a file, before it is known when it begins. */
export type NoteRead = {
  readonly event: Omit<PieceEvent, 'at' | 'staff' | 'voice'>;
  readonly inChord: boolean;
  readonly staff: number;
  readonly voice: string;
  /** It sounds, and has no pitch that can be written. */
  readonly noPitch: boolean;
};

const TYPES: Readonly<Record<string, WrittenLength['value']>> = Object.fromEntries(
  LENGTH_VALUES.map((value) => [value, value]),
);

/**
 * Reads a note; null for a cue note, which somebody else plays.
 *
 * @param ticks ticks of so many divisions
 * @param bar ticks of a whole bar
 */
export function eventIn(
  nodes: readonly Node[],
  ticks: (durations: number) => number,
  bar: number,
): NoteRead | null {
  const has = (name: string) => named(nodes, name).length > 0;
  if (has('cue')) return null;
  const grace = has('grace');
  const lasts = grace ? 0 : ticks(durationOf(nodes));
  const written = writtenIn(nodes, lasts, grace);
  const length = grace ? 0 : lasts;
  const isRest = has('rest');
  const pitch = isRest ? null : pitchOf(named(nodes, 'pitch').flatMap((node) => children(node, 'pitch')));
  const tone: PieceTone | null = pitch && { pitch, printed: printedIn(nodes), tied: isTied(nodes) };
  // A rest that fills its bar is a whole one in any meter.
  const fills = isRest && length === bar && !has('type');
  return {
    event: { length, written: fills ? WHOLE : written, grace, tones: tone ? [tone] : [] },
    inChord: has('chord'),
    staff: (whole(textOf(nodes, 'staff'), 1, 4) ?? 1) - 1,
    voice: textOf(nodes, 'voice') ?? '1',
    noPitch: !isRest && !pitch,
  };
}

function writtenIn(nodes: readonly Node[], ticks: number, grace: boolean): WrittenLength {
  const type = textOf(nodes, 'type') ?? '';
  const value = Object.hasOwn(TYPES, type) ? TYPES[type] : undefined;
  if (!value)
    return (
      (grace ? null : writtenAs(ticks)) ?? { value: grace ? 'eighth' : 'quarter', dots: 0, tuplet: null }
    );
  const [change] = named(nodes, 'time-modification').map((each) => children(each, 'time-modification'));
  const actual = change && whole(textOf(change, 'actual-notes'), 1, 64);
  const normal = change && whole(textOf(change, 'normal-notes'), 1, 64);
  return {
    value,
    dots: Math.min(3, named(nodes, 'dot').length) as 0 | 1 | 2 | 3,
    tuplet: actual && normal && actual !== normal ? [actual, normal] : null,
  };
}

function printedIn(nodes: readonly Node[]) {
  const read = textOf(nodes, 'accidental');
  return (
    ALTERATIONS.find((sign) => ACCIDENTAL_NAMES[sign] === read || (read === 'sharp-sharp' && sign === 2)) ??
    null
  );
}

function isTied(nodes: readonly Node[]): boolean {
  const notations = named(nodes, 'notations').flatMap((each) => children(each, 'notations'));
  return [...named(nodes, 'tie'), ...named(notations, 'tied')].some(
    (each) => attribute(each, 'type') === 'start',
  );
}
