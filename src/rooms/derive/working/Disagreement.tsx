import { TriangleAlert } from 'lucide-react';
import { useMemo } from 'react';
import { disagreement, type Disagreement as Found } from '@/core/derive/disagreement';
import { DERIVE_SHEETS } from '@/core/words/screen/derive-sheets';
import { download } from '@/ui/files/download';
import type { DeriveView } from './view';

/** What a report holds beside the disagreement: the address that led to it. */
export function reportOf(found: Found, address: string): string {
  return JSON.stringify({ kind: 'moon-step-report', version: 1, address, ...found }, null, 2);
}

type Props = { readonly views: readonly Shown[]; readonly address: string };

/** What is asked of a view: its scale and direction. */
type Shown = Pick<DeriveView, 'scale' | 'derivation'>;

function foundIn(views: readonly Shown[]): Found | null {
  for (const { scale, derivation } of views) {
    const found = disagreement(scale, derivation.question.direction);
    if (found) return found;
  }
  return null;
}

/** That methods disagree, loudly, with a report to save. It must never be seen. */
export function Disagreement({ views, address }: Props) {
  const found = useMemo(() => foundIn(views), [views]);
  if (!found) return null;
  return <Report found={found} address={address} />;
}

type ReportProps = {
  readonly found: Found;
  readonly address: string;
};

/** What disagrees, and the button that saves it. */
export function Report({ found, address }: ReportProps) {
  const { disagreement: say } = DERIVE_SHEETS;
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
