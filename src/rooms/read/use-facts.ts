import { useEffect } from 'react';
import { readEnglishNote } from '@/core/note/parse';
import { fifths, type SpelledNote } from '@/core/note/spelled';
import { isShippedPiece } from '@/core/piece/shipped';
import type { OpenedPiece } from '@/workers/piece';
import { AS_WRITTEN, LONGEST_TITLE, type ReadSentence } from '../address/read/read-address';
import { sayRead } from './use-read';

const noteOf = (name: string): SpelledNote | null => {
  const reading = readEnglishNote(name);
  return name && reading.ok ? reading.note : null;
};

/** Once a piece is open, its sentence says what it is: title, signature and ends, as the source has them. */
export function useFacts(sentence: ReadSentence, opened: OpenedPiece | null): void {
  useEffect(() => {
    const { piece, key, instrument, view } = sentence;
    if (!opened || isShippedPiece(piece) || key || instrument !== AS_WRITTEN || view !== 'piece') return;
    const facts = {
      title: opened.title.slice(0, LONGEST_TITLE),
      fifths: opened.reading.parts[0]?.signatures[0]?.fifths ?? fifths(0),
      ...{ first: noteOf(opened.first), last: noteOf(opened.last) },
    };
    const same = Object.entries(facts).every(
      ([name, value]) => sentence[name as keyof typeof facts] === value,
    );
    if (!same) sayRead({ ...sentence, ...facts }, 'passing');
  }, [sentence, opened]);
}
