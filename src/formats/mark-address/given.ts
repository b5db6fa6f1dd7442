import type { Answer } from '@/core/exercise/answer';
import { answerCode, CODE_VERSION, readAnswerCode } from '@/core/exercise/code';
import { fieldsOf, KIND_IDS, type MarkQuestion, questionFrom } from '@/core/exercise/kinds/all';
import { FIELDS, type FieldId, type Fields, USUAL_FIELDS } from '@/core/exercise/kinds/fields';
import { readOldAnswer } from './old-answer';

/** The parameter of an answer's code, and those by which older addresses had it. */
export const GIVEN = 'given';
export const OLD_GIVEN = ['answer', 'printed', 'reasons'] as const;

/** An answer as an address has it: its version and its code. */
export function writeGivenCode(answer: Answer): string {
  return `${CODE_VERSION}.${answerCode(answer)}`;
}

export type GivenCodeReading =
  | {
      readonly ok: true;
      readonly given: Answer | null;
      /** Parameters that could not be read beside it. */
      readonly leftOut: readonly string[];
    }
  /** What could not be read, to be mended by hand. */
  | { readonly ok: false; readonly text: string };

/** The answer of an address, by its code or as older addresses had it; null where none was given. */
export function readGivenCode(asked: MarkQuestion, query: URLSearchParams): GivenCodeReading {
  const code = query.get(GIVEN);
  if (code !== null) {
    const [version, rest] = [code.slice(0, code.indexOf('.')), code.slice(code.indexOf('.') + 1)];
    const given = version === CODE_VERSION ? readAnswerCode(asked, rest) : null;
    return given ? { ok: true, given, leftOut: [] } : { ok: false, text: code };
  }
  const [answer, printed = null, reasons = null] = OLD_GIVEN.map((name) => query.get(name));
  if (answer === null || answer === undefined) return { ok: true, given: null, leftOut: [] };
  const reading = readOldAnswer(asked, { answer, printed, reasons });
  return reading.ok ? reading : { ok: false, text: answer };
}

function fieldsIn(query: URLSearchParams, names: readonly FieldId[]): Fields {
  let fields = USUAL_FIELDS;
  for (const name of names) {
    const value = FIELDS[name].read(query.get(name) ?? '');
    if (value !== null) fields = { ...fields, [name]: value };
  }
  return fields;
}

/**
 * An address that was kept with its answer in English words, with the answer in a code. What cannot be read stays as it
 * is, so that nothing is lost.
 */
export function withGivenCode(address: string): string {
  const at = address.indexOf('?');
  const query = new URLSearchParams(address.slice(at + 1));
  const kind = KIND_IDS.find((id) => id === query.get('kind'));
  if (at < 0 || !kind || !query.has('answer')) return address;
  const asked = questionFrom(kind, fieldsIn(query, fieldsOf(kind)), { melodicDown: 'natural' });
  const reading = readGivenCode(asked, query);
  if (!reading.ok || !reading.given || reading.leftOut.length > 0) return address;
  for (const name of OLD_GIVEN) query.delete(name);
  query.set(GIVEN, writeGivenCode(reading.given));
  return `${address.slice(0, at)}?${query}`;
}
