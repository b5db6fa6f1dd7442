import { BAR_WORDS } from '@/core/words/screen/bar';
import type { Shared } from './share-as';

/** What became of something that was to be copied or saved, in words; `name` is what the menu calls it. */
export function sayShared(shared: Shared, name: string): string {
  const { told } = BAR_WORDS;
  switch (shared.done) {
    case 'copied':
      return told.copied(name);
    case 'downloaded':
      return told.exported(shared.what);
    case 'not':
      return shared.why;
    case 'instead':
      return told.instead[shared.kind](shared.what);
  }
}
