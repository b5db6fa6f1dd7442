import { useState } from 'react';
import type { Key } from '@/core/harmony/key';
import { asciiName } from '@/core/note/spelled';
import { isShippedPiece } from '@/core/piece/shipped';
import { readWords } from '@/core/words/screen/read';
import { NAME_LIMIT, SCORE_LIMIT } from '@/store/limits';
import { type LogWords, logging, newEntry } from '@/store/logging';
import type { StoredPiece } from '@/store/piece';
import { changingPiece, deletingPiece, keepingPiece, NO_PIECE, type PieceWords } from '@/store/pieces';
import { newId } from '@/ui/new-id';
import { useWords } from '@/ui/school/use-class';
import type { SchoolHandle } from '@/ui/school/use-school';
import { useSteady } from '@/ui/use-steady';
import type { OpenedPiece } from '@/workers/piece';
import { FIRST_READ, keyCode, NOTHING, type ReadSentence, readHref } from '../address/read/read-address';
import { today } from '../shell/today';
import type { PieceClient } from './piece-client';
import { keptSentence } from './read-words';
import { sayRead } from './use-read';

/** What is done with pieces: written, kept, noted in the log, deleted. */
export function useOwnPieces(school: SchoolHandle, sentence: ReadSentence, kept: StoredPiece | null) {
  const w = useWords();
  const say = readWords(w).actions;
  const [told, setTold] = useState('');
  const { piece, title, fifths, first, last } = sentence;
  const ends = {
    ...{ title: title.slice(0, NAME_LIMIT), fifths, first: first ? asciiName(first) : '' },
    last: last ? asciiName(last) : '',
  };
  const noted = (entry: LogWords) => {
    void school.change((data, now) => logging(data, newId(), entry, now));
    setTold(say.logged);
  };
  const hands = useSteady({
    /** A piece whose bars are to be written; it is kept at once, so that nothing typed is lost. */
    beginWriting: () => {
      const id = newId();
      const words: PieceWords = { ...NO_PIECE, holds: 'bars' };
      void school.change((data, now) => keepingPiece(data, id, words, null, now));
      sayRead({ ...NOTHING, piece: id, view: 'write' }, 'finished');
    },
    change: (more: Partial<PieceWords>) => {
      if (kept)
        void school.change(({ pieces }, now) =>
          changingPiece(pieces.find(({ id }) => id === kept.id) ?? kept, more, now),
        );
    },
    write: () => sayRead({ ...sentence, view: 'write' }, 'finished'),
    doneWriting: () => kept && sayRead({ ...keptSentence(kept), marks: sentence.marks }, 'finished'),
    canKeep: (opened: OpenedPiece | null): boolean => {
      if (kept || isShippedPiece(piece)) return false;
      return piece === '' || (opened?.fromFile ?? false);
    },
    keep: async (opened: OpenedPiece | null, client: PieceClient) => {
      const code = piece === '' ? null : await client.code('came');
      if (code !== null && code.length > SCORE_LIMIT) return setTold(say.large);
      const id = piece || newId();
      const own = opened
        ? {
            title: opened.title.slice(0, NAME_LIMIT),
            first: opened.first,
            last: opened.last,
            fifths: opened.reading.parts[0]?.signatures[0]?.fifths ?? fifths,
          }
        : ends;
      const words: PieceWords = { ...NO_PIECE, ...own, holds: code === null ? 'ends' : 'score' };
      void school.change((data, now) => keepingPiece(data, id, words, code, now));
      setTold(say.kept);
      if (piece === '') sayRead({ ...sentence, piece: id }, 'finished');
    },
    log: (key: Key | null) =>
      noted({
        ...newEntry('piece', today()),
        ...{
          title: ends.title,
          piece: kept?.id ?? null,
          fifths,
          key: key ? keyCode(key) : '',
          about: readHref(sentence),
        },
      }),
    ask: () => noted({ ...newEntry('question', today()), title: ends.title, about: readHref(sentence) }),
    drop: () => {
      if (!kept) return;
      void school.change(({ scores }) => deletingPiece(kept, scores));
      sayRead(FIRST_READ, 'finished');
    },
  });
  return { told, ...hands };
}
