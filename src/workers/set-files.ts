import type { Settings } from '@/core/school/settings';
import { readableText } from '@/formats/file/decode';
import { readHandedIn } from '@/formats/handed-in/handed-in';
import { isMidi } from '@/formats/midi/is-midi';
import { readMidi } from '@/formats/midi/read';
import { textsOfScore } from '@/formats/musicxml/texts';
import { unpackMxl } from '@/formats/musicxml/unpack';
import { readFile } from './read-file';
import type { SetFile, SetFilesQuestion } from './set-files-answer';

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
