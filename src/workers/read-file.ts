import type { Settings } from '@/core/school/settings';
import { wordsOf } from '@/core/words/class-words';
import type { FileProblem } from '@/core/words/say-file';
import { FILE_LIMIT, plainName, readableText } from '@/formats/file/decode';
import type { Refused } from '@/formats/format';
import type { ScalesReading } from '@/formats/offered';
import type { BackupOffer } from '@/store/backup-format';
import { FORMATS } from './formats';

export type FileReading = ScalesReading | BackupOffer | Refused;

/** What the worker is asked. */
export type FileQuestion = {
  readonly name: string;
  readonly bytes: Uint8Array;
  readonly settings: Settings;
};

function refused(problem: FileProblem): Refused {
  return { ok: false, problem };
}

/** Whether a name is that of a text, so that what is wrong with its bytes is how they are written. */
function isNamedAsText(name: string): boolean {
  const ending = /\.[^.]*$/u.exec(name.toLowerCase())?.[0] ?? '';
  return FORMATS.some(({ isText, endings }) => isText && endings.includes(ending));
}

/** The kinds that can be read, as they are said: `MusicXML (.musicxml, .xml)`. */
function kindsSaid(): readonly string[] {
  return FORMATS.map(({ name, endings }) => `${name} (${endings.join(', ')})`);
}

/** Reads a file of any kind that is known here, by what is in it and not by its name. */
export async function readFile({ name, bytes, settings }: FileQuestion): Promise<FileReading> {
  if (bytes.length === 0) return refused({ code: 'file-empty' });
  if (bytes.length > FILE_LIMIT)
    return refused({ code: 'file-too-large', bytes: bytes.length, limit: FILE_LIMIT });
  const decoded = readableText(bytes);
  const text = decoded.ok ? decoded.text : null;
  if (text?.trim() === '') return refused({ code: 'file-empty' });
  const format = FORMATS.find(({ sniff }) => sniff({ bytes, text }));
  if (!format) {
    // Bytes that are no text and have no name of a text are no kind at all.
    if (!decoded.ok && isNamedAsText(name)) return refused(decoded.problem);
    return refused({ code: 'file-kind', name: plainName(name), kinds: kindsSaid() });
  }
  const { read } = await format.reader();
  const title = plainName(name.replace(/\.[^.]{1,10}$/u, ''));
  return read({ bytes, text, title, w: wordsOf(settings) });
}
