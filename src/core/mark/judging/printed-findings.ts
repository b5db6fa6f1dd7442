import { type Pitch, pitch } from '../../note/pitch';
import type { Alteration, Fifths } from '../../note/spelled';
import type { Direction } from '../../scale/direction';
import { printedSigns } from '../../scale/printed';
import type { Settings } from '../../school/settings';
import type { Finding, Thing } from './judged';

const signThing = (sign: Alteration | null): Thing => ({ is: 'sign', sign });

/** What the signs printed at the notes are judged by. */
export type PrintedCase = {
  readonly pitches: readonly Pitch[];
  readonly printed: readonly (Alteration | null)[];
  readonly atClef: Fifths | null;
  readonly direction: Direction;
  readonly cancelling: Settings['cancelling'];
};

/**
 * What is wrong with the signs printed at the notes of a line without bar lines: one left out that is needed, one
 * repeated that is still in force, one that says something else than its note sounds, a natural where nothing is to
 * be cancelled. It is style: the notes may be right. A class that asks for no cancelling signs across a bar is not asked for
 * them after the top note either.
 */
export function printedFindings({
  pitches,
  printed,
  atClef,
  direction,
  cancelling,
}: PrintedCase): readonly Finding[] {
  const needed = printedSigns(pitches, atClef);
  const top = (pitches.length - 1) / 2;
  const altered = new Set<string>();
  return pitches.flatMap((each, index): readonly Finding[] => {
    const [sign, wanted] = [printed[index] ?? null, needed[index] ?? null];
    const { letter, alteration } = each.note;
    const turned = direction === 'both' && index > top;
    const cancels = altered.has(letter);
    if (alteration !== 0) altered.add(letter);
    const finding = (code: Finding['code']): readonly Finding[] => [
      { code, index, expected: signThing(wanted), got: signThing(sign) },
    ];
    if (sign !== null && sign !== alteration) return finding('sign-misplaced');
    if (sign === null && wanted !== null)
      return turned && cancels && cancelling !== 'required' ? [] : finding('sign-needed');
    // A class that writes none after a bar line writes none after the top note, where the next bar could begin.
    if (sign === 0 && wanted === 0 && turned && cancels && cancelling === 'not-written')
      return finding('cancelling-unwanted');
    if (sign === null || wanted !== null) return [];
    const inSignature = printedSigns([pitch(each.note, each.octave)], atClef)[0] === null && alteration !== 0;
    return finding(alteration === 0 && !cancels && !inSignature ? 'sign-unwanted' : 'sign-repeated');
  });
}
