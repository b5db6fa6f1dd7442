import { useState } from 'react';
import type { MethodId } from '@/core/derive/derivation';
import { methodsFor } from '@/core/derive/methods';
import type { ClassWords } from '@/core/words/class-words';
import { deriveWords } from '@/core/words/screen/derive';
import { SHELF_WORDS } from '@/core/words/screen/shelf';
import type { PaperSheet } from '@/ui/paper/Paper';
import type { SchoolHandle } from '@/ui/school/use-school';
import { useSteady } from '@/ui/use-steady';
import { compareActions } from './compare-actions';
import { byMethod, type DeriveSentence } from './sentence';
import { withWord } from './sentence-words';
import type { ShareId } from './share';
import { shelfActions } from './shelf-actions';
import { slideWindow, toRelative } from './slide';
import { type Change, goToSearch } from './use-sentence';
import { type DeriveView, stepDeciding } from './view';

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
  const { searchOfKind } = await import('./write-question');
  const search = kind === 'build' ? null : searchOfKind(kind, about);
  if (search) goToSearch(search, 'finished');
}

/** Everything that can be done in the room, as functions that never change; and the sheet that is being printed. */
export function useActions(given: Given) {
  const { w, head, sentence, view, other, school, say, tell } = given;
  const { derivation, scale } = view;
  // Two workings beside each other go in step, the shorter one waiting at its end.
  const last = Math.max(derivation.steps.length, other?.derivation.steps.length ?? 0) - 1;
  const at = Math.max(view.at, other?.at ?? 0);
  const [paper, setPaper] = useState<PaperSheet | null>(null);
  const words = deriveWords(w);

  const toStep = (wanted: number) => {
    const shown = Math.max(0, Math.min(last, wanted));
    if (shown !== at) say({ ...sentence, step: shown === last ? null : shown + 1 }, 'passing');
  };
  const toMethod = (method: MethodId) => {
    if (method !== sentence.method) say(byMethod(sentence, method), 'finished');
  };
  const change = (next: DeriveSentence, how: Change) => {
    if (next !== sentence) say(next, how);
  };
  const print = async (blank: boolean) => {
    const { paperOf } = await import('./paper');
    setPaper(await paperOf(w, head, sentence, blank));
  };
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
    undo: async () => {
      const undone = await school.undo();
      tell(undone ? SHELF_WORDS.undone(undone) : words.told.nothing);
    },
    print: () => print(false),
    printBlank: () => print(true),
    printed: () => setPaper(null),
    printLesson: async (lesson: string | null) => {
      const { data } = school.state;
      const title = data.lessons.find(({ id }) => id === lesson)?.name ?? SHELF_WORDS.noLesson;
      const kept = data.kept.filter((item) => item.lesson === lesson);
      const { handoutOf } = await import('./paper');
      setPaper(await handoutOf(w, head, title, kept));
    },
    share: async (id: ShareId) => {
      if (id === 'print' || id === 'printBlank') return print(id === 'printBlank');
      const { share } = await import('./share');
      const shared = await share(w, id, sentence, view);
      const { told, share: names } = words;
      if (shared.done === 'copied') tell(told.copied(names[id]));
      else if (shared.done === 'downloaded') tell(told.exported(shared.what));
      else if (shared.done === 'instead')
        tell(shared.kind === 'picture' ? names.savedInstead(shared.what) : names.textInstead(shared.what));
    },
    ...compareActions({ sentence, scale, say }),
    ...shelfActions(given),
  });
  return { actions, paper };
}

export type Actions = ReturnType<typeof useActions>['actions'];
