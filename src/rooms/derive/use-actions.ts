import type { MethodId } from '@/core/derive/derivation';
import { methodsFor } from '@/core/derive/methods';
import { wanted } from '@/ui/parts/wanted';
import { useSteady } from '@/ui/use-steady';
import { type Beside, byMethod, type DeriveSentence } from '../address/derive/derive-sentence';
import type { Change } from '../shell/address-store';
import { withWord } from './sentence/sentence-words';
import { slideWindow, toRelative } from './sentence/slide';
import { goToSearch } from './sentence/use-sentence';
import { type DeriveView, stepDeciding } from './working/view';

type Given = {
  readonly sentence: DeriveSentence;
  readonly view: DeriveView;
  /** What stands beside it, or null. */
  readonly other: DeriveView | null;
  readonly say: (sentence: DeriveSentence, change: Change) => void;
};

/** Another kind of question about the same scale. */
async function askOther(kind: string, about: DeriveSentence): Promise<void> {
  const { searchOfKind } = await import('../address/derive/write-question');
  const search = kind === 'build' ? null : searchOfKind(kind, about);
  if (search) goToSearch(search, 'finished');
}

/** Another scale is mended by hand from its plain letters. */
function fromPlainLetters(before: DeriveSentence, next: DeriveSentence): DeriveSentence {
  const { tonic, scale, direction } = before;
  const same = next.tonic === tonic && next.scale === scale && next.direction === direction;
  return same || next.hand === null ? next : { ...next, hand: '0' };
}

/** Everything that can be done with the sentence, as functions that never change. */
export function useActions({ sentence, view, other, say }: Given) {
  const { derivation, scale } = view;
  // Two workings beside each other go in step, the shorter one waiting at its end.
  const last = Math.max(derivation.steps.length, other?.derivation.steps.length ?? 0) - 1;
  const at = Math.max(view.at, other?.at ?? 0);

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
  const besides = async () =>
    (await wanted('compare', () => import('./working/compare-actions'))).compareActions({
      sentence,
      scale,
      say,
    });
  return useSteady({
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
    compare: async () => (await besides()).compare(),
    beside: async (wanted: Beside) => (await besides()).beside(wanted),
    alone: () => say({ ...sentence, beside: null }, 'finished'),
    byHand: () => {
      if (sentence.method === 'tetrachords' && !sentence.beside) say({ ...sentence, hand: '0' }, 'finished');
    },
    hand: (hand: string | null) => say({ ...sentence, hand }, hand === null ? 'finished' : 'passing'),
  });
}

export type Actions = ReturnType<typeof useActions>;
