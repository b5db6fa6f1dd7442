import type { ClassWords } from '@/core/words/class-words';
import { deriveWords } from '@/core/words/screen/derive';
import type { Shared } from './carry';

/** What became of something that was to be copied or saved, in words; `name` is what the menu calls it. */
export function sayShared(w: ClassWords, shared: Shared, name: string): string {
  const { told, share } = deriveWords(w);
  switch (shared.done) {
    case 'copied':
      return told.copied(name);
    case 'downloaded':
      return told.exported(shared.what);
    case 'instead':
      return shared.kind === 'picture' ? share.savedInstead(shared.what) : share.textInstead(shared.what);
  }
}
