import { Link, QrCode as QrIcon } from 'lucide-react';
import { useState } from 'react';
import { drillWords } from '@/core/words/screen/drill';
import { copyText } from '@/ui/files/clipboard';
import { part } from '@/ui/parts/part';
import { useWords } from '@/ui/school/use-class';
import type { DrillSentence } from '../address/drill/drill-sentence';
import { linkOf } from './drill-share';

const QrCode = part('qr', () => import('./QrCode').then((module) => module.QrCode));

type Props = { readonly sentence: DrillSentence; readonly tell: (text: string) => void };

/** How a level is given: as a link, as a QR code of it. */
export function GiveCard({ sentence, tell }: Props) {
  const w = useWords();
  const say = drillWords(w).give;
  const [shown, setShown] = useState(false);
  const [field, setField] = useState(false);
  const link = typeof window === 'undefined' ? '' : linkOf(w, sentence);
  const copy = async () => {
    if (await copyText(link)) tell(say.copied);
    else setField(true);
  };
  return (
    <section aria-label={say.title} className="card flex flex-col gap-2 px-4 py-3">
      <h2 className="text-small font-bold text-quiet">{say.title}</h2>
      <p className="text-small">{say.why}</p>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="control" onClick={() => void copy()}>
          <Link className="size-4" aria-hidden="true" />
          {say.link}
        </button>
        <button type="button" className="control" aria-pressed={shown} onClick={() => setShown(!shown)}>
          <QrIcon className="size-4" aria-hidden="true" />
          {say.qr}
        </button>
      </div>
      {field && (
        <label className="flex flex-col gap-1 text-small">
          {say.field}
          <textarea className="field break-all" readOnly rows={3} value={link} />
        </label>
      )}
      {shown && (
        <>
          <QrCode text={link} title={say.qrTitle} long={say.qrLong} />
          {/^https?:\/\/(?:localhost|127\.)/u.test(link) && <p className="text-small">{say.onNetwork}</p>}
        </>
      )}
    </section>
  );
}
