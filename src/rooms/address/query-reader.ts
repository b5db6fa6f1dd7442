import { readEnglishNote } from '@/core/note/parse';
import { asciiName, type SpelledNote } from '@/core/note/spelled';
import type { AddressProblem } from '@/core/words/say-address';
import type { Problem } from '@/core/words/say-problem';

/** The longest query that is read, in characters. */
export const LONGEST_QUERY = 6000;

const STEP = /^[1-9]\d?$/u;

/** How much of what was read is said again. */
const SAID = 60;

/**
 * Reads the query of a sentence word by word. What is left out is taken from what is usual; what cannot be read is
 * a problem that is named, and the rest still holds.
 */
export class QueryReader {
  readonly problems: AddressProblem[] = [];
  readonly query: URLSearchParams;

  constructor(search: string, parameters: readonly string[]) {
    this.query = new URLSearchParams(search.slice(0, LONGEST_QUERY));
    for (const [parameter, read] of this.query) {
      if (!parameters.includes(parameter)) this.problems.push({ code: 'address-unknown', parameter, read });
    }
    for (const parameter of parameters) {
      if (this.query.getAll(parameter).length > 1) this.problems.push({ code: 'address-twice', parameter });
    }
  }

  /** What stands for a parameter, shortened to what can be said again; null where it is left out. */
  get(name: string): string | null {
    return this.query.get(name);
  }

  /** A word could not be read; `shown` says what stands in its place. */
  wrong(parameter: string, problem: Problem, shown: string): void {
    this.problems.push({ code: 'address-word', parameter, problem, shown });
  }

  /** One of several values. `as` brings what was read into their form, such as another name of the same thing. */
  choice<Value extends string>(
    name: string,
    allowed: readonly Value[],
    usual: Value,
    as: (read: string) => string = (read) => read,
  ): Value {
    const read = this.get(name);
    if (read === null) return usual;
    const found = allowed.find((value) => value === as(read));
    if (found !== undefined) return found;
    this.notAllowed(name, allowed, usual);
    return usual;
  }

  /** What was read is none of the values that are allowed. */
  notAllowed(name: string, allowed: readonly string[], shown: string): void {
    const read = (this.get(name) ?? '').slice(0, SAID);
    this.wrong(name, { code: 'choice-unknown', what: name, read, allowed }, shown);
  }

  /** A whole number within limits. */
  number(name: string, from: number, to: number, usual: number): number {
    const read = this.get(name);
    if (read === null) return usual;
    const number = /^\d{1,10}$/u.test(read) ? Number(read) : Number.NaN;
    if (number >= from && number <= to) return number;
    this.notAllowed(name, [`${from} to ${to}`], String(usual));
    return usual;
  }

  /** Several of a list, parted by dots, each once and in the order of the list; those that are none are told. */
  several<Value extends string>(
    name: string,
    all: readonly Value[],
    usual: readonly Value[],
  ): readonly Value[] {
    const read = this.get(name);
    if (read === null) return usual;
    const parts = read.split('.').filter(Boolean);
    const known = all.filter((each) => parts.includes(each));
    if (parts.some((part) => !all.some((each) => each === part)))
      this.notAllowed(name, all, known.length === 0 ? usual.join('.') : known.join('.'));
    return known.length === 0 ? usual : known;
  }

  /** A note in English ASCII. */
  note(name: string, usual: SpelledNote): SpelledNote {
    const read = this.get(name);
    if (read === null) return usual;
    const reading = readEnglishNote(read);
    if (reading.ok) return reading.note;
    this.wrong(name, reading.problem, asciiName(usual));
    return usual;
  }

  /** The first of what was written; more than are read is told. */
  first<Each>(
    parameter: string,
    all: readonly Each[],
    limit: number,
    of: 'notes' | 'signs' | 'questions',
  ): readonly Each[] {
    if (all.length > limit)
      this.problems.push({ code: 'address-more', parameter, count: all.length, limit, of });
    return all.slice(0, limit);
  }

  /** A text of so many characters at most; what is longer is cut, and that is told. */
  text(name: string, limit: number): string {
    const read = this.get(name) ?? '';
    if (read.length > limit)
      this.problems.push({
        code: 'address-more',
        parameter: name,
        count: read.length,
        limit,
        of: 'characters',
      });
    return read.slice(0, limit);
  }

  /** A part could not be read and was left out. */
  leftOut(parameter: string): void {
    this.problems.push({
      code: 'address-left-out',
      parameter,
      read: (this.get(parameter) ?? '').slice(0, SAID),
    });
  }

  /** The step of the working that is shown, from 1; null for the whole of it. */
  step(): number | null {
    const read = this.get('step');
    if (read === null) return null;
    if (STEP.test(read)) return Number(read);
    this.problems.push({ code: 'address-step', read: read.slice(0, SAID) });
    return null;
  }
}
