import type { Answer, Reason } from '@/core/exercise/answer';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { signOfCode } from '@/core/scale/printed';
import { ENGLISH } from '@/core/words/class-words';
import { readGiven } from '@/core/words/read-given';

/** An answer as addresses had it before it had a code: its English text, the signs at the notes, the reasons. */
export type OldAnswer = {
  readonly answer: string;
  readonly printed: string | null;
  readonly reasons: string | null;
};

export type OldReading =
  | {
      readonly ok: true;
      readonly given: Answer;
      /** The parts of it that could not be read. */
      readonly leftOut: readonly ('printed' | 'reasons')[];
    }
  | { readonly ok: false; readonly why: string };

/** The mark of a note without a sign. */
const NO_SIGN = '-';

/** An answer with one part more; null where that part cannot be read, or is none of such an answer. */
function withPrinted(given: Answer, printed: string): Answer | null {
  if (given.is !== 'scale') return null;
  const signs = printed.split(' ');
  const known = signs.every((sign) => sign === NO_SIGN || signOfCode(sign) !== null);
  if (signs.length !== given.notes.length || !known) return null;
  return {
    ...given,
    notes: given.notes.map((note, at) => ({ ...note, printed: signOfCode(signs[at] ?? NO_SIGN) })),
  };
}

function withReasons(given: Answer, text: string): Answer | null {
  if (given.is !== 'key') return null;
  const parts = text.split(' ');
  const reasons = parts.flatMap((part): Reason[] => {
    const found = /^([1-8])-([1-8]):(\d{1,2})$/u.exec(part);
    return found ? [{ from: Number(found[1]), to: Number(found[2]), semitones: Number(found[3]) }] : [];
  });
  return reasons.length === parts.length ? { ...given, reasons } : null;
}

/** Reads an answer as older addresses have it, or says why it cannot be. */
export function readOldAnswer(asked: MarkQuestion, { answer, printed, reasons }: OldAnswer): OldReading {
  const reading = readGiven(ENGLISH, asked, answer);
  if (!reading.ok) return reading;
  const signed = printed ? withPrinted(reading.given, printed) : reading.given;
  const reasoned = reasons ? withReasons(signed ?? reading.given, reasons) : signed;
  return {
    ok: true,
    given: reasoned ?? signed ?? reading.given,
    leftOut: [
      ...(signed ? [] : (['printed'] as const)),
      ...(reasons && !reasoned ? (['reasons'] as const) : []),
    ],
  };
}
