import { useState } from 'react';
import type { MethodId } from '@/core/derive/derivation';
import { methodsFor } from '@/core/derive/methods';
import type { ClassWords } from '@/core/words/class-words';
import type { PaperSheet } from '@/ui/paper/Paper';
import type { SchoolHandle } from '@/ui/school/use-school';
import { useSteady } from '@/ui/use-steady';
import type { OfferedScale } from '@/workers/read-file';
import type { Change } from '../common/address-store';
import { shelfLater } from '../shelf/shelf-later';
import { type Beside, byMethod, type DeriveSentence } from './sentence/sentence';
import { sentenceName, withWord } from './sentence/sentence-words';
import { slideWindow, toRelative } from './sentence/slide';
import { goToSearch, hrefOf } from './sentence/use-sentence';
import type { ShareId } from './share/share-list';
import { type DeriveView, stepDeciding } from './working/view';

type Given = {
  readonly w: ClassWords;
  /** What stands at the head of a sheet: the school or the class. */
  readonly head: string;
  readonly sentence: DeriveSentence;
  readonly view: DeriveView;
  /** What stands beside it, or null. */
  readonly other: DeriveView | null;
  readonly school: SchoolHandle;
  readonly say: (sentence: DeriveSentence, change: Change) => void;
  /** Tells whoever listens what was done. */
  readonly tell: (text: string) => void;
};

/** Another kind of question about the same scale. */
async function askOther(kind: string, about: DeriveSentence): Promise<void> {
  const { searchOfKind } = await import('./sentence/write-question');
  const search = kind === 'build' ? null : searchOfKind(kind, about);
  if (search) goToSearch(search, 'finished');
}

/** Another scale is mended by hand from its plain letters. */
function fromPlainLetters(before: DeriveSentence, next: DeriveSentence): DeriveSentence {
  const { tonic, scale, direction } = before;
  const same = next.tonic === tonic && next.scale === scale && next.direction === direction;
  return same || next.hand === null ? next : { ...next, hand: '0' };
}

/** Everything that can be done in the room, as functions that never change; and the sheet that is being printed. */
export function useActions(given: Given) {
  const { w, head, sentence, view, other, school, say, tell } = given;
  const { derivation, scale } = view;
  // Two workings beside each other go in step, the shorter one waiting at its end.
  const last = Math.max(derivation.steps.length, other?.derivation.steps.length ?? 0) - 1;
  const at = Math.max(view.at, other?.at ?? 0);
  const [paper, setPaper] = useState<PaperSheet | null>(null);

  const toStep = (wanted: number) => {
    const shown = Math.max(0, Math.min(last, wanted));
    if (shown !== at) say({ ...sentence, step: shown === last ? null : shown + 1 }, 'passing');
  };
  const toMethod = (method: MethodId) => {
    if (method !== sentence.method) say(byMethod(sentence, method), 'finished');
  };
  const change = (next: DeriveSentence, how: Change) => {
    if (next !== sentence) say(fromPlainLetters(sentence, next), how);
  };
  const print = async (blank: boolean) => {
    const { paperOf } = await import('./share/paper');
    setPaper(await paperOf(w, head, sentence, blank));
  };
  const besides = async () =>
    (await import('./working/compare-actions')).compareActions({ sentence, scale, say });
  const actions = useSteady({
    toStep,
    toMethod,
    stepOn: () => toStep(at + 1),
    stepBack: () => toStep(at - 1),
    firstStep: () => toStep(0),
    lastStep: () => toStep(last),
    nextMethod: () => {
      const methods = methodsFor(scale);
      const next = methods[(methods.indexOf(sentence.method) + 1) % methods.length];
      if (next) toMethod(next);
    },
    toPlace: (place: number) => {
      const found = stepDeciding(derivation, place);
      if (found !== null) toStep(found);
    },
    pick: (id: string, value: string) =>
      id === 'kind' ? askOther(value, sentence) : change(withWord(sentence, id, value), 'finished'),
    slide: (places: number) => change(slideWindow(sentence, places), 'passing'),
    relative: () => change(toRelative(sentence), 'finished'),
    print: () => print(false),
    printBlank: () => print(true),
    printed: () => setPaper(null),
    keepOffers: async (offers: readonly OfferedScale[], title: string | null) => {
      const { keepOffers } = await import('./files/keep-offers');
      await keepOffers(given, offers, title, sentence);
    },
    share: async (id: ShareId) => {
      if (id === 'print' || id === 'printBlank') return print(id === 'printBlank');
      const { shareSaid } = await import('./share/share');
      tell(await shareSaid(w, id, sentence, view));
    },
    compare: async () => (await besides()).compare(),
    beside: async (wanted: Beside) => (await besides()).beside(wanted),
    alone: () => say({ ...sentence, beside: null }, 'finished'),
    byHand: () => {
      if (sentence.method === 'tetrachords' && !sentence.beside) say({ ...sentence, hand: '0' }, 'finished');
    },
    hand: (hand: string | null) => say({ ...sentence, hand }, hand === null ? 'finished' : 'passing'),
    ...shelfLater({
      w,
      head,
      school,
      tell,
      print: setPaper,
      current: () => ({ name: sentenceName(w, sentence), address: hrefOf(sentence) }),
    }),
  });
  return { actions, paper };
}

export type Actions = ReturnType<typeof useActions>['actions'];
