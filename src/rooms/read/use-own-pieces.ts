import { useState } from 'react';
import type { Key } from '@/core/harmony/key';
import { asciiName } from '@/core/note/spelled';
import { isShippedPiece } from '@/core/piece/shipped';
import { sayFileProblem } from '@/core/words/say-file';
import { readWords } from '@/core/words/screen/read';
import { NAME_LIMIT, SCORE_LIMIT } from '@/store/limits';
import { logging, newEntry } from '@/store/logging';
import type { StoredPiece } from '@/store/piece';
import { changingPiece, deletingPiece, keepingPiece, NO_PIECE, type PieceWords } from '@/store/pieces';
import { newId } from '@/ui/new-id';
import { useWords } from '@/ui/school/use-class';
import type { SchoolHandle } from '@/ui/school/use-school';
import { useSteady } from '@/ui/use-steady';
import type { OpenedPiece } from '@/workers/piece';
import { FIRST_READ, keyCode, type ReadSentence, readHref } from '../address/read/read-address';
import { keptSentence } from './read-words';
import { sayRead } from './use-read';
import type { FileInHand } from './use-source';

/** Files that are larger are not even taken into memory; the reader has the same limit. */
const LARGEST = 16_000_000;

/** The day on the wall: `2026-11-28`. */
export function today(): string {
  const now = new Date();
  const two = (part: number) => String(part).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** What is done with pieces: brought in, written, kept, noted in the log, deleted. */
export function useOwnPieces(school: SchoolHandle, sentence: ReadSentence, kept: StoredPiece | null) {
  const w = useWords();
  const say = readWords(w).actions;
  const [file, setFile] = useState<FileInHand | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [told, setTold] = useState('');
  const { piece, title, fifths, first, last } = sentence;
  const ends = {
    ...{ title: title.slice(0, NAME_LIMIT), fifths, first: first ? asciiName(first) : '' },
    last: last ? asciiName(last) : '',
  };
  const noted = (kind: 'piece' | 'question', more: Parameters<typeof logging>[2]) => {
    void school.change((data, now) => logging(data, newId(), more, now));
    setTold(kind === 'piece' ? say.logged : say.logged);
  };
  const hands = useSteady({
    take: async (taken: File) => {
      setProblem(null);
      if (taken.size > LARGEST)
        return setProblem(sayFileProblem({ code: 'file-too-large', bytes: taken.size, limit: LARGEST }));
      try {
        const bytes = new Uint8Array(await taken.arrayBuffer());
        const id = newId();
        setFile({ id, name: taken.name, bytes });
        setTold('');
        sayRead({ ...FIRST_READ, piece: id, title: '', first: null, last: null }, 'finished');
      } catch {
        setProblem(sayFileProblem({ code: 'file-unreadable' }));
      }
    },
    /** A piece whose bars are to be written; it is kept at once, so that nothing typed is lost. */
    beginWriting: () => {
      const id = newId();
      const words: PieceWords = { ...NO_PIECE, holds: 'bars' };
      void school.change((data, now) => keepingPiece(data, id, words, null, now));
      sayRead({ ...FIRST_READ, ...{ piece: id, title: '', first: null, last: null, view: 'write' } }, 'finished');
    },
    change: (more: Partial<PieceWords>) => {
      if (kept) void school.change(({ pieces }, now) => changingPiece(pieces.find(({ id }) => id === kept.id) ?? kept, more, now));
    },
    write: () => sayRead({ ...sentence, view: 'write' }, 'finished'),
    doneWriting: () => kept && sayRead({ ...keptSentence(kept), marks: sentence.marks }, 'finished'),
    canKeep: (opened: OpenedPiece | null): boolean => {
      if (kept || isShippedPiece(piece)) return false;
      return piece === '' || (opened?.code ?? null) !== null;
    },
    keep: (opened: OpenedPiece | null) => {
      const code = piece === '' ? null : (opened?.code ?? null);
      if (code !== null && code.length > SCORE_LIMIT) return setTold(say.large);
      const id = piece || newId();
      const own = opened
        ? { title: opened.title.slice(0, NAME_LIMIT), first: opened.first, last: opened.last, fifths: opened.reading.parts[0]?.signatures[0]?.fifths ?? fifths }
        : ends;
      const words: PieceWords = { ...NO_PIECE, ...own, holds: code === null ? 'ends' : 'score' };
      void school.change((data, now) => keepingPiece(data, id, words, code, now));
      setTold(say.kept);
      if (piece === '') sayRead({ ...sentence, piece: id }, 'finished');
    },
    log: (key: Key | null) =>
      noted('piece', {
        ...newEntry('piece', today()),
        ...{ title: ends.title, piece: kept?.id ?? null, fifths, key: key ? keyCode(key) : '', about: readHref(sentence) },
      }),
    ask: () => noted('question', { ...newEntry('question', today()), title: ends.title, about: readHref(sentence) }),
    drop: () => {
      if (!kept) return;
      void school.change(({ scores }) => deletingPiece(kept, scores));
      sayRead(FIRST_READ, 'finished');
    },
  });
  return { file, problem, told, ...hands };
}
