import { type Key, keyAt, keyNotes, signatureOfKey } from '../../harmony/key';
import { MODES } from '../../scale/mode';
import type { Piece } from '../piece';
import type { SoundingPiece } from '../sounding';
import type { Candidate } from './evidence';
import { measured } from './measured';
import { type Setting, shareOutside, weighed } from './weigh';

/** How far a weight of one moves the odds. */
const STEEP = 0.5;
/** Notes by which half of that is reached: of a few notes nobody can be sure. */
const FEW = 10;

/** A key that the signature does not own is named where it stands this near to the best. */
const NEAR = 5;
const MOST_OTHERS = 3;
/** A key of another signature is not looked at where more than this share of the time lies outside it. */
const FOREIGN = 0.2;

/** Every key of every mode under the fifteen signatures. */
const ALL_KEYS: readonly Key[] = Array.from({ length: 15 }, (_, at) => at - 7)
  .flatMap((count) => MODES.flatMap((mode) => keyAt(count, mode) ?? []))
  .filter(keyNotes);

/** How sure a key has to be to be told, and to be told without a word of doubt. */
const TOLD = 0.6;
const PLAIN = 0.9;

/** The signature that holds longest, and what the source says of the mode where it stands. */
function settingOf(piece: Piece, heard: SoundingPiece): Setting {
  const lasts = new Map<number, number>();
  for (const [bar, count] of heard.signatures.entries()) {
    const ticks = (heard.bars[bar + 1] ?? 0) - (heard.bars[bar] ?? 0);
    lasts.set(count, (lasts.get(count) ?? 0) + ticks);
  }
  const [longest] = [...lasts].toSorted((a, b) => b[1] - a[1]);
  const bars = piece.parts[0]?.bars ?? [];
  const first = bars.findIndex((_, bar) => heard.signatures[bar] === longest?.[0]);
  return {
    count: longest?.[0] ?? null,
    says: bars[first]?.mode ?? null,
    number: (bar) => bars[bar]?.number ?? bar + 1,
  };
}

function candidate(key: Key, owns: boolean, evidence: Candidate['evidence']): Candidate {
  return { key, owns, evidence, weight: evidence.reduce((sum, each) => sum + each.weight, 0), sure: 0 };
}

/** Shares certainty out over candidates by their weights and by how many notes there are; the best first. */
export function ranked(candidates: readonly Candidate[], notes: number): readonly Candidate[] {
  const sorted = candidates.toSorted((a, b) => b.weight - a.weight);
  const best = sorted[0]?.weight ?? 0;
  const steep = (STEEP * notes) / (notes + FEW);
  const odds = sorted.map(({ weight }) => Math.exp(steep * (weight - best)));
  const all = odds.reduce((sum, each) => sum + each, 0);
  return sorted.map((each, at) => ({ ...each, sure: (odds[at] ?? 0) / all }));
}

/**
 * The keys a piece could be in, the best first: every owner of its signature, and others that the notes speak for as much.
 * Each with its evidence, which its weight is the sum of. Empty where nothing sounds.
 */
export function keysOfPiece(piece: Piece, heard: SoundingPiece): readonly Candidate[] {
  const counts = measured(heard);
  if (!counts) return [];
  const setting = settingOf(piece, heard);
  const candidates = ALL_KEYS.flatMap((key) => {
    const owns = signatureOfKey(key) === setting.count;
    if (!owns && shareOutside(key, counts) > FOREIGN) return [];
    return [candidate(key, owns, weighed(key, counts, setting))];
  });
  const sorted = candidates.toSorted((a, b) => b.weight - a.weight);
  const best = sorted[0]?.weight ?? 0;
  const others = sorted.filter(({ owns, weight }) => !owns && weight > best - NEAR).slice(0, MOST_OTHERS);
  return ranked([...sorted.filter(({ owns }) => owns), ...others], counts.count);
}

/** What can be said: a key, how surely, or that it cannot be told. */
export type Verdict =
  | { readonly is: 'plain' | 'likely'; readonly best: Candidate; readonly next: Candidate | null }
  | { readonly is: 'open'; readonly among: readonly Candidate[] };

/** What the candidates come to. It cannot be told where the best is not sure enough of itself. */
export function verdictOf(candidates: readonly Candidate[]): Verdict {
  const [best, next] = candidates;
  if (!best || best.sure < TOLD)
    return { is: 'open', among: candidates.filter(({ sure }) => sure > 0.1).slice(0, 4) };
  return { is: best.sure >= PLAIN ? 'plain' : 'likely', best, next: next ?? null };
}
