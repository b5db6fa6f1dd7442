import type { ClassWords } from '@/core/words/class-words';
import { deriveWords } from '@/core/words/screen/derive';
import { DERIVE_SHEETS } from '@/core/words/screen/derive-sheets';
import type { Shared } from './share-as';

/** What became of something that was to be copied or saved, in words; `name` is what the menu calls it. */
export function sayShared(w: ClassWords, shared: Shared, name: string): string {
  const { told } = deriveWords(w);
  switch (shared.done) {
    case 'copied':
      return told.copied(name);
    case 'downloaded':
      return told.exported(shared.what);
    case 'instead':
      return DERIVE_SHEETS.instead[shared.kind](shared.what);
  }
}
