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
  | { readonly ok: true; readonly given: Answer }
  | { readonly ok: false; readonly why: string };

/** The mark of a note without a sign. */
const NO_SIGN = '-';

function withPrinted(given: Answer, printed: string): Answer {
  if (given.is !== 'scale') return given;
  const signs = printed.split(' ');
  const known = signs.every((sign) => sign === NO_SIGN || signOfCode(sign) !== null);
  if (signs.length !== given.notes.length || !known) return given;
  return {
    ...given,
    notes: given.notes.map((note, at) => ({ ...note, printed: signOfCode(signs[at] ?? NO_SIGN) })),
  };
}

function withReasons(given: Answer, text: string): Answer {
  if (given.is !== 'key') return given;
  const reasons = text.split(' ').flatMap((part): Reason[] => {
    const found = /^([1-8])-([1-8]):(\d{1,2})$/u.exec(part);
    return found ? [{ from: Number(found[1]), to: Number(found[2]), semitones: Number(found[3]) }] : [];
  });
  return { ...given, reasons };
}

/** Reads an answer as older addresses have it, or says why it cannot be. */
export function readOldAnswer(asked: MarkQuestion, { answer, printed, reasons }: OldAnswer): OldReading {
  const reading = readGiven(ENGLISH, asked, answer);
  if (!reading.ok) return reading;
  const signed = printed ? withPrinted(reading.given, printed) : reading.given;
  return { ok: true, given: reasons ? withReasons(signed, reasons) : signed };
}
