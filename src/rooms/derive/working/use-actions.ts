import type { MethodId } from '@/core/derive/derivation';
import { methodsFor } from '@/core/derive/methods';
import { fittingWays, type Ways } from '@/core/instrument/ways';
import { type Beside, byMethod, type DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import type { Change } from '@/rooms/shell/address-store';
import { wanted } from '@/ui/parts/wanted';
import { useSteady } from '@/ui/use-steady';
import { fromPlainLetters } from '../sentence/pick';
import { slideWindow, toRelative } from '../sentence/slide';
import { type DeriveView, stepDeciding } from './view';

type Given = {
  readonly sentence: DeriveSentence;
  readonly view: DeriveView;
  /** What stands beside it, or null. */
  readonly other: DeriveView | null;
  readonly say: (sentence: DeriveSentence, change: Change) => void;
};

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
    (await wanted('compare', () => import('./compare-actions'))).compareActions({
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
    slide: (places: number) => change(slideWindow(sentence, places), 'passing'),
    relative: () => change(toRelative(sentence), 'finished'),
    ways: (ways: Partial<Ways>) =>
      change({ ...sentence, ways: fittingWays({ ...sentence.ways, ...ways }) }, 'passing'),
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
