import { heightOf, type Pitch } from '../note/pitch';
import { type Alteration, fifths } from '../note/spelled';
import { once } from '../once';
import type { PieceEvent, PiecePart, PieceTone } from './piece';
import { type InForce, StaffScope } from './scope';

/** Why a tone sounds as it does. Numbers of tones count the tones of the part, from 0. */
export type ToneReason =
  /** A plain letter: no sign of the signature and none in the bar touches it. */
  | { readonly by: 'nothing' }
  | { readonly by: 'signature' }
  /** A sign of the bar: its own, or that of an earlier tone. */
  | { readonly by: 'accidental'; readonly tone: number }
  /** It is tied to an earlier tone, and sounds as that does. */
  | { readonly by: 'tie'; readonly tone: number };

/** An accidental nearby that does not reach a tone: in another octave of the bar, or before the last bar line. */
export type Unreached = { readonly tone: number; readonly why: 'octave' | 'bar-line' };

/** A tone of a part with the sign that stands at it and the reason of its sound. */
export type ScopedTone = {
  readonly tone: number;
  /** The bar from 0, and its event and the tone of that event, from 0. */
  readonly bar: number;
  readonly event: number;
  readonly of: number;
  readonly staff: number;
  readonly pitch: Pitch;
  /** The sign that stands there; `courtesy` where it would sound the same without. */
  readonly sign: { readonly sign: Alteration; readonly courtesy: boolean } | null;
  readonly reason: ToneReason;
  /** What its sign puts an end to: the signature, or an accidental of the bar. */
  readonly cancels: InForce | null;
  /** Whether the signature alone would make it sound as it does. */
  readonly asSigned: boolean;
  readonly unreached: Unreached | null;
};

/** A sign that was put in a bar, for the tones it does not reach. */
type Put = { readonly tone: number; readonly pitch: Pitch };

/** What is known while the tones of one staff are read. */
type Staff = { readonly scope: StaffScope; here: Put[]; before: Put[] };

/** A tone that is tied on, waiting for the one it is tied to. */
type Tied = { readonly tone: number; readonly until: number; readonly staff: number; readonly voice: number };

/**
 * Goes through a part as a reader does, tone by tone: the sign that stands at each (needed, or printed by the source as a
 * reminder), and why it sounds as it does. Worked out once for each part.
 */
export const scopedTones: (part: PiecePart) => readonly ScopedTone[] = once(tonesOf);

function tonesOf(part: PiecePart): readonly ScopedTone[] {
  const staves = new Map<number, Staff>();
  const tied = new Map<string, Tied[]>();
  const found: ScopedTone[] = [];
  let count = fifths(0);
  let start = 0;
  for (const [bar, { events, fifths: signed, length }] of part.bars.entries()) {
    if (signed !== null) count = signed;
    for (const staff of staves.values()) {
      if (signed !== null) staff.scope.sign(signed);
      else staff.scope.barLine();
      staff.before = staff.here;
      staff.here = [];
    }
    for (const [event, { at, length: lasts, staff: nth, voice, tones }] of events.entries()) {
      const staff = staves.get(nth) ?? { scope: new StaffScope(count), here: [], before: [] };
      staves.set(nth, staff);
      for (const [of, each] of tones.entries()) {
        const tone = found.length;
        const key = `${heightOf(each.pitch)} ${each.pitch.note.alteration}`;
        const from = takeTied(
          tied,
          key,
          start + at,
          (waiting) => nearest(waiting, each.pitch, at, events) === events[event],
        );
        found.push({
          tone,
          bar,
          event,
          of,
          staff: nth,
          pitch: each.pitch,
          ...readTone(staff, each, tone, from),
        });
        if (each.tied) {
          const waiting = tied.get(key) ?? [];
          tied.set(key, [...waiting, { tone, until: start + at + lasts, staff: nth, voice }]);
        }
      }
    }
    start += length;
  }
  return found;
}

/** The tone that is tied to what begins at a time, if one of those that wait belongs to it. */
function takeTied(
  tied: Map<string, Tied[]>,
  key: string,
  at: number,
  belongs: (waiting: Tied) => boolean,
): number | null {
  const waiting = tied.get(key)?.filter(({ until }) => until >= at) ?? [];
  const found = waiting.find((each) => each.until === at && belongs(each));
  const left = waiting.filter((each) => each !== found);
  if (left.length > 0) tied.set(key, left);
  else tied.delete(key);
  return found?.tone ?? null;
}

/** Of the events that begin at a time with a pitch, the one a tie leads to: in its voice, on its staff, or else the first. */
function nearest(
  { staff, voice }: Tied,
  pitch: Pitch,
  at: number,
  events: readonly PieceEvent[],
): PieceEvent | undefined {
  const there = events.filter(
    (event) =>
      event.at === at &&
      !event.grace &&
      event.tones.some((tone) => tone.pitch.note === pitch.note && tone.pitch.octave === pitch.octave),
  );
  const onStaff = there.filter((event) => event.staff === staff);
  return onStaff.find((event) => event.voice === voice) ?? onStaff[0] ?? there[0];
}

type Read = Pick<ScopedTone, 'sign' | 'reason' | 'cancels' | 'asSigned' | 'unreached'>;

function readTone(staff: Staff, { pitch, printed }: PieceTone, tone: number, from: number | null): Read {
  const { scope, here, before } = staff;
  const { letter, alteration } = pitch.note;
  const force = scope.of(letter, pitch.octave);
  const asSigned = scope.signed(letter) === alteration;
  const needed = from === null && force.alteration !== alteration;
  // A sign that the source prints and that says nothing new is a reminder; one that contradicts the sound is none.
  const reminds = !needed && printed === alteration;
  const sign = needed || reminds ? { sign: alteration, courtesy: !needed } : null;
  const unreached = needed ? null : unreachedBy(pitch, here, before);
  if (sign) {
    scope.put(pitch, tone);
    if (needed) here.push({ tone, pitch });
  }
  if (from !== null) return { sign, reason: { by: 'tie', tone: from }, cancels: null, asSigned, unreached };
  if (needed) {
    const cancels = force.by === 'nothing' ? null : force;
    return { sign, reason: { by: 'accidental', tone }, cancels, asSigned, unreached: null };
  }
  const reason: ToneReason =
    force.by === 'accidental' ? { by: 'accidental', tone: force.tone } : { by: force.by };
  return { sign, reason, cancels: null, asSigned, unreached };
}

/** The nearest sign of the same letter with another sound that does not reach a tone. */
function unreachedBy(pitch: Pitch, here: readonly Put[], before: readonly Put[]): Unreached | null {
  const other = ({ pitch: put }: Put) =>
    put.note.letter === pitch.note.letter && put.note.alteration !== pitch.note.alteration;
  const elsewhere = here.findLast((put) => other(put) && put.pitch.octave !== pitch.octave);
  if (elsewhere) return { tone: elsewhere.tone, why: 'octave' };
  const last = before.findLast((put) => other(put) && put.pitch.octave === pitch.octave);
  return last ? { tone: last.tone, why: 'bar-line' } : null;
}
