import { placeInSignature } from '../../identify/drawn-signature';
import type { Clef } from '../../instrument/staff';
import { type Pitch, pitch } from '../../note/pitch';
import type { Fifths, SpelledNote } from '../../note/spelled';
import { accidentalsOf } from '../../scale/signature';
import { align } from './align';
import { atPlace } from './findings';
import { type Finding, noteThing, type Thing } from './judged';

/** A sign of a signature as it was drawn; no octave where it was only named. */
export type DrawnSign = { readonly sign: SpelledNote; readonly octave: number | null };

const place = ({ sign, octave }: DrawnSign): Thing =>
  octave === null ? noteThing(sign) : { is: 'pitch', pitch: pitch(sign, octave) };

/** Whether the signs are just those wanted, in whatever order. */
function isSameSet(wanted: readonly SpelledNote[], drawn: readonly SpelledNote[]): boolean {
  return wanted.length === drawn.length && wanted.every((sign) => drawn.includes(sign));
}

/**
 * What is wrong with a drawn signature against the one that was wanted: signs missing, too many or other ones; sharps
 * and flats mixed; the right signs out of order; a sign at another octave than its clef has it. Places are judged only
 * where they were drawn.
 */
export function signatureFindings(
  count: Fifths,
  drawn: readonly DrawnSign[],
  clef: Clef,
): readonly Finding[] {
  const wanted = accidentalsOf(count);
  const signs = drawn.map(({ sign }) => sign);
  const found: Finding[] = [];
  const kinds = new Set(signs.map(({ alteration }) => Math.sign(alteration)));
  if (kinds.has(1) && kinds.has(-1)) {
    const first = Math.sign(signs.find(({ alteration }) => alteration !== 0)?.alteration ?? 0);
    const at = signs.findIndex(({ alteration }) => Math.sign(alteration) === -first);
    found.push({ code: 'mixed', index: at, expected: null, got: noteThing(signs[at] as SpelledNote) });
  }
  if (isSameSet(wanted, signs)) {
    for (const [index, sign] of signs.entries()) {
      const right = wanted[index] as SpelledNote;
      if (sign !== right)
        found.push({ code: 'order-wrong', index, expected: noteThing(right), got: noteThing(sign) });
    }
  } else {
    for (const { want, got } of align(wanted, signs)) {
      const [right, sign] = [want === null ? null : wanted[want], got === null ? null : signs[got]];
      if (right && sign && right !== sign) {
        found.push({
          code: atPlace(right, sign),
          index: got,
          expected: noteThing(right),
          got: noteThing(sign),
        });
      } else if (right && !sign) {
        found.push({ code: 'note-missing', index: null, expected: noteThing(right), got: null });
      } else if (sign && !right)
        found.push({ code: 'note-extra', index: got, expected: null, got: noteThing(sign) });
    }
  }
  return [...found, ...placesOf(drawn, clef)];
}

/** Signs that stand at another octave than a signature of their kind has them. */
function placesOf(drawn: readonly DrawnSign[], clef: Clef): readonly Finding[] {
  return drawn.flatMap((each, index): readonly Finding[] => {
    // A natural or a double sign has no place in a signature.
    if (each.octave === null || Math.abs(each.sign.alteration) !== 1) return [];
    const home = placeInSignature(each.sign, clef);
    if (home.octave === each.octave) return [];
    const expected: Thing = { is: 'pitch', pitch: home };
    return [{ code: 'place-wrong', index, expected, got: place(each) }];
  });
}

/** The pitches of signs as they stand on a staff; one that was only named stands where a signature has it. */
export function placedSigns(drawn: readonly DrawnSign[], clef: Clef): readonly Pitch[] {
  return drawn.map(({ sign, octave }) =>
    octave === null ? placeInSignature(sign, clef) : pitch(sign, octave),
  );
}
