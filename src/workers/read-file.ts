import { answerCode } from '@/core/exercise/code';
import { findScales, longestStepwiseRun } from '@/core/identify/find-scales';
import { asciiName } from '@/core/note/spelled';
import type { Settings } from '@/core/school/settings';
import { type ClassWords, wordsOf } from '@/core/words/class-words';
import type { FileProblem, FileWarning } from '@/core/words/say-file';
import { scaleName } from '@/core/words/say-scale';
import { decodeText, FILE_LIMIT, plainName } from '@/formats/file/decode';
import { readScore, type ScoreLine } from '@/formats/musicxml/read-parts';
import { isZip, unpackMxl } from '@/formats/musicxml/unpack';
import { readTextList } from '@/formats/text-list/read';
import type { Backup } from '@/store/backup';
import { looksLikeBackup, readBackup } from '@/store/read-backup';

/** A scale that a file offers, in plain words that can be sent: the tonic in English ASCII. */
export type OfferedScale = {
  readonly tonic: string;
  readonly scale: string;
  readonly direction: string | null;
  readonly clef: string | null;
  readonly signature: string | null;
  /** Where it stands: part and measure, or the line of a list. */
  readonly part: string | null;
  readonly place: string;
};

/** The first notes of a part with their octaves and the signs printed at them, as the code of an answer. */
export type WrittenLine = { readonly part: string; readonly code: string };

export type FileReading =
  | {
      readonly ok: true;
      readonly kind: 'scales';
      readonly title: string;
      readonly scales: readonly OfferedScale[];
      /** The parts of a score note by note, to be marked as answers. */
      readonly lines: readonly WrittenLine[];
      readonly warnings: readonly FileWarning[];
    }
  | { readonly ok: true; readonly kind: 'backup'; readonly backup: Backup }
  | { readonly ok: false; readonly problem: FileProblem };

/** What the worker is asked. */
export type FileQuestion = {
  readonly name: string;
  readonly bytes: Uint8Array;
  readonly settings: Settings;
};

function refused(problem: FileProblem): FileReading {
  return { ok: false, problem };
}

/** Reads a file of any kind that is known here, by what is in it and not by its name. */
export function readFile({ name, bytes, settings }: FileQuestion): FileReading {
  if (bytes.length === 0) return refused({ code: 'file-empty' });
  if (bytes.length > FILE_LIMIT)
    return refused({ code: 'file-too-large', bytes: bytes.length, limit: FILE_LIMIT });
  const w = wordsOf(settings);
  const title = plainName(name.replace(/\.[^.]{1,10}$/u, ''));
  if (isZip(bytes)) {
    const unpacked = unpackMxl(bytes);
    return unpacked.ok ? readXml(w, unpacked.bytes, title) : refused(unpacked.problem);
  }
  const decoded = decodeText(bytes);
  if (!decoded.ok) {
    // Bytes that are no text and have no name of a text are no kind at all.
    const texty = /\.(xml|musicxml|txt|csv|json)$/iu.test(name);
    return refused(texty ? decoded.problem : { code: 'file-kind', name: plainName(name) });
  }
  const text = decoded.text.replace(/^\ufeff/u, '');
  if (text.trim() === '') return refused({ code: 'file-empty' });
  if (text.trimStart().startsWith('<')) return readXml(w, bytes, title);
  if (looksLikeBackup(text)) {
    const reading = readBackup(text);
    return reading.ok ? { ok: true, kind: 'backup', backup: reading.backup } : refused(reading.problem);
  }
  if (/^\s*[[{]/u.test(text) || text.includes('\u0000'))
    return refused({ code: 'file-kind', name: plainName(name) });
  return readList(w, text, title);
}

function readXml(w: ClassWords, bytes: Uint8Array, title: string): FileReading {
  const decoded = decodeText(bytes);
  if (!decoded.ok) return refused(decoded.problem);
  const reading = readScore(decoded.text.replace(/^\ufeff/u, ''));
  if (!reading.ok) return refused(reading.problem);
  const lines = reading.lines.map((line) => scalesOf(w, line));
  return {
    ok: true,
    kind: 'scales',
    title: reading.title || title,
    scales: lines.flatMap(({ scales }) => scales),
    lines: reading.lines.flatMap(writtenLine),
    warnings: lines.flatMap(({ warnings }) => warnings),
  };
}

/** The most notes of a part that are taken as an answer. */
const MOST_NOTES = 32;

function writtenLine({ part, notes }: ScoreLine): readonly WrittenLine[] {
  if (notes.length === 0) return [];
  const row = notes.slice(0, MOST_NOTES).map(({ pitch: { note, octave }, printed }) => ({
    note,
    octave,
    printed,
  }));
  return [{ part, code: answerCode({ is: 'scale', notes: row }) }];
}

function scalesOf(
  w: ClassWords,
  { part, notes, passedOver }: ScoreLine,
): { readonly scales: readonly OfferedScale[]; readonly warnings: readonly FileWarning[] } {
  const warnings: FileWarning[] = [];
  if (passedOver) warnings.push({ code: 'note-passed-over', part, ...passedOver });
  if (notes.length === 0)
    return { scales: [], warnings: [...warnings, { code: 'part-without-notes', part }] };
  const pitches = notes.map(({ pitch }) => pitch);
  const found = findScales(pitches);
  if (found.length === 0) {
    const longest = longestStepwiseRun(pitches);
    warnings.push({ code: 'no-scale-in-part', part, notes: notes.length, longest });
  }
  const scales = found.flatMap(({ scale, direction, from, misspelled }): OfferedScale[] => {
    const first = notes[from];
    if (!first || !scale.id) return [];
    if (misspelled) {
      const wrong = notes[misspelled.at];
      warnings.push({
        code: 'misspelled',
        part,
        measure: wrong?.measure ?? first.measure,
        is: wrong ? w.note(wrong.pitch.note) : '',
        wanted: w.note(misspelled.wanted),
        scale: scaleName(w, scale),
      });
    }
    const signed = first.fifths !== null && first.fifths === scale.signature;
    return [
      {
        tonic: asciiName(scale.tonic),
        scale: scale.id,
        direction,
        clef: first.clef,
        signature: signed ? 'written' : 'none',
        part,
        place: first.measure,
      },
    ];
  });
  return { scales, warnings };
}

function readList(w: ClassWords, text: string, title: string): FileReading {
  const { scales, warnings } = readTextList(w, text);
  if (scales.length === 0) {
    const lines = text.split('\n').filter((line) => line.trim() !== '').length;
    return refused({ code: 'text-no-scale', lines });
  }
  return {
    ok: true,
    kind: 'scales',
    lines: [],
    title,
    warnings,
    scales: scales.map(({ line, request }) => ({
      tonic: asciiName(request.tonic),
      scale: request.scale,
      direction: request.direction,
      clef: request.clef,
      signature: request.signature,
      part: null,
      place: String(line),
    })),
  };
}
