import * as z from 'zod';
import { asciiName } from '@/core/note/spelled';
import type { Piece } from '@/core/piece/piece';
import { type Reading, readingOf } from '@/core/piece/reading';
import { MODES } from '@/core/scale/mode';
import { ENGLISH } from '@/core/words/class-words';
import { sayEvidence } from '@/core/words/say-evidence';
import { sayFileProblem } from '@/core/words/say-file';
import { sayPieceWarning } from '@/core/words/say-piece';
import { readableText } from '@/formats/file/decode';
import type { FileFormat, PieceReading } from '@/formats/format';
import { FORMATS } from '@/workers/formats';
import { bytesOf, tooLong, typeOf, wrongType } from './_posted';
import { problem } from './_problem';
import { type Answer, json } from './_respond';

/** The largest file that is read, in bytes. */
export const FILE_BYTES = 4 * 1024 * 1024;

const note = z.string().meta({ description: 'English ASCII: Bb, F#', example: 'F#' });
const bar = z.int().meta({ description: 'A bar by its printed number; an upbeat is 0' });

/** What is answered: counts are of notes as they sound, a tied one once, in the written pitch of the part. */
export const readAnswer = z.object({
  title: z.string(),
  bars: z.int(),
  parts: z.array(z.string()),
  signatures: z.array(z.object({ part: z.string(), bar, fifths: z.int() })),
  altered: z
    .array(z.object({ note, count: z.int() }))
    .meta({ description: 'Notes that a signature alters, each with how often it sounds' }),
  absent: z.array(note).meta({ description: 'Notes of the signatures that never sound' }),
  accidentals: z
    .array(z.object({ part: z.string(), bar, note, count: z.int() }))
    .meta({ description: 'Notes that differ from the signature, bar by bar' }),
  keys: z
    .array(
      z.object({
        tonic: note,
        mode: z.enum(MODES),
        sure: z.number().min(0).max(1),
        evidence: z.array(z.object({ text: z.string(), bars: z.array(bar), weight: z.number() })),
      }),
    )
    .meta({ description: 'Best first, all owners of the signature among them' }),
  passages: z.array(
    z.object({ from: bar, to: bar, tonic: note, mode: z.enum(MODES), newNotes: z.array(note) }),
  ),
  warnings: z.array(z.string()).meta({ description: 'What of the file is not as it was, and where' }),
});

type ReadAnswer = z.infer<typeof readAnswer>;

type PieceFormat = Pick<FileFormat<unknown>, 'type' | 'piece'>;

/** Other names of the media types that are read. */
const OTHER_TYPES: Readonly<Record<string, string>> = {
  'application/xml': 'application/vnd.recordare.musicxml+xml',
  'text/xml': 'application/vnd.recordare.musicxml+xml',
  'audio/x-midi': 'audio/midi',
};

/** The formats that a piece is read from. */
const PIECE_FORMATS: readonly PieceFormat[] = FORMATS.filter(({ piece }) => piece);

/** Every media type that is read. */
export const READ_TYPES: readonly string[] = [
  ...PIECE_FORMATS.map(({ type }) => type),
  ...Object.keys(OTHER_TYPES),
];

/** Answers POST /read. */
export async function answerRead(request: Request): Promise<Answer> {
  const sent = typeOf(request);
  const type = (Object.hasOwn(OTHER_TYPES, sent) ? OTHER_TYPES[sent] : undefined) ?? sent;
  const format = PIECE_FORMATS.find((each) => each.type === type);
  if (!format?.piece) return { ok: false, problem: wrongType(sent, READ_TYPES.join(', ')) };
  const bytes = await bytesOf(request, FILE_BYTES);
  if (bytes === null) return { ok: false, problem: tooLong(FILE_BYTES) };
  if (bytes.length === 0)
    return { ok: false, problem: problem(400, 'The body is empty; a score was expected.') };
  const reading = await readAs(format.piece, bytes);
  if (!reading.ok) return { ok: false, problem: problem(422, sayFileProblem(reading.problem)) };
  return json(document(reading.piece, readingOf(reading.piece), reading.warnings.map(sayPieceWarning)));
}

async function readAs(piece: NonNullable<PieceFormat['piece']>, bytes: Uint8Array): Promise<PieceReading> {
  const decoded = readableText(bytes);
  const { read } = await piece();
  return read({ bytes, text: decoded.ok ? decoded.text : null });
}

function document(piece: Piece, reading: Reading, warnings: readonly string[]): ReadAnswer {
  const bars = piece.parts[0]?.bars ?? [];
  const number = (at: number) => bars[at]?.number ?? at + 1;
  const nameOf = (at: number) => piece.parts[at]?.name || `Part ${at + 1}`;
  return {
    title: piece.title,
    bars: bars.length,
    parts: piece.parts.map((_, at) => nameOf(at)),
    signatures: reading.parts.flatMap(({ signatures }, at) =>
      signatures.map((each) => ({ part: nameOf(at), bar: number(each.bar), fifths: each.fifths })),
    ),
    altered: reading.altered.map((each) => ({ note: asciiName(each.note), count: each.count })),
    absent: reading.absent.map(asciiName),
    accidentals: reading.parts.flatMap(({ altered }, at) =>
      altered.against.map((each) => ({
        ...{ part: nameOf(at), bar: number(each.bar) },
        ...{ note: asciiName(each.note), count: each.count },
      })),
    ),
    keys: reading.keys.map(({ key, sure, evidence }) => ({
      ...{ tonic: asciiName(key.tonic), mode: key.mode, sure },
      evidence: evidence.map((line) => ({
        text: sayEvidence(ENGLISH, key, line),
        bars: [...line.bars],
        weight: line.weight,
      })),
    })),
    passages: reading.passages.map(({ from, to, key, newNotes }) => ({
      ...{ from: number(from), to: number(to), tonic: asciiName(key.tonic), mode: key.mode },
      newNotes: newNotes.map(asciiName),
    })),
    warnings: [...warnings],
  };
}

/** A score that a test sends, so that it is known to be read. */
export const READ_EXAMPLE = `X:1
T:Ferry Song
M:3/4
L:1/4
K:Bm
F | B c d | f2 e | d c B | ^A3 | B c d | e2 c | B3- | B2 |]
`;
