import { BOOK_COLUMNS, type BookColumn, type BookRow, bookOrder, bookRow } from '@/core/harmony/key-book';
import type { ClassWords } from '@/core/words/class-words';
import { keyName } from '@/core/words/say-key';
import { orbitWords } from '@/core/words/screen/orbit';
import { countFigure } from '@/engrave/ring';
import type { OrbitSentence } from '../address/orbit/orbit-sentence';

type Book = Extract<OrbitSentence, { readonly kind: 'book' }>;

/** What stands in a column of the key book, in the words of the class; the signature is drawn and has none. */
export function cellText(w: ClassWords, row: BookRow, column: BookColumn): string {
  switch (column) {
    case 'count':
      return countFigure(row.count);
    case 'staff':
      return '';
    case 'signs':
      return row.signs.length === 0 ? '–' : w.noteList(row.signs);
    case 'major':
      return keyName(w, row.major);
    case 'minor':
      return keyName(w, row.minor);
    case 'modes':
      return row.modes.map((key) => keyName(w, key)).join(', ');
    case 'notes':
      return w.noteList(row.notes);
    case 'newNote':
      return row.newSign ? w.note(row.newSign) : '–';
    case 'parallel':
      return keyName(w, row.parallel);
    case 'enharmonic':
      return row.enharmonic ? keyName(w, row.enharmonic) : '–';
  }
}

/** The rows of a book in its order. */
export function bookRows({ size, order }: Pick<Book, 'size' | 'order'>): readonly BookRow[] {
  return bookOrder(size, order).map(bookRow);
}

/** The columns of a book in their usual order. */
export function columnsOf({ columns }: Pick<Book, 'columns'>): readonly BookColumn[] {
  return BOOK_COLUMNS.filter((column) => columns.includes(column));
}

/** The book as a table of text: heads, then a row a signature. A drawn signature is left out. */
export function bookTable(w: ClassWords, book: Book): readonly (readonly string[])[] {
  const { heads } = orbitWords(w).book;
  const columns = columnsOf(book).filter((column) => column !== 'staff');
  const rows = bookRows(book).map((row) => columns.map((column) => cellText(w, row, column)));
  return [columns.map((column) => heads[column]), ...rows];
}
