import { fifths, noteAtFifths, type SpelledNote, spelled, temptingSpelling } from '../note/spelled';
import { degreeOf } from '../scale/degree';
import type { Direction } from '../scale/line';
import { MODE_PLACE } from '../scale/mode';
import { PATTERNS } from '../scale/pattern';
import { accidentalsOf } from '../scale/signature';
import { unraisedDegrees } from './by-parent';
import type { SignedScale } from './by-signature';
import type { Derivation } from './derivation';
import { Working } from './working';

/** The sign that the nth link of the chain brings, n from 1; past seven a letter takes its second sign. */
function signOfLink(link: number, up: boolean): SpelledNote {
  const sign = accidentalsOf(fifths(up ? link : -link)).at(-1);
  if (!sign) throw new RangeError(`no link ${link}`);
  return sign;
}

/**
 * Method 6: from the scale of its kind that has no signs, a fifth at a time: keep all, add one sign. Upwards the new
 * sharp is the letter before the new major tonic; downwards the new flat is the new major key's fourth. The signs
 * pile up on the letters of the scale that is asked for. Then the raised degrees of the minor forms.
 */
export function deriveByChain(scale: SignedScale, direction: Direction): Derivation {
  const { tonic, id, signature } = scale;
  const { mode } = PATTERNS[id];
  const up = signature > 0;
  const links = Math.abs(signature);
  const start = noteAtFifths(MODE_PLACE[mode]);
  if (!start) throw new RangeError('every mode has a scale without signs');
  const working = new Working(scale, direction, 'chain');
  const letters = scale.ascending.slice(0, 7).map(({ letter }) => spelled(letter, 0));
  working.lay(letters);
  working.say({ code: 'chain-start', tonic: start, scale: id, up, links }, working.everywhere);
  for (let link = 1; link <= links; link += 1) {
    const reached = noteAtFifths(MODE_PLACE[mode] + (up ? link : -link));
    const sign = signOfLink(link, up);
    if (!reached) throw new RangeError('the chain leads from one of 21 tonics to another');
    const { degree } = degreeOf(sign, reached);
    const at = working.line.flatMap(({ pitch }, place) => (pitch.note.letter === sign.letter ? [place] : []));
    working.write({ code: 'chain-link', tonic: reached, scale: id, sign, degree }, at, sign);
  }
  const unraised = unraisedDegrees(scale);
  working.say({ code: 'chain-arrive', notes: [...unraised, tonic] }, working.everywhere);
  working.raise(unraised, (from, to) => ({ code: 'raise', tonic, from, to, refused: temptingSpelling(to) }));
  return working.finish();
}
