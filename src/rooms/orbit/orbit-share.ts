import type { ClassWords } from '@/core/words/class-words';
import { orbitHref } from '../address/orbit/orbit-address';
import type { OrbitKind, OrbitSentence } from '../address/orbit/orbit-sentence';
import { type Shared, SVG_TYPE, shareFile, sharePicture, shareText } from '../shell/share-as';
import type { ShareList } from '../shell/shares';
import { bookTable } from './book-cells';
import { linesOf } from './orbit-lines';
import { orbitText } from './orbit-words';

type OrbitShare = OrbitWay | 'print';

export type OrbitWay = 'picture' | 'text' | 'link' | 'svg' | 'csv';

const CIRCLE_SHARES: ShareList<OrbitShare> = {
  copies: ['picture', 'text', 'link'],
  prints: ['print'],
  files: ['svg'],
};

const BOOK_SHARES: ShareList<OrbitShare> = { copies: ['text', 'link'], prints: ['print'], files: ['csv'] };

/** What can be copied, printed or saved of a sentence. */
export function sharesOf(kind: OrbitKind): ShareList<OrbitShare> {
  return kind === 'book' ? BOOK_SHARES : CIRCLE_SHARES;
}

const FILE_NAMES: Readonly<Record<OrbitKind, string>> = {
  keys: 'circle-key',
  chords: 'circle-chords',
  notes: 'circle-notes',
  line: 'line-a-fifth-higher',
  route: 'route',
  spell: 'chord',
  build: 'circle',
  fill: 'blank-circle',
  book: 'key-book',
};

async function drawing(w: ClassWords, sentence: OrbitSentence): Promise<string> {
  const [{ writeSvg }, { ringDrawing }] = await Promise.all([
    import('@/formats/svg/write'),
    import('./orbit-paper'),
  ]);
  return writeSvg(ringDrawing(w, sentence), orbitText(w, sentence), linesOf(w, sentence).join(' '));
}

function textOf(w: ClassWords, sentence: OrbitSentence): string {
  const lines =
    sentence.kind === 'book' ? bookTable(w, sentence).map((row) => row.join('\t')) : linesOf(w, sentence);
  return [orbitText(w, sentence), ...lines].join('\n');
}

/** Copies or saves what stands. */
export async function shareOrbit(w: ClassWords, id: OrbitWay, sentence: OrbitSentence): Promise<Shared> {
  const name = FILE_NAMES[sentence.kind];
  switch (id) {
    case 'picture':
      return sharePicture(drawing(w, sentence), name);
    case 'svg':
      return shareFile(`${name}.svg`, SVG_TYPE, await drawing(w, sentence));
    case 'link':
      return shareText(new URL(orbitHref(sentence), window.location.origin).href, name);
    case 'text':
      return shareText(textOf(w, sentence), name);
    case 'csv': {
      if (sentence.kind !== 'book') throw new RangeError('only a book is a table');
      const { bookCsv } = await import('./orbit-paper');
      return shareFile(`${name}.csv`, 'text/csv;charset=utf-8', await bookCsv(w, sentence));
    }
  }
}
