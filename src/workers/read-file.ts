import { answerCode } from '@/core/exercise/code';
import { findScales, longestStepwiseRun } from '@/core/identify/find-scales';
import { heightOf } from '@/core/note/pitch';
import { asciiName } from '@/core/note/spelled';
import type { Settings } from '@/core/school/settings';
import { type ClassWords, wordsOf } from '@/core/words/class-words';
import type { FileProblem, FileWarning } from '@/core/words/say-file';
import { scaleName } from '@/core/words/say-scale';
import { decodeText, FILE_LIMIT, plainName } from '@/formats/file/decode';
import { type LineKind, readScore, type ScoreLine } from '@/formats/musicxml/read-parts';
import { scaleOfCode } from '@/formats/musicxml/scale-code';
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

/** Notes of a line with their octaves and the signs printed at them, as the code of an answer, and where they stand. */
export type WrittenLine = {
  readonly part: string;
  readonly kind: LineKind;
  readonly voice: string | null;
  /** The first and the last measure. */
  readonly from: string;
  readonly to: string;
  /** The first notes, as `C4`, to know it by. */
  readonly begins: string;
  readonly notes: number;
  readonly code: string;
};

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
  const own = ownScale(reading.code, reading.lines);
  const lines = own ? [] : reading.lines.map((line) => scalesOf(w, line));
  const scales = own ? [own] : onceEach(lines.flatMap((line) => line.scales));
  const warnings = lines.flatMap((line) => line.warnings);
  return {
    ok: true,
    kind: 'scales',
    title: reading.title || title,
    scales,
    lines: reading.lines.flatMap((line) => answersIn(w, line)),
    // A voice without a scale is no matter where another line of its part has one.
    warnings: warnings.filter(
      (warning) => warning.code !== 'no-scale-in-part' || !scales.some(({ part }) => part === warning.part),
    ),
  };
}

/** What a file of ours says it is, where its notes still are that. */
function ownScale(code: string | null, lines: readonly ScoreLine[]): OfferedScale | null {
  const [line] = lines;
  const [first] = line?.notes ?? [];
  if (lines.length !== 1 || !line || !first) return null;
  const own = scaleOfCode(
    code,
    line.notes.map(({ pitch }) => pitch.note),
  );
  return (
    own && {
      tonic: asciiName(own.tonic),
      scale: own.scale,
      direction: own.direction,
      clef: first.clef,
      signature: own.signature,
      part: line.part,
      place: first.measure,
    }
  );
}

/** The same scale at one place is offered once, though it stands in two lines of its part. */
function onceEach(scales: readonly OfferedScale[]): readonly OfferedScale[] {
  const key = ({ clef: _, signature: __, ...offer }: OfferedScale) => JSON.stringify(offer);
  return [...new Map(scales.toReversed().map((offer) => [key(offer), offer])).values()].toReversed();
}

/** The most notes that are taken as an answer. */
const MOST_NOTES = 32;

/** A run of notes of a line as an answer. */
function answerOf(w: ClassWords, { part, kind, voice }: ScoreLine, notes: ScoreLine['notes']): WrittenLine {
  const row = notes.map(({ pitch: { note, octave }, printed }) => ({ note, octave, printed }));
  const [first, last] = [notes[0], notes.at(-1)];
  return {
    part,
    kind,
    voice,
    from: first?.measure ?? '',
    to: last?.measure ?? '',
    begins: notes
      .slice(0, 3)
      .map(({ pitch }) => w.note(pitch.note) + pitch.octave)
      .join(' '),
    notes: notes.length,
    code: answerCode({ is: 'scale', notes: row }),
  };
}

/** The most runs of a line that can be chosen from. */
const MOST_RUNS = 24;

/**
 * What of a line can be an answer: all of it where it is short, else each run of neighbours in it, a scale or what was
 * meant to be one, so that several scales in one part are several answers.
 */
function answersIn(w: ClassWords, line: ScoreLine): readonly WrittenLine[] {
  const { notes } = line;
  if (notes.length === 0) return [];
  const runs = runsOf(notes);
  const whole = notes.length <= MOST_NOTES ? [answerOf(w, line, notes)] : [];
  if (runs.length < 2 && whole.length > 0) return whole;
  return [...whole, ...runs.slice(0, MOST_RUNS).map((run) => answerOf(w, line, run))];
}

/** Runs of six notes and more that go by steps, or leap a third where a note was left out; a leap parts two of them. */
function runsOf(notes: ScoreLine['notes']): readonly ScoreLine['notes'][] {
  const runs: ScoreLine['notes'][number][][] = [];
  for (const note of notes) {
    const run = runs.at(-1);
    const before = run?.at(-1);
    const moved = before ? Math.abs(heightOf(note.pitch) - heightOf(before.pitch)) : Number.POSITIVE_INFINITY;
    if (run && moved <= 2 && run.length < MOST_NOTES) run.push(note);
    else runs.push([note]);
  }
  return runs.filter((run) => run.length >= 6);
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
