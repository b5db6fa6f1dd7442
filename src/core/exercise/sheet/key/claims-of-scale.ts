import { fifthsOf, noteAtFifths, type SpelledNote } from '../../../note/spelled';
import { PATTERNS } from '../../../scale/pattern';
import { scaleNamed } from '../../../scale/scale';
import { accidentalsOf, isPrintable, ownerOf, signatureOf } from '../../../scale/signature';
import type { Settings } from '../../../school/settings';
import type { ScaleQuestion } from '../../kinds/scale/scale-question';
import type { Changed, Claim } from './claim';

/** A half step lower on the same letter. */
function lowered(note: SpelledNote): SpelledNote {
  const found = noteAtFifths(fifthsOf(note) - 7);
  if (!found) throw new RangeError('a raised note was lower before');
  return found;
}

/** Notes of the rising form that its signature does not have. */
export function raisedIn({ tonic, scale }: Pick<ScaleQuestion, 'tonic' | 'scale'>): readonly Changed[] {
  const reading = scaleNamed(tonic, scale);
  if (!reading.ok) return [];
  return PATTERNS[scale].raised.flatMap((degree) => {
    const to = reading.scale.ascending[degree - 1];
    return to ? [{ from: lowered(to), to }] : [];
  });
}

/** The signature of a scale, as a claim. */
function hasSigns({ tonic, scale }: Pick<ScaleQuestion, 'tonic' | 'scale'>): Claim {
  const { mode } = PATTERNS[scale];
  const count = signatureOf(tonic, mode);
  const major = mode === 'major' ? null : ownerOf(count, 'major');
  return { code: 'has-signs', count, signs: accidentalsOf(count), major };
}

/** What is raised, and what becomes of it coming down. */
function raisedClaims(question: ScaleQuestion): readonly Claim[] {
  const { tonic, scale, direction, melodicDown } = question;
  const notes = raisedIn(question);
  if (notes.length === 0) return [];
  const restores = scale === 'melodic-minor' && (melodicDown ?? 'natural') === 'natural';
  if (restores && direction === 'down') return [{ code: 'nothing-raised', scale }];
  const raised: Claim = { code: 'raised', tonic, notes };
  const back: Claim = { code: 'restored', notes: notes.map(({ from }) => from).toReversed() };
  return restores && direction === 'both' ? [raised, back] : [raised];
}

function againstMajor({ tonic, scale }: ScaleQuestion): Claim | null {
  const [own, major] = [scaleNamed(tonic, scale), scaleNamed(tonic, 'major')];
  if (!own.ok || !major.ok || scale === 'major') return null;
  const notes = major.scale.ascending.flatMap((from, at): readonly Changed[] => {
    const to = own.scale.ascending[at];
    return at < 7 && to && to !== from ? [{ from, to }] : [];
  });
  return { code: 'against-major', tonic, notes };
}

/** Why a written scale is right, by the class's way of reasoning: its signature, its steps, or the major on its tonic. */
export function claimsOfScale(question: ScaleQuestion, by: Settings['reasonBy']): readonly Claim[] {
  const { scale, tonic, direction, melodicDown } = question;
  // Where no signature is printed, there is none to reason by.
  const printed = isPrintable(signatureOf(tonic, PATTERNS[scale].mode));
  if (by === 'steps' || !printed) {
    const down = direction === 'down';
    const natural = down && scale === 'melodic-minor' && (melodicDown ?? 'natural') === 'natural';
    const { rising } = PATTERNS[natural ? 'natural-minor' : scale];
    const steps: Claim = { code: 'steps', tonic, steps: down ? rising.toReversed() : rising, down };
    return [steps, ...raisedClaims(question).filter(({ code }) => code === 'restored')];
  }
  const parallel = by === 'parallel' && direction !== 'down' ? againstMajor(question) : null;
  if (parallel) return [parallel, ...raisedClaims(question).filter(({ code }) => code === 'restored')];
  return [hasSigns(question), ...raisedClaims(question)];
}
