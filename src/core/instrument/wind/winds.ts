import { known } from '../../known';
import { pitchNamed } from '../../note/parse';
import { midiOf, type Pitch } from '../../note/pitch';
import { enharmonics, type SpelledNote } from '../../note/spelled';
import { CLARINET } from './clarinet';
import type { Fingering, Fingerings } from './fingering';
import { FLUTE } from './flute';
import { RECORDER } from './recorder';
import { SAXOPHONE } from './saxophone';

/** How a wind instrument is fingered: by what its diagram is drawn, and its table. */
export type Wind = {
  readonly drawn: 'saxophone' | 'recorder' | 'flute' | 'clarinet';
  readonly table: Fingerings;
  /** Semitones from a written note to the one that its table names. */
  readonly above: number;
  /** When its table was written a second time and compared (ISO 8601). */
  readonly checked: string;
};

const SAX: Wind = { drawn: 'saxophone', table: SAXOPHONE, above: 0, checked: '2026-11-27' };
const REED: Wind = { drawn: 'clarinet', table: CLARINET, above: 0, checked: '2026-11-28' };

/** Instruments whose fingerings are known here, by the id of their player. */
const WINDS: Readonly<Record<string, Wind>> = {
  'alto-saxophone': SAX,
  'tenor-saxophone': SAX,
  'baritone-saxophone': SAX,
  'descant-recorder': { drawn: 'recorder', table: RECORDER, above: 12, checked: '2026-11-27' },
  flute: { drawn: 'flute', table: FLUTE, above: 0, checked: '2026-11-27' },
  clarinet: REED,
  'a-clarinet': REED,
  'e-flat-clarinet': REED,
};

/** The wind instrument of a player, or null where its fingerings are not known here. */
export function windOf(player: string): Wind | null {
  return known(WINDS, player) ?? null;
}

/**
 * The fingerings of a written note, the usual one first; none where the table has none. A note has those of its sound,
 * whatever its name: D♯ is fingered as E♭.
 */
export function fingeringsOf({ table, above }: Wind, written: Pitch): readonly Fingering[] {
  const sound = midiOf(written) + above;
  const found = Object.entries(table).find(([name]) => midiOf(pitchNamed(name)) === sound);
  return found?.[1] ?? [];
}

/** The other name, of one sign at most, of a note; it is fingered alike. Null where it has none. */
export function otherName(note: SpelledNote): SpelledNote | null {
  return enharmonics(note).find(({ alteration }) => Math.abs(alteration) <= 1) ?? null;
}

/** The fingers of a fingering from 1 to 6, and the keys that are held beside them; of a flute or a saxophone. */
export function keysOf({ keys }: Fingering): {
  readonly fingers: readonly number[];
  readonly others: readonly string[];
} {
  const words = keys.split(' ').filter(Boolean);
  const digits = words.find((word) => /^\d+$/u.test(word)) ?? '';
  return { fingers: [...digits].map(Number), others: words.filter((word) => word !== digits) };
}
