import { Share2 } from 'lucide-react';
import type { ComponentProps } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { Hint } from '@/ui/Hint';
import { useWords } from '@/ui/school/use-class';

/** The button that opens what can be copied, printed and saved. */
export function ShareButton(props: ComponentProps<'button'>) {
  return (
    <button type="button" className="control" aria-keyshortcuts="X" aria-haspopup="menu" {...props}>
      <Share2 className="hidden size-4 sm:block" aria-hidden="true" />
      {deriveWords(useWords()).actions.export}
      <Hint text="X" />
    </button>
  );
}
