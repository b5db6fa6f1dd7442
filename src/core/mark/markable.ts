import { chordOf } from '../harmony/chord';
import { inThirds } from '../harmony/numeral';
import { PATTERNS } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { isPrintable, signatureOf } from '../scale/signature';
import { TONICS } from '../scale/tonic';
import { rowOfDegree } from './counting/row-of-degree';
import { nameOfRow, partnerOf } from './judge-key';
import { writtenFor } from './judge-transposed';
import type { MarkQuestion } from './questions';
import { TRANSPOSING } from './transposing/instruments';

/** Why a question cannot be marked: it has no answer that can be written. */
export type MarkProblem =
  | { readonly code: 'tonic-not-asked' }
  | { readonly code: 'signature-not-printed' }
  | { readonly code: 'fifths-out-of-range'; readonly fifths: number }
  | { readonly code: 'count-out-of-range'; readonly count: number }
  | { readonly code: 'degree-out-of-range'; readonly degree: number }
  | { readonly code: 'no-partner' }
  | { readonly code: 'no-chord' }
  | { readonly code: 'no-whole-scale' }
  | { readonly code: 'instrument-unknown'; readonly instrument: string }
  | { readonly code: 'no-written-pitch' };

function keyProblem({
  tonic,
  scale,
}: {
  readonly tonic: (typeof TONICS)[number];
  readonly scale: keyof typeof PATTERNS;
}): MarkProblem | null {
  return TONICS.includes(tonic) && scaleNamed(tonic, scale).ok ? null : { code: 'tonic-not-asked' };
}

function inRange(degree: number): MarkProblem | null {
  return Number.isInteger(degree) && degree >= 1 && degree <= 7
    ? null
    : { code: 'degree-out-of-range', degree };
}

/** Why a question cannot be marked, or null where it can. */
export function markProblem(asked: MarkQuestion): MarkProblem | null {
  switch (asked.kind) {
    case 'scale':
      return keyProblem(asked.question);
    case 'signature':
    case 'name-signature': {
      const { tonic, scale } = asked.question;
      const printed = isPrintable(signatureOf(tonic, PATTERNS[scale].mode));
      return keyProblem(asked.question) ?? (printed ? null : { code: 'signature-not-printed' });
    }
    case 'name-key': {
      const { fifths } = asked.question;
      return isPrintable(fifths) ? null : { code: 'fifths-out-of-range', fifths };
    }
    case 'order': {
      const { count } = asked.question;
      return Number.isInteger(count) && count >= 1 && count <= 7
        ? null
        : { code: 'count-out-of-range', count };
    }
    case 'steps':
      return null;
    case 'name-scale':
      return nameOfRow(asked.question.notes) ? null : { code: 'no-whole-scale' };
    case 'partner':
      return TONICS.includes(asked.question.tonic) && partnerOf(asked.question)
        ? null
        : { code: 'no-partner' };
    case 'degree':
      return keyProblem(asked.question) ?? inRange(asked.question.degree);
    case 'chord': {
      const { degree, size } = asked.question;
      const problem = keyProblem(asked.question) ?? inRange(degree);
      if (problem) return problem;
      return chordOf(inThirds(rowOfDegree(asked.question), degree - 1, size)) ? null : { code: 'no-chord' };
    }
    case 'transpose': {
      const { instrument } = asked.question;
      if (!Object.hasOwn(TRANSPOSING, instrument)) return { code: 'instrument-unknown', instrument };
      return writtenFor(asked.question) ? null : { code: 'no-written-pitch' };
    }
  }
}
