import { answerCode } from '@/core/exercise/code';
import { findScales, longestStepwiseRun } from '@/core/identify/find-scales';
import { heightOf } from '@/core/note/pitch';
import { asciiName } from '@/core/note/spelled';
import type { ClassWords } from '@/core/words/class-words';
import type { FileWarning } from '@/core/words/say-file';
import { scaleName } from '@/core/words/say-scale';
import type { Refused } from '../format';
import type { Melody } from '../melody/melody';
import { tuneOfMelody } from '../melody/to-tune';
import type { OfferedScale, ScalesReading, WrittenLine } from '../offered';
import { readMelody } from './read-melody';
import { readScore, type ScoreLine } from './read-parts';
import { scaleOfCode } from './scale-code';

/** The scales of a score and the answers in it, or why it is none. */
export function offersOfScore(w: ClassWords, text: string, title: string): ScalesReading | Refused {
  const reading = readScore(text);
  if (!reading.ok) return reading;
  const own = ownScale(reading.code, reading.lines);
  const lines = own ? [] : reading.lines.map((line) => scalesOf(w, line));
  const scales = own ? [own] : onceEach(lines.flatMap((line) => line.scales));
  const warnings = lines.flatMap((line) => line.warnings);
  return {
    ok: true,
    kind: 'scales',
    // A row of whole notes without bars is a scale, and no tune.
    ...tunesIn(own ? null : readMelody(text)),
    title: reading.title || title,
    scales,
    lines: reading.lines.flatMap((line) => answersIn(w, line)),
    // A voice without a scale is no matter where another line of its part has one.
    warnings: warnings.filter(
      (warning) => warning.code !== 'no-scale-in-part' || !scales.some(({ part }) => part === warning.part),
    ),
  };
}

/** A line of a file as a tune; none where it is no music in bars. */
function tunesIn(melody: Melody | null): Pick<ScalesReading, 'tunes'> {
  const found = melody && tuneOfMelody(melody);
  return { tunes: found?.ok ? [found.tune] : [] };
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
