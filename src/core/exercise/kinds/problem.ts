import type { SpelledNote } from '../../note/spelled';
import { PATTERNS, type ScaleId } from '../../scale/pattern';
import { scaleNamed } from '../../scale/scale';
import { isPrintable, signatureOf } from '../../scale/signature';
import { TONICS } from '../../scale/tonic';

/** Why a question cannot be marked: it has no answer that can be written. */
export type MarkProblem =
  | { readonly code: 'tonic-not-asked' }
  | { readonly code: 'signature-not-printed' }
  | { readonly code: 'fifths-out-of-range'; readonly fifths: number }
  | { readonly code: 'count-out-of-range'; readonly count: number }
  | { readonly code: 'degree-out-of-range'; readonly degree: number }
  | { readonly code: 'line-unread'; readonly read: string; readonly most: number }
  | { readonly code: 'line-not-set' }
  | { readonly code: 'no-partner' }
  | { readonly code: 'no-chord' }
  | { readonly code: 'no-whole-scale' }
  | { readonly code: 'instrument-unknown'; readonly instrument: string }
  | { readonly code: 'no-written-pitch' };

type OnScale = { readonly tonic: SpelledNote; readonly scale: ScaleId };

/** What hinders a question on a scale: a tonic beyond the 21. */
export function tonicProblem({ tonic, scale }: OnScale): MarkProblem | null {
  return TONICS.includes(tonic) && scaleNamed(tonic, scale).ok ? null : { code: 'tonic-not-asked' };
}

/** What hinders a question on a signature: a key whose signature is never printed. */
export function signatureProblem(question: OnScale): MarkProblem | null {
  const printed = isPrintable(signatureOf(question.tonic, PATTERNS[question.scale].mode));
  return tonicProblem(question) ?? (printed ? null : { code: 'signature-not-printed' });
}

/** What hinders a question on a degree of a scale. */
export function degreeProblem(question: OnScale & { readonly degree: number }): MarkProblem | null {
  const { degree } = question;
  const known = Number.isInteger(degree) && degree >= 1 && degree <= 7;
  return tonicProblem(question) ?? (known ? null : { code: 'degree-out-of-range', degree });
}
