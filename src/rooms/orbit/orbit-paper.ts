import { spellChord } from '@/core/harmony/chord-spelling';
import type { Key } from '@/core/harmony/key';
import { nearest } from '@/core/identify/note-entry';
import type { ClassWords } from '@/core/words/class-words';
import { orbitWords } from '@/core/words/screen/orbit';
import { type RingMark, ringScene } from '@/engrave/ring';
import type { Scene } from '@/engrave/scene';
import type { PaperItem } from '@/ui/paper/Paper';
import type { OrbitSentence } from '../address/orbit/orbit-sentence';
import { bookRows, bookTable, cellText, columnsOf } from './book-cells';
import { linesOf } from './orbit-lines';
import { orbitText } from './orbit-words';
import { ringOf } from './ring-of';
import { writtenKey } from './written-key';

const WIDTH = 700;
const RING = { width: 560, height: 520 };

/** The ring of a sentence as a drawing; a blank circle stays blank, the way there is gone to its end. */
export function ringDrawing(w: ClassWords, sentence: OrbitSentence): Scene {
  const whole = 'step' in sentence ? { ...sentence, step: null } : sentence;
  const ring = ringOf(w, whole, false);
  if (sentence.kind !== 'fill') return ringScene({ ...ring, ...RING });
  const marks = new Map<number, RingMark>();
  for (let count = -7; count <= 7; count += 1) marks.set(count, { look: 'blank' });
  return ringScene({ ...ring, mode: sentence.mode, minors: false, marks, ...RING });
}

async function scaleDrawing(key: Key): Promise<Scene | null> {
  const { engraveStaff } = await import('@/engrave/staff');
  const written = writtenKey(key);
  return written && engraveStaff(written, WIDTH);
}

/** What stands on a staff beside the ring of a sentence. */
async function staffDrawing(sentence: OrbitSentence): Promise<Scene | null> {
  if (sentence.kind === 'keys' || sentence.kind === 'chords') return scaleDrawing(sentence.key);
  if (sentence.kind === 'route') return scaleDrawing(sentence.to);
  const { engraveNotes } = await import('@/engrave/staff');
  if (sentence.kind === 'line') return engraveNotes(nearest(sentence.notes), 'treble', WIDTH);
  if (sentence.kind !== 'spell') return null;
  const spelling = spellChord(sentence.root, sentence.quality);
  return spelling.ok ? engraveNotes(nearest(spelling.chord.notes), 'treble', WIDTH) : null;
}

/** A sentence of the room as a sheet or a part of a handout. */
export async function orbitItem(w: ClassWords, sentence: OrbitSentence, title: string): Promise<PaperItem> {
  const say = orbitWords(w);
  const base = { title, task: orbitText(w, sentence), closing: null };
  if (sentence.kind === 'book') {
    const { engraveSignature } = await import('@/engrave/staff');
    const columns = columnsOf(sentence);
    const rows = bookRows(sentence).map((row) =>
      columns.map((column) =>
        column === 'staff'
          ? { text: '', scene: engraveSignature('treble', row.count, 150) }
          : { text: cellText(w, row, column), scene: null },
      ),
    );
    return {
      ...base,
      scenes: [],
      method: null,
      lines: [],
      table: { heads: columns.map((column) => say.book.heads[column]), rows },
    };
  }
  const staff = await staffDrawing(sentence);
  return {
    ...base,
    scenes: [ringDrawing(w, sentence), ...(staff ? [staff] : [])],
    method: sentence.kind in say.cards ? say.cards[sentence.kind as keyof typeof say.cards] : null,
    lines: linesOf(w, sentence),
  };
}

/** The book as comma-separated values, UTF-8. */
export async function bookCsv(
  w: ClassWords,
  book: Extract<OrbitSentence, { readonly kind: 'book' }>,
): Promise<string> {
  const { default: Papa } = await import('papaparse');
  return Papa.unparse(bookTable(w, book).map((row) => [...row]));
}
