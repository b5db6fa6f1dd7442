import { TriangleAlert } from 'lucide-react';
import type { Disagreement as Found } from '@/core/derive/disagreement';
import { deriveWords } from '@/core/words/screen/derive';
import { download } from '@/ui/files/download';
import { useWords } from '@/ui/school/use-class';

/** What a report holds beside the disagreement: the address that led to it. */
export function reportOf(found: Found, address: string): string {
  return JSON.stringify({ kind: 'moon-step-report', version: 1, address, ...found }, null, 2);
}

/** That methods disagree, loudly, with a report to save. It must never be seen. */
export function Disagreement({ found, address }: { readonly found: Found; readonly address: string }) {
  const w = useWords();
  const say = deriveWords(w).disagreement;
  const save = () =>
    download({
      name: 'moon-step-report.json',
      type: 'application/json',
      content: reportOf(found, address),
    });
  return (
    <div role="alert" className="card flex flex-wrap items-center gap-4 border-4 border-wrong p-4">
      <TriangleAlert aria-hidden="true" className="size-8 text-wrong" />
      <div className="grow basis-80">
        <p className="font-serif text-large font-bold text-wrong">{say.title}</p>
        <p>{say.text}</p>
        <ul>
          {found.answers.map(({ method, notes }) => (
            <li key={method}>
              {method}: {notes.join(' ')}
            </li>
          ))}
        </ul>
      </div>
      <button type="button" className="control" onClick={save}>
        {say.save}
      </button>
    </div>
  );
}
