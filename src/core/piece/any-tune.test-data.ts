import { type Key, keyNotes, signatureOfKey } from '../harmony/key';
import { pitch } from '../note/pitch';
import { fifths, fifthsOf, noteAtFifths, type SpelledNote } from '../note/spelled';
import { PIECE_QUARTER, type Piece, type PieceBar, type PieceEvent } from './piece';

/** Numbers from 0 to 1, the same for the same seed. */
function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** Chords of a phrase by their degrees, from home to home or to the fifth; of modes with what closes in them. */
const PHRASES: readonly (readonly number[])[] = [
  [1, 4, 5, 1],
  [1, 6, 4, 5],
  [1, 2, 5, 1],
  [1, 5, 1, 5],
  [1, 3, 4, 1],
];
const MODAL: readonly (readonly number[])[] = [
  [1, 7, 1, 7],
  [1, 4, 7, 1],
  [1, 2, 1, 7],
  [1, 3, 2, 1],
];
const LAST = { usual: [1, 4, 5, 1], modal: [1, 2, 7, 1] } as const;

const UNITS = [1, 1, 2] as const; // quarters of a bar of four

/**
 * A tune of four phrases made after rules that the search for keys knows nothing of: chords of the key bar by bar, their notes
 * on strong beats, steps between; minor's 7th and 6th raised as chance has it; the last phrase comes home.
 *
 * @param bass whether a line of chord roots lies under it
 */
export function anyTune(key: Key, seed: number, bass: boolean): Piece {
  const chance = seeded(seed);
  const pick = <Value>(values: readonly Value[]) => values[Math.floor(chance() * values.length)] as Value;
  const notes = keyNotes(key);
  if (!notes) throw new RangeError('a key that needs a third sign');
  const usual = key.mode === 'major' || key.mode === 'minor';
  const phrases = [
    ...Array.from({ length: 3 }, () => pick(usual ? PHRASES : [...MODAL, ...PHRASES.slice(0, 1)])),
    usual ? LAST.usual : LAST.modal,
  ];
  const raises = key.mode === 'minor' && chance() < 0.85;
  const home = fifthsOf(key.tonic);
  /** A degree, 0 up from the tonic, over the octave of the tonic; on the fifth's chord minor's 7th may be raised. */
  const noteOf = (degree: number, chord: number): SpelledNote => {
    const nth = ((degree % 7) + 7) % 7;
    const plain = notes[nth] as SpelledNote;
    const raised = raises && chord === 5 && (nth === 6 || (nth === 5 && chance() < 0.4)) && chance() < 0.9;
    return raised ? (noteAtFifths(home + (nth === 6 ? 5 : 3)) ?? plain) : plain;
  };
  const pitchOf = (degree: number, chord: number, octave: number) => {
    const note = noteOf(degree, chord);
    const above = 'CDEFGAB'.indexOf(key.tonic.letter) + degree;
    return pitch(note, octave + Math.floor(above / 7));
  };
  const event = (
    at: number,
    quarters: number,
    each: ReturnType<typeof pitchOf>,
    voice: number,
  ): PieceEvent => ({
    ...{ at, length: quarters * PIECE_QUARTER, grace: false, staff: voice, voice: 0 },
    written: { value: quarters === 4 ? 'whole' : quarters === 2 ? 'half' : 'quarter', dots: 0, tuplet: null },
    tones: [{ pitch: each, printed: null, tied: false }],
  });
  // The melody ends on the nearest tonic; over a bass now and then on another note of its chord.
  const closing = (from: number) => {
    const ends = bass && chance() < 0.15 ? [2, 4, -3, -5, 9] : [-7, 0, 7];
    return ends.toSorted((a, b) => Math.abs(a - from) - Math.abs(b - from))[0] ?? 0;
  };
  let at = pick([0, 2, 4]);
  const chords = phrases.flat();
  const bars = chords.map((chord, bar): PieceBar => {
    const last = bar === chords.length - 1;
    const tones = [chord - 1, chord + 1, chord + 3];
    const events: PieceEvent[] = [];
    let quarter = 0;
    while (quarter < 4) {
      const strong = quarter % 2 === 0;
      // On a strong beat the nearest note of the chord, or another of them; between them a step.
      const near = [...tones, ...tones.map((tone) => tone - 7), ...tones.map((tone) => tone + 7)].toSorted(
        (a, b) => Math.abs(a - at) - Math.abs(b - at),
      );
      if (last) at = closing(at);
      else if (strong && !(bar === 0 && quarter === 0)) at = pick(near.slice(0, 2));
      else if (!strong) at += pick([-1, 1]);
      if (!last) at = Math.max(-4, Math.min(10, at));
      const length = last ? 4 : Math.min(pick(UNITS), 4 - quarter);
      events.push(event(quarter * PIECE_QUARTER, length, pitchOf(at, chord, 4), 0));
      quarter += length;
    }
    if (bass) events.push(event(0, 4, pitchOf(chord - 1, chord, 2), 1));
    return {
      ...{ number: bar + 1, length: 4 * PIECE_QUARTER, mode: null, clefs: [] },
      fifths: bar === 0 ? fifths(signatureOfKey(key)) : null,
      meter: bar === 0 ? { beats: 4, unit: 4 } : null,
      events: events.toSorted((a, b) => a.at - b.at || a.staff - b.staff),
      end: last ? 'final' : 'plain',
    };
  });
  const part = { name: '', transposition: { letters: 0, semitones: 0 }, staves: bass ? 2 : 1, bars };
  return { title: '', parts: [part] };
}
