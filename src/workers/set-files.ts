import * as z from 'zod/mini';
import type { Settings } from '@/core/school/settings';
import type { FileProblem } from '@/core/words/say-file';
import { readableText } from '@/formats/file/decode';
import { type HandedInProblem, readHandedIn } from '@/formats/handed-in/handed-in';
import { isMidi, readMidi } from '@/formats/midi/read';
import { textsOfScore } from '@/formats/musicxml/texts';
import { unpackMxl } from '@/formats/musicxml/unpack';
import { readFile } from './read-file';

/** Files with answers to a set, in a class. */
export type SetFilesQuestion = {
  readonly files: readonly { readonly name: string; readonly bytes: Uint8Array }[];
  readonly settings: Settings;
};

/** What a file holds of answers. */
export type SetFile =
  /** Handed in from a sheet on screen: an answer in a code a place. */
  | {
      readonly name: string;
      readonly is: 'handed-in';
      readonly student: string;
      readonly sheet: string;
      readonly answers: readonly (string | null)[];
    }
  /** Rows of notes of a score, in codes; and the words in it, among which a name may be. */
  | {
      readonly name: string;
      readonly is: 'score';
      readonly texts: readonly string[];
      readonly rows: readonly string[];
    }
  /** What was played, in MIDI numbers. */
  | {
      readonly name: string;
      readonly is: 'played';
      readonly texts: readonly string[];
      readonly runs: readonly (readonly number[])[];
    }
  | { readonly name: string; readonly is: 'problem'; readonly problem: FileProblem | HandedInProblem };

/** A score as text, packed or plain; null where it is none. */
function scoreText(bytes: Uint8Array): string | null {
  const isZip = bytes[0] === 0x50 && bytes[1] === 0x4b;
  const unpacked = isZip ? unpackMxl(bytes) : null;
  if (unpacked && !unpacked.ok) return null;
  const decoded = readableText(unpacked?.bytes ?? bytes);
  return decoded.ok ? decoded.text : null;
}

/** Reads one file by what is in it: handed in from a sheet, a score, or what was played. */
async function readOne(name: string, bytes: Uint8Array, settings: Settings): Promise<SetFile> {
  const text = scoreText(bytes);
  if (isMidi(bytes)) {
    const played = readMidi(bytes);
    if (played.ok) return { name, is: 'played', texts: played.texts, runs: played.runs };
    return { name, is: 'problem', problem: { code: 'file-unreadable' } };
  }
  if (text?.trimStart().startsWith('{') || text?.trimStart().startsWith('MSA')) {
    const handed = readHandedIn(text);
    if (!handed.ok) return { name, is: 'problem', problem: handed.problem };
    const { name: student, sheet, answers } = handed.handedIn;
    return { name, is: 'handed-in', student, sheet, answers };
  }
  const reading = await readFile({ name, bytes, settings });
  if (!reading.ok) return { name, is: 'problem', problem: reading.problem };
  if (reading.kind !== 'scales' || text === null)
    return { name, is: 'problem', problem: { code: 'file-unreadable' } };
  const rows = reading.lines.map(({ code }) => code);
  return { name, is: 'score', texts: [reading.title, ...textsOfScore(text)], rows: [...new Set(rows)] };
}

/** Reads files one after the other; what cannot be read is told of each, and the others are read all the same. */
export async function readSetFiles(
  { files, settings }: SetFilesQuestion,
  onProgress: (done: number, of: number) => void,
): Promise<readonly SetFile[]> {
  const read: SetFile[] = [];
  for (const { name, bytes } of files) {
    read.push(await readOne(name, bytes, settings));
    onProgress(read.length, files.length);
  }
  return read;
}

const name = z.string();
const texts = z.array(z.string());

const setFiles = z.array(
  z.union([
    z.strictObject({
      name,
      is: z.literal('handed-in'),
      student: z.string(),
      sheet: z.string(),
      answers: z.array(z.nullable(z.string())),
    }),
    z.strictObject({ name, is: z.literal('score'), texts, rows: z.array(z.string()) }),
    z.strictObject({ name, is: z.literal('played'), texts, runs: z.array(z.array(z.number())) }),
    z.strictObject({ name, is: z.literal('problem'), problem: z.looseObject({ code: z.string() }) }),
  ]),
);

/** What a worker sent, where it is what files hold. */
export function setFilesAnswer(sent: unknown): readonly SetFile[] | null {
  const read = setFiles.safeParse(sent);
  return read.success ? (read.data as unknown as readonly SetFile[]) : null;
}
