import { ALTERATIONS } from '@/core/note/spelled';
import { LENGTH_VALUES, type PieceEvent, type PieceTone, type WrittenLength } from '@/core/piece/piece';
import { WHOLE, writtenAs } from '@/core/piece/written-length';
import { attribute, byName, children, durationOf, type Node, named, pitchOf, textOf, whole } from './nodes';
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
  const by = byName(nodes);
  if (by.has('cue')) return null;
  const grace = by.has('grace');
  const length = grace ? 0 : ticks(durationOf(by.get('duration') ?? NONE));
  const written = writtenIn(by, length, grace);
  const isRest = by.has('rest');
  const [inPitch] = by.get('pitch') ?? NONE;
  const pitch = isRest || !inPitch ? null : pitchOf(children(inPitch, 'pitch'));
  const tone: PieceTone | null = pitch && { pitch, printed: printedIn(by), tied: isTied(by) };
  // A rest that fills its bar is a whole one in any meter.
  const fills = isRest && length === bar && !by.has('type');
  return {
    event: { length, written: fills ? WHOLE : written, grace, tones: tone ? [tone] : [] },
    inChord: by.has('chord'),
    staff: (whole(textIn(by, 'staff'), 1, 4) ?? 1) - 1,
    voice: textIn(by, 'voice') ?? '1',
    noPitch: !isRest && !pitch,
  };
}

type ByName = ReturnType<typeof byName>;

const NONE: readonly Node[] = [];

const textIn = (by: ByName, name: string) => {
  const own = by.get(name);
  return own ? textOf(own, name) : null;
};

function writtenIn(by: ByName, ticks: number, grace: boolean): WrittenLength {
  const type = textIn(by, 'type') ?? '';
  const value = Object.hasOwn(TYPES, type) ? TYPES[type] : undefined;
  if (!value)
    return (
      (grace ? null : writtenAs(ticks)) ?? { value: grace ? 'eighth' : 'quarter', dots: 0, tuplet: null }
    );
  const [changed] = by.get('time-modification') ?? NONE;
  const change = changed && children(changed, 'time-modification');
  const actual = change && whole(textOf(change, 'actual-notes'), 1, 64);
  const normal = change && whole(textOf(change, 'normal-notes'), 1, 64);
  return {
    value,
    dots: Math.min(3, by.get('dot')?.length ?? 0) as 0 | 1 | 2 | 3,
    tuplet: actual && normal && actual !== normal ? [actual, normal] : null,
  };
}

function printedIn(by: ByName) {
  const read = textIn(by, 'accidental');
  if (read === null) return null;
  return (
    ALTERATIONS.find((sign) => ACCIDENTAL_NAMES[sign] === read || (read === 'sharp-sharp' && sign === 2)) ??
    null
  );
}

function isTied(by: ByName): boolean {
  const begins = (nodes: readonly Node[]) => nodes.some((each) => attribute(each, 'type') === 'start');
  if (begins(by.get('tie') ?? NONE)) return true;
  const notations = by.get('notations');
  return (
    notations !== undefined && begins(notations.flatMap((each) => named(children(each, 'notations'), 'tied')))
  );
}
