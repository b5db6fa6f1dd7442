import type { MethodId } from '@/core/derive/derivation';
import { methodsFor } from '@/core/derive/methods';
import { deleting, editing, keeping, moving, type ShelfChange } from '@/store/change';
import type { Kept } from '@/store/kept';
import { useSteady } from '@/ui/use-steady';
import { writeAddress } from './address';
import { download, type ExportId, exportFile } from './export-files';
import type { DeriveSentence } from './sentence';
import { sentenceText, withWord } from './sentence-words';
import { slideWindow, toRelative } from './slide';
import type { Change } from './use-sentence';
import type { ShelfHandle } from './use-shelf';
import { type DeriveView, stepDeciding } from './view';

const TAKEN_BACK: Readonly<Record<ShelfChange['says'], string>> = {
  kept: 'Taken off the shelf again.',
  deleted: 'Back on the shelf.',
  moved: 'Moved back.',
  edited: 'Words taken back.',
};

type Given = {
  readonly sentence: DeriveSentence;
  readonly view: DeriveView;
  readonly shelf: ShelfHandle;
  readonly say: (sentence: DeriveSentence, change: Change) => void;
  /** Tells whoever listens what was done. */
  readonly tell: (text: string) => void;
};

/** Everything that can be done in the room, as functions that never change. */
export function useActions({ sentence, view, shelf, say, tell }: Given) {
  const { derivation, at, scale } = view;
  const last = derivation.steps.length - 1;

  const toStep = (wanted: number) => {
    const shown = Math.max(0, Math.min(last, wanted));
    if (shown !== at) say({ ...sentence, step: shown === last ? null : shown + 1 }, 'passing');
  };
  const toMethod = (method: MethodId) => {
    if (method !== sentence.method) say({ ...sentence, method, step: null }, 'finished');
  };
  const change = (next: DeriveSentence, how: Change) => {
    if (next !== sentence) say(next, how);
  };
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
    pick: (id: string, value: string) => change(withWord(sentence, id, value), 'finished'),
    slide: (places: number) => change(slideWindow(sentence, places), 'passing'),
    relative: () => change(toRelative(sentence), 'finished'),
    keep: async () => {
      const name = sentenceText(sentence).replace(/^Build |\.$/gu, '');
      const item = {
        id: crypto.randomUUID(),
        name,
        note: '',
        address: writeAddress(sentence),
        keptAt: new Date().toISOString(),
      };
      await shelf.change((items) => keeping(items, item));
      tell('Kept on the shelf. Ctrl Z takes it back.');
    },
    undo: async () => {
      const undone = await shelf.undo();
      tell(undone ? TAKEN_BACK[undone] : 'There is nothing to take back.');
    },
    edit: (item: Kept, words: Partial<Pick<Kept, 'name' | 'note'>>) =>
      shelf.change(() => editing(item, words)),
    move: (item: Kept, way: 1 | -1) => shelf.change((items) => moving(items, item.id, way)),
    remove: (item: Kept) => shelf.change(() => deleting(item)),
    exportAs: async (id: ExportId) => {
      const file = await exportFile(id, view);
      download(file);
      tell(`Exported: ${file.name}`);
    },
  });
}

export type Actions = ReturnType<typeof useActions>;
