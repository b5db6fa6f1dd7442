import { nearestTo } from '@/core/identify/note-entry';
import type { Clef } from '@/core/instrument/staff';
import { CONCERT } from '@/core/instrument/transposing';
import type { Task } from '@/core/mark/explain/task';
import { heightOf, type Pitch } from '@/core/note/pitch';
import type { SpelledNote } from '@/core/note/spelled';
import { type Fifths, fifths } from '@/core/note/spelled';
import { playerOf } from '@/core/play/player';
import { readTones, type TuneTone } from '@/core/play/tune';
import { tonesIn } from '@/core/play/tune-part';
import { signsAfterBar } from '@/core/scale/across-bar';
import type { SCALE_IDS } from '@/core/scale/pattern';
import { printedSignature, type SignatureChoice } from '@/core/scale/printed';
import { scaleNamed } from '@/core/scale/scale';
import type { Settings } from '@/core/school/settings';
import type { WrittenNote } from '../../entry/scale-entry';
import type { MarkSchool } from '../kind';
import type { MarkProblem } from '../problem';
import { tonicProblem } from '../problem';
import { bySignature, risingAsked } from '../programs';
import { writtenSignature } from '../signature/signature-question';

/** A line that was heard, in degrees, to be written down in its key. */
export type DictationQuestion = {
  readonly line: string;
  readonly tonic: SpelledNote;
  readonly scale: (typeof SCALE_IDS)[number];
  readonly clef: Clef;
  readonly signature: SignatureChoice;
  /** How the class's melodic minor comes down; left out, in its natural form. */
  readonly melodicDown?: Settings['melodicDown'] | undefined;
};

/** The fewest and the most notes of a line. */
const FEWEST_HEARD = 2;
export const MOST_HEARD = 24;

/** Lines to be heard that are made by themselves: from home by steps and thirds, and home again. */
export const LINES_HEARD = [
  '1 2 3 2 1',
  '1 3 2 4 3',
  '1 2 3 4 5 3 1',
  '5 4 3 2 1',
  '1 3 5 4 3 2 1',
  '1 2 3 5 4 2 1',
  '3 2 1 7, 1',
  "5 6 7 1' 5",
  '1 7, 1 3 2 1',
  '1 5 4 3 2 7, 1',
] as const;

/** The line on the staff, in the octave of fewest ledger lines; null where it cannot be set in the key. */
function lineHeard({ line, tonic, scale, clef, melodicDown }: DictationQuestion): readonly Pitch[] | null {
  const tones = readTones(line);
  const reading = scaleNamed(tonic, scale, melodicDown);
  if (!tones || !reading.ok) return null;
  const set = tonesIn(tones, reading.scale, { ...playerOf(CONCERT), clef });
  return set.ok ? set.notes.map(({ pitch }) => pitch) : null;
}

/** The pitches that are right. Throws where the question cannot be marked. */
export function pitchesHeard(question: DictationQuestion): readonly Pitch[] {
  const found = lineHeard(question);
  if (!found) throw new RangeError('asked only where it can be set');
  return found;
}

/** Why a line cannot be asked: its tonic, too few or too many notes, or a note its key does not have. */
export function dictationProblem(question: DictationQuestion): MarkProblem | null {
  const problem = tonicProblem(question);
  if (problem) return problem;
  const tones = readTones(question.line);
  const count = tones?.length ?? 0;
  if (!tones || count < FEWEST_HEARD || count > MOST_HEARD)
    return { code: 'line-unread', read: question.line.slice(0, 60), most: MOST_HEARD };
  return lineHeard(question) ? null : { code: 'line-not-set' };
}

/** The signature at the clef: none where none was asked, and where the key is theoretical. */
export function dictationClef(question: DictationQuestion, school: Pick<Settings, 'modesWritten'>): Fifths {
  return printedSignature(writtenSignature(question, school), question.signature) ?? fifths(0);
}

/** The line as it is written down right. */
export function dictationRow(question: DictationQuestion, school: MarkSchool): readonly WrittenNote[] {
  const pitches = pitchesHeard(question);
  const signs = signsAfterBar([], pitches, dictationClef(question, school), school.cancelling);
  return pitches.map(({ note, octave }, at) => ({ note, octave, printed: signs[at]?.sign ?? null }));
}

const isPlain = ({ alter }: TuneTone) => alter === 0;

/**
 * The question as mistakes see it: the degrees read off the scale, worked out by its signature. A line that goes down
 * by other notes, or has signs of its own, is none that a rising scale gives: then no habit is looked for.
 */
export function dictationTask(question: DictationQuestion): Task {
  const tones = readTones(question.line) ?? [];
  const notes = pitchesHeard(question).map(({ note }) => note);
  const rising = scaleNamed(question.tonic, question.scale, question.melodicDown);
  const row = rising.ok ? rising.scale.ascending : [];
  const risen = tones.every((tone, at) => isPlain(tone) && row[tone.degree - 1] === notes[at]);
  const degrees = tones.map(({ degree }) => degree);
  return {
    scope: 'dictation',
    clef: question.clef,
    programs: risen
      ? [bySignature(risingAsked(question.tonic, question.scale), [{ op: 'read-row', degrees }])]
      : [],
    right: { is: 'notes', notes },
  };
}

/** Notes that stand in another octave than they were heard in, beside the note before them; by their places. */
export function octavesOff(
  expected: readonly Pitch[],
  given: readonly Pitch[],
): readonly { readonly at: number; readonly right: Pitch }[] {
  if (expected.length !== given.length) return [];
  return given.flatMap((pitch, at) => {
    const [before, want, wantBefore] = [given[at - 1], expected[at], expected[at - 1]];
    if (!before || !want || !wantBefore || want.note !== pitch.note || wantBefore.note !== before.note)
      return [];
    const step = heightOf(want) - heightOf(wantBefore);
    if (heightOf(pitch) - heightOf(before) === step) return [];
    const near = nearestTo(before, want.note);
    const octaves = Math.round((heightOf(before) + step - heightOf(near)) / 7);
    return [{ at, right: { ...near, octave: near.octave + octaves } }];
  });
}
