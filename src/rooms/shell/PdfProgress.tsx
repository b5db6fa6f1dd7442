import { Square } from 'lucide-react';
import { useSyncExternalStore } from 'react';
import { sheetsWords } from '@/core/words/screen/sheets';
import { useWords } from '@/ui/school/use-class';
import type { JobNow } from './pdf-job';

/** How far the document that is being written has come; nothing while none is. */
export function PdfProgress({ job }: { readonly job: JobNow }) {
  const { pdf: say } = sheetsWords(useWords());
  const now = useSyncExternalStore(job.listen, job.now, () => null);
  if (!now) return null;
  return (
    <p role="status" className="flex items-center gap-2 text-small">
      {say.making(now.done, now.of)}
      <button type="button" className="control" onClick={now.stop}>
        <Square className="size-4" aria-hidden="true" />
        {say.cancel}
      </button>
    </p>
  );
}
