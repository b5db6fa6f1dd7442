import { type Fifths, fifths, fifthsOf } from '../../note/spelled';
import { PATTERNS, type ScaleId } from '../../scale/pattern';
import { signatureOf } from '../../scale/signature';
import { type KindId, keyOf, type MarkQuestion } from '../kinds/all';

/** What a question weighs before its key is looked at: how many things have to be thought of. */
const BASE: Readonly<Record<KindId, number>> = {
  scale: 4,
  signature: 3,
  'name-key': 2,
  'name-signature': 2,
  order: 1,
  steps: 2,
  'name-scale': 4,
  partner: 3,
  degree: 2,
  chord: 4,
  transpose: 3,
  dictation: 4,
};

/** Signs of a key by steps of difficulty: up to two; three or four; five to seven. */
export function levelOf(count: number): number {
  const signs = Math.abs(count);
  return signs <= 2 ? 0 : signs <= 4 ? 1 : 2;
}

function fifthsOfKey(tonic: Parameters<typeof signatureOf>[0], scale: ScaleId): Fifths {
  return signatureOf(tonic, PATTERNS[scale].mode);
}

/**
 * The signature a question has to do with, in fifths: of the key that is asked about, of the signs in order, or the
 * sign of a note that is transposed. Null where it has to do with none, as steps have.
 */
export function fifthsAsked(asked: MarkQuestion): Fifths | null {
  switch (asked.kind) {
    case 'name-key':
      return asked.question.fifths;
    case 'order':
      return fifths(asked.question.order);
    case 'steps':
      return null;
    case 'transpose':
      return fifthsOf(asked.question.pitch.note);
    default: {
      const key = keyOf(asked);
      return key?.scale ? fifthsOfKey(key.tonic, key.scale) : null;
    }
  }
}

/** What a kind adds for how it is asked: both ways, without a signature, a seventh chord, a far clef. */
function ownWeight(asked: MarkQuestion): number {
  switch (asked.kind) {
    case 'scale': {
      const { direction, signature, tonic, scale } = asked.question;
      const signs = signature === 'none' && fifthsOfKey(tonic, scale) !== 0 ? 1 : 0;
      return (direction === 'both' ? 2 : direction === 'down' ? 1 : 0) + signs;
    }
    case 'chord':
      return (asked.question.size === 4 ? 1 : 0) + (asked.question.wants === 'numeral' ? 1 : 0);
    case 'partner':
      return asked.question.relation === 'relative' ? 0 : 1;
    default:
      return 0;
  }
}

function scaleIn(asked: MarkQuestion): ScaleId | null {
  if (asked.kind === 'steps') return asked.question.scale;
  return keyOf(asked)?.scale ?? null;
}

/** Alto and tenor clef have to be thought about more. */
function clefWeight({ question }: MarkQuestion): number {
  const clef = 'clef' in question ? question.clef : null;
  return clef === 'alto' || clef === 'tenor' ? 1 : 0;
}

/**
 * How hard a question is, in points: those of its kind, one for each step of its signs (up to two; three or four;
 * more), one for each raised note of its form, one for a mode, and what its way of asking adds. Two questions of
 * one measure are held to be equally hard; the versions of a sheet have the same sum.
 */
export function measureOf(asked: MarkQuestion): number {
  const scale = scaleIn(asked);
  const mode = scale && !['major', 'minor'].includes(PATTERNS[scale].mode) ? 1 : 0;
  return (
    BASE[asked.kind] +
    levelOf(fifthsAsked(asked) ?? 0) +
    (scale && asked.kind !== 'steps' ? PATTERNS[scale].raised.length : 0) +
    mode +
    ownWeight(asked) +
    clefWeight(asked)
  );
}
