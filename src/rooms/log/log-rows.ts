import type { LogRow } from '@/formats/log-table/log-table';
import { ADDRESS_LIMIT, INSTRUMENT_LIMIT, NAME_LIMIT, NOTE_LIMIT } from '@/store/limits';
import type { LogEntry } from '@/store/log';
import type { LogWords } from '@/store/logging';
import type { Somebody } from './log-words';

/** Entries as rows of a table, whoever they are of by name. */
export function rowsOf(
  entries: readonly LogEntry[],
  nameOf: (person: string | null) => string,
): readonly LogRow[] {
  return entries.map((each) => ({
    ...{
      kind: each.kind,
      day: each.day,
      who: each.person === null ? '' : nameOf(each.person),
      title: each.title,
    },
    ...{ key: each.key, fifths: each.fifths, instrument: each.instrument, source: each.source },
    ...{ minutes: each.minutes, repeats: each.repeats, purpose: each.purpose, about: each.about },
    ...{ text: each.text, answer: each.answer, done: each.done },
  }));
}

/** An address within the house; of anything else nothing is kept. */
const inHouse = (address: string) => (/^\/[a-z]/u.test(address) ? address.slice(0, ADDRESS_LIMIT) : '');

/** Rows of a table as entries of a class; a name that nobody has here stands in the remark. */
export function entriesOf(
  rows: readonly LogRow[],
  people: readonly Somebody[],
  group: string | null,
): readonly LogWords[] {
  return rows.map((row): LogWords => {
    const name = row.who.trim().toLowerCase();
    const person = people.find((each) => each.name.toLowerCase() === name)?.id ?? null;
    const unknown = name !== '' && person === null ? `${row.who.trim()}: ` : '';
    return {
      ...{ kind: row.kind, day: row.day, group, person, piece: null, fifths: row.fifths },
      ...{ title: row.title.slice(0, NAME_LIMIT), key: row.key.slice(0, 40) },
      ...{ instrument: row.instrument.slice(0, INSTRUMENT_LIMIT), source: row.source.slice(0, NAME_LIMIT) },
      ...{
        minutes: row.minutes,
        repeats: { ...row.repeats },
        purpose: row.purpose,
        about: inHouse(row.about),
      },
      text: `${unknown}${row.text}`.slice(0, NOTE_LIMIT),
      ...{ answer: row.answer.slice(0, NOTE_LIMIT), done: row.done },
    };
  });
}
