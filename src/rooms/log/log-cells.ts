import { readEnglishNote } from '@/core/note/parse';
import { fifths } from '@/core/note/spelled';
import { NAMINGS } from '@/core/practice/log';
import { scaleIdFrom } from '@/core/scale/pattern';
import type { ClassWords } from '@/core/words/class-words';
import { keyName } from '@/core/words/say-key';
import { logWords, NAMING_WORDS, PURPOSE_WORDS } from '@/core/words/screen/log';
import { signCount } from '@/core/words/vocabulary';
import type { LogEntry } from '@/store/log';
import { keyOfCode } from '../address/read/read-address';

/** A key as the log has it, in the words of the class: a key of a mode, or a form of minor. */
export function logKeyText(w: ClassWords, code: string): string {
  const key = keyOfCode(code);
  if (key) return keyName(w, key);
  const [tonic = '', scale = ''] = code.split(' ');
  const reading = readEnglishNote(tonic);
  const id = scaleIdFrom(scale);
  return reading.ok && id ? w.scale(reading.note, id) : code;
}

/** What is repeated how often: `on letters 2, on numbers 1`. */
function repeatsText({ repeats }: Pick<LogEntry, 'repeats'>): string {
  return NAMINGS.flatMap((naming) =>
    repeats[naming] ? [`${NAMING_WORDS[naming]} ${repeats[naming]}`] : [],
  ).join(', ');
}

/** A column of the list: its head, and what stands in it. */
export type LogColumn = {
  readonly id: string;
  readonly head: string;
  readonly text: (entry: LogEntry) => string;
};

/** The columns of a list of entries of a kind. */
export function columnsOf(
  w: ClassWords,
  kind: LogEntry['kind'],
  nameOf: (person: string | null) => string,
): readonly LogColumn[] {
  const { heads, waiting, done } = logWords(w);
  const column = (id: keyof typeof heads, text: LogColumn['text']): LogColumn => ({
    id,
    head: heads[id],
    text,
  });
  const day = column('day', (each) => each.day);
  const who = column('who', (each) => nameOf(each.person));
  const key = column('key', (each) => (each.key ? logKeyText(w, each.key) : ''));
  switch (kind) {
    case 'piece':
      return [
        ...[day, column('title', (each) => each.title), key],
        column('signature', (each) => (each.fifths === null ? '' : signCount(fifths(each.fifths)))),
        ...[who, column('instrument', (each) => each.instrument), column('source', (each) => each.source)],
      ];
    case 'practice':
      return [
        ...[day, who, column('what', (each) => each.title), key],
        column('minutes', (each) => (each.minutes > 0 ? String(each.minutes) : '')),
        column('repeats', repeatsText),
        column('purpose', (each) => (each.purpose ? PURPOSE_WORDS[each.purpose] : '')),
      ];
    case 'question':
      return [
        ...[day, who, column('about', (each) => each.title), column('question', (each) => each.text)],
        ...[column('answer', (each) => each.answer), column('state', (each) => (each.done ? done : waiting))],
      ];
  }
}
