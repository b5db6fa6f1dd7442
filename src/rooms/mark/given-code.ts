import type { Given } from '@/core/mark/given';
import type { MarkQuestion, Reason } from '@/core/mark/questions';
import type { WrittenNote } from '@/core/mark/row-entry';
import { asciiName } from '@/core/note/spelled';
import { signCode, signOfCode } from '@/core/scale/printed';
import { ENGLISH } from '@/core/words/class-words';
import { readGiven } from '@/core/words/read-given';
import { sayGiven } from '@/core/words/say-given';

/** An answer as addresses have it: its text, the signs printed at the notes, the reasons. */
export type GivenCode = {
  readonly answer: string;
  readonly printed?: string;
  readonly reasons?: string;
};

/** The mark of a note without a sign. */
const NO_SIGN = '-';

const noteCode = ({ note, octave }: WrittenNote) =>
  `${asciiName(note)}${note.alteration === 0 ? 'n' : ''}${octave ?? ''}`;

function printedCode(notes: readonly WrittenNote[]): string | null {
  if (notes.some(({ printed }) => printed === undefined)) return null;
  return notes
    .map(({ printed }) => (printed === null || printed === undefined ? NO_SIGN : signCode(printed)))
    .join(' ');
}

/** Writes an answer in English ASCII. Plain notes are said to be naturals, whatever signature stands before them. */
export function writeGiven(asked: MarkQuestion, given: Given): GivenCode {
  switch (given.is) {
    case 'row': {
      const printed = printedCode(given.notes);
      const answer = given.notes.map(noteCode).join(' ');
      return printed === null ? { answer } : { answer, printed };
    }
    case 'drawn':
      return {
        answer:
          given.signs.length === 0
            ? 'none'
            : given.signs.map((sign) => `${asciiName(sign.note)}${sign.octave}`).join(' '),
      };
    case 'notes':
      return { answer: given.notes.map(asciiName).join(' ') };
    case 'count': {
      const list = given.signs?.map(asciiName).join(' ') ?? '';
      const count =
        given.fifths === null ? '' : given.fifths === 0 && list === '' ? 'none' : `${given.fifths}`;
      const sharps = given.fifths !== null && given.fifths > 0 ? ' sharps' : '';
      return { answer: [count && count + sharps, list].filter(Boolean).join(': ') };
    }
    case 'key': {
      const answer = sayGiven(ENGLISH, asked, given)
        .replaceAll('♯', '#')
        .replaceAll('♭', 'b')
        .replaceAll('𝄪', '##')
        .replaceAll('𝄫', 'bb');
      const reasons = given.reasons.map(({ from, to, semitones }) => `${from}-${to}:${semitones}`).join(' ');
      return reasons ? { answer, reasons } : { answer };
    }
    case 'pitch':
      return { answer: `${asciiName(given.pitch.note)}${given.pitch.octave}` };
    case 'steps':
      return { answer: given.steps.join(' ') };
    default:
      return { answer: sayGiven(ENGLISH, asked, given) };
  }
}

function withPrinted(given: Given, printed: string): Given {
  if (given.is !== 'row') return given;
  const signs = printed.split(' ');
  if (
    signs.length !== given.notes.length ||
    signs.some((sign) => sign !== NO_SIGN && signOfCode(sign) === null)
  )
    return given;
  return {
    ...given,
    notes: given.notes.map((note, at) => ({ ...note, printed: signOfCode(signs[at] ?? NO_SIGN) })),
  };
}

function withReasons(given: Given, text: string): Given {
  if (given.is !== 'key') return given;
  const reasons = text.split(' ').flatMap((part): Reason[] => {
    const found = /^([1-8])-([1-8]):(\d{1,2})$/u.exec(part);
    return found ? [{ from: Number(found[1]), to: Number(found[2]), semitones: Number(found[3]) }] : [];
  });
  return { ...given, reasons };
}

/** Reads an answer as it was written into an address, or says why it cannot be. */
export function readGivenCode(asked: MarkQuestion, { answer, printed, reasons }: GivenCode) {
  const reading = readGiven(ENGLISH, asked, answer);
  if (!reading.ok) return reading;
  const signed = printed ? withPrinted(reading.given, printed) : reading.given;
  return { ok: true as const, given: reasons ? withReasons(signed, reasons) : signed };
}
