import { FileDown, Link, QrCode as QrIcon } from 'lucide-react';
import { useState } from 'react';
import { drillWords } from '@/core/words/screen/drill';
import { LEVEL_TYPE, readLevelFile, writeLevelFile } from '@/formats/handed-in/level-file';
import { copyText } from '@/ui/files/clipboard';
import { download, plainName } from '@/ui/files/download';
import { FileButton } from '@/ui/files/FileButton';
import { part } from '@/ui/parts/part';
import { useWords } from '@/ui/school/use-class';
import type { DrillSentence } from '../address/drill/drill-sentence';
import { linkOf } from './drill-share';
import { drillName } from './drill-words';
import { goToDrill } from './use-drill';

const QrCode = part('qr', () => import('@/ui/QrCode').then((module) => module.QrCode));

type Props = { readonly sentence: DrillSentence; readonly tell: (text: string) => void };

/** How a level is given: as a link, as a QR code of it, as a file; and a file that was given is opened. */
export function GiveCard({ sentence, tell }: Props) {
  const w = useWords();
  const say = drillWords(w).give;
  const [shown, setShown] = useState(false);
  const [field, setField] = useState(false);
  const link = typeof window === 'undefined' ? '' : linkOf(w, sentence);
  const save = () => {
    const name = `${plainName(drillName(w, sentence), 'level')}.json`;
    const content = writeLevelFile(link.slice(link.indexOf('?')));
    download({ name, type: LEVEL_TYPE, content });
    tell(say.saved(name));
  };
  const open = (text: string) => {
    const query = readLevelFile(text);
    if (query === null) tell(say.notLevel);
    else goToDrill(query, 'finished');
  };
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
        <button type="button" className="control" onClick={save}>
          <FileDown className="size-4" aria-hidden="true" />
          {say.file}
        </button>
        <FileButton label={say.open} accept=".json,application/json" onText={open} />
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
