import { scaleAsked } from '@/core/scale/asked';
import type { ClassWords } from '@/core/words/class-words';
import { scaleName } from '@/core/words/say-scale';
import { deriveWords } from '@/core/words/screen/derive';
import { DERIVE_SHEETS } from '@/core/words/screen/derive-sheets';
import { questionWords } from '@/core/words/screen/questions';
import { SURFACES, surfacesOfClass } from '@/ui/surfaces/all';
import type { Surface } from '@/ui/surfaces/surface';
import { readAddress } from '../address/derive/derive-address';
import { readQuestion } from '../address/derive/read-question';
import { surfacesShown } from '../address/derive/shown';
import { withoutStep } from '../shell/board-kit';
import type { Desk, KeyHelp } from '../shell/room';
import { QUESTION_SHARES } from './questions/question-share-list';
import { questionText } from './questions/question-words';
import { sentenceName, sentenceParts, sentenceText } from './sentence/sentence-words';
import { derivationShares } from './share/share-list';

function text(w: ClassWords, search: string): string {
  const asked = readQuestion(search);
  return asked ? questionText(w, asked.question) : sentenceText(w, readAddress(search).sentence);
}

/** The keys that work: of the room, and of the words that this sentence has. */
function keysOf(w: ClassWords, search: string): KeyHelp {
  const { title, summary, list, words } = DERIVE_SHEETS.keys;
  const parts = sentenceParts(w, readAddress(search).sentence);
  const own = parts.flatMap((part) => (typeof part === 'string' ? [] : (words[part.id] ?? [])));
  return { title, summary, list: [...list, ...own] };
}

/** The surfaces that a sentence is shown on, in the order of the list. */
function shownIn(w: ClassWords, search: string): readonly Surface[] {
  const codes = surfacesShown(readAddress(search).sentence, surfacesOfClass(w.settings));
  return SURFACES.filter(({ code }) => codes.includes(code));
}

/** What Derive can say of its sentences: of scales to build, and of the other questions. */
export const DERIVE_DESK: Desk = {
  title: (w, search) => {
    const { sentence } = readAddress(search);
    const reading = readQuestion(search) ? null : scaleAsked(sentence.tonic, sentence.scale);
    const about = reading?.ok ? scaleName(w, reading.scale) : text(w, search).replace(/[.?]$/u, '');
    return deriveWords(w).title(about);
  },
  keys: (w, search) => (readQuestion(search) ? questionWords(w).keysSheet : keysOf(w, search)),
  shares: (w, search) =>
    readQuestion(search)
      ? { list: QUESTION_SHARES, names: questionWords(w).share }
      : derivationShares(shownIn(w, search)),
  board: {
    forClass: withoutStep,
    kit: async () => (await import('./board/kit')).DERIVE_BOARD,
  },
  kept: {
    text,
    name: (w, search) =>
      readQuestion(search) ? text(w, search) : sentenceName(w, readAddress(search).sentence),
    item: async (w, search, name) => {
      if (readQuestion(search)) {
        const { questionItem } = await import('./questions/question-paper');
        return questionItem(w, search, name);
      }
      const { paperItem } = await import('./share/paper');
      return paperItem(w, { ...readAddress(search).sentence, beside: null }, name, false);
    },
  },
};
