import type { SpelledNote } from '../note/spelled';
import type { Counted } from '../piece/altered';
import type { Verdict } from '../piece/key/key-of-piece';
import type { Passage } from '../piece/key/passages';
import type { PieceWarning } from '../piece/piece-warning';
import type { ScopedTone } from '../piece/scoped';
import type { BarTextProblem } from '../piece/write/bar-text';
import type { ClassWords } from './class-words';
import { keyName } from './say-key';
import { capital, counted, signCount } from './vocabulary';

/** What a verdict comes to, in a sentence. */
export function sayVerdict(w: ClassWords, verdict: Verdict): string {
  switch (verdict.is) {
    case 'plain':
      return `In ${keyName(w, verdict.best.key)}.`;
    case 'likely':
      return `Probably in ${keyName(w, verdict.best.key)}.`;
    case 'open': {
      const among = verdict.among.slice(0, 3).map(({ key }) => keyName(w, key));
      if (among.length < 2) return 'Which key it is in cannot be told from this.';
      return `Which key it is in cannot be told from this: ${among.slice(0, -1).join(', ')} or ${among.at(-1)}.`;
    }
  }
}

/** `F♯ 8 times, C♯ 6 times`. */
function sayCounts(w: ClassWords, counts: readonly Counted[]): string {
  return counts.map(({ note, count }) => `${w.note(note)} ${count}`).join(', ');
}

/** How many notes the signature alters, and of which it has none. */
export function sayAltered(
  w: ClassWords,
  altered: readonly Counted[],
  absent: readonly SpelledNote[],
): string {
  const all = altered.reduce((sum, { count }) => sum + count, 0);
  if (all === 0 && absent.length === 0) return 'No signs stand at the clef, so the signature alters nothing.';
  const found =
    all === 0
      ? 'The signature alters no note of this piece.'
      : `The signature alters ${counted(all, 'note', 'notes')}: ${sayCounts(w, altered)}.`;
  return absent.length === 0 ? found : `${found} ${sayAbsent(w, absent)}`;
}

function sayAbsent(w: ClassWords, absent: readonly SpelledNote[]): string {
  const names = absent.map((note) => w.note(note));
  const list = names.length === 1 ? names[0] : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
  return `${list} ${names.length === 1 ? 'stands' : 'stand'} in the signature and never ${names.length === 1 ? 'sounds' : 'sound'}.`;
}

/** A tone beside the others that its reason speaks of. */
export type SaidTone = {
  readonly tone: ScopedTone;
  /** The fifths of the signature of its bar. */
  readonly count: number;
  /** The tone of its reason, and the one that does not reach it. */
  readonly from: ScopedTone | null;
  readonly unreached: ScopedTone | null;
  /** The number of a bar as it is printed. */
  readonly number: (bar: number) => number;
};

/** Why a note sounds as it does: the reason first, then what its own sign does, and what does not reach it. */
export function sayTone(w: ClassWords, said: SaidTone): readonly string[] {
  return [reasonOf(w, said), ...signOf(w, said), ...notReached(w, said)];
}

function reasonOf(w: ClassWords, { tone, count, from }: SaidTone): string {
  const { note } = tone.pitch;
  const name = w.noteWithSign(note);
  const { reason } = tone;
  switch (reason.by) {
    case 'nothing':
      return `${name}: the signature does not alter ${w.letter(note.letter)}, and no sign of this bar does.`;
    case 'signature':
      return `${name}: the signature, ${signCount(count)}, alters every ${w.letter(note.letter)}, in every octave.`;
    case 'accidental':
      if (reason.tone === tone.tone)
        return `${name}: by the sign at it, which holds for this ${w.letter(note.letter)} to the end of the bar.`;
      return `${name}: by the sign at another ${w.letter(note.letter)} of this bar, which holds to its end.`;
    case 'tie':
      return from && from.bar !== tone.bar
        ? `${name}: tied to the note before. A tie carries its sound over the bar line.`
        : `${name}: tied to the note before, and sounds on.`;
  }
}

function signOf(w: ClassWords, { tone, count }: SaidTone): readonly string[] {
  const { sign, cancels } = tone;
  const { letter } = tone.pitch.note;
  if (sign?.courtesy) return ['The sign is a reminder: without it the note would sound the same.'];
  if (cancels?.by === 'signature')
    return [
      `The sign puts an end to what the signature, ${signCount(count)}, makes of ${w.letter(letter)}, in this bar alone.`,
    ];
  if (cancels?.by === 'accidental') return [`The sign puts an end to another one of this bar.`];
  return [];
}

function notReached(w: ClassWords, { tone, unreached, number }: SaidTone): readonly string[] {
  if (!unreached || !tone.unreached) return [];
  const other = w.noteWithSign(unreached.pitch.note);
  return tone.unreached.why === 'octave'
    ? [`The ${other} of this bar stands in another octave; its sign does not reach here.`]
    : [`The ${other} of bar ${number(unreached.bar)} does not reach here: its sign held to the bar line.`];
}

/** A passage in another key: its bars, its key, and the note that leads there. */
export function sayPassage(w: ClassWords, { key, newNotes }: Passage): string {
  const [first, ...more] = newNotes;
  const led = first ? `: ${w.noteWithSign(first)} leads there` : '';
  const others = more.length > 0 ? `, with ${w.noteList(more)}` : '';
  return `In ${keyName(w, key)}${led}${others}.`;
}

/** What of a source is not as it was. */
export function sayPieceWarning(warning: PieceWarning): string {
  const where = (part: string, bar: number) => `${part ? `${part}, ` : ''}bar ${bar}`;
  switch (warning.code) {
    case 'no-pitch':
      return `${capital(where(warning.part, warning.bar))}: ${counted(warning.count, 'note', 'notes')} without a pitch that can be written; rests stand for them.`;
    case 'clef':
      return `${capital(where(warning.part, warning.bar))}: the clef ${warning.read} is not drawn here; the ${warning.shown} clef stands for it.`;
    case 'signature':
      return `${capital(where(warning.part, warning.bar))}: '${warning.read}' is no signature of the fifteen; the one before stays.`;
    case 'signature-unsaid':
      return `The file does not say its signature. With ${signCount(warning.fifths)} it needs the fewest accidentals, so it is written so.`;
    case 'lengths':
      return `${capital(where(warning.part, warning.bar))}: a length that no single note has is drawn as the nearest.`;
    case 'bars':
      return `It has ${warning.bars} bars; the first ${warning.read} are read.`;
    case 'passed-over':
      return `Bar ${warning.bar}: '${warning.read}' was passed over.`;
  }
}

/** Why written bars cannot be read, and what to do. */
export function sayBarProblem(w: ClassWords, problem: BarTextProblem): string {
  switch (problem.code) {
    case 'bar-word':
      return `'${problem.read}', word ${problem.word}, is no note, length or bar line here. A note is a letter with its sign, such as ${w.letter('F').toLowerCase()}#; 4 is a quarter, r a rest, | a bar line.`;
    case 'bar-figure':
      return `'${problem.read}', word ${problem.word}: a length stands before its note with a blank between them, such as '8 ${w.letter('F').toLowerCase()}'. An octave is told by ' and ,.`;
    case 'bar-octave':
      return `'${problem.read}', word ${problem.word}, lies outside octaves 0 to 9. Take off some ' or ,.`;
    case 'bar-tie':
      return `'${problem.read}', word ${problem.word}: a tie stands behind the note it begins at.`;
    case 'bars-long':
      return `More than ${problem.most} notes are not read at once. Write the piece in parts, or bring it in as a file.`;
  }
}
