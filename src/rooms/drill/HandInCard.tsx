import { ClipboardCopy, FileDown, QrCode as QrIcon } from 'lucide-react';
import { useState } from 'react';
import { drillWords } from '@/core/words/screen/drill';
import { drillResultCode, writeDrillResult } from '@/formats/handed-in/drill-result';
import { HANDED_IN_TYPE } from '@/formats/handed-in/handed-in';
import type { Drill } from '@/store/drill';
import { rightIn } from '@/store/drilling';
import { PERSON_NAME_LIMIT } from '@/store/limits';
import { copyText } from '@/ui/files/clipboard';
import { download, plainName } from '@/ui/files/download';
import { useStored } from '@/ui/keys/use-setting';
import { part } from '@/ui/parts/part';
import { useWords } from '@/ui/school/use-class';
import { speaksCode } from '../address/speaks';
import { resultOf } from './result-of';

const QrCode = part('qr', () => import('@/ui/QrCode').then((module) => module.QrCode));

type Props = {
  readonly drill: Drill;
  /** Whether it is an earlier try that went better. */
  readonly isBest: boolean;
  /** Who answers, as far as that is known. */
  readonly name: string;
  readonly onHanded: () => void;
  readonly tell: (text: string) => void;
};

/** How a drill is handed in: as one small file, as a code, or as a QR code of it. */
export function HandInCard({ drill, isBest, name: known, onHanded, tell }: Props) {
  const w = useWords();
  const { end: say, done } = drillWords(w);
  const [typed, type] = useStored('moon-step:hand-in-name');
  const [code, setCode] = useState<string | null>(null);
  const [shown, setShown] = useState(false);
  const name = known || typed || '';
  const result = resultOf(drill, name.trim(), speaksCode(w.settings));
  if (!result) return null;
  const ask = () => tell(say.named);
  const file = () => {
    const fileName = `${say.fileName(plainName(drill.name, 'drill'), plainName(name, ''))}.json`;
    download({ name: fileName, type: HANDED_IN_TYPE, content: writeDrillResult(result) });
    onHanded();
    tell(say.saved(fileName));
  };
  const copy = async () => {
    const text = drillResultCode(result);
    setCode(text);
    onHanded();
    tell((await copyText(text)) ? say.copied : say.notCopied);
  };
  const isNamed = name.trim() !== '';
  return (
    <section aria-label={say.handIn} className="card flex flex-col gap-2 px-4 py-3">
      <h2 className="text-small font-bold text-quiet">{say.handIn}</h2>
      {isBest && <p className="text-small font-semibold">{say.best(rightIn(drill), done.when(drill.at))}</p>}
      <p className="text-small">{say.handInWhy}</p>
      {known === '' && (
        <label className="flex flex-col gap-1 text-small">
          {say.name}
          <input
            className="field"
            maxLength={PERSON_NAME_LIMIT}
            autoComplete="off"
            value={typed ?? ''}
            onChange={({ target }) => type(target.value)}
          />
        </label>
      )}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="control" onClick={isNamed ? file : ask}>
          <FileDown className="size-4" aria-hidden="true" />
          {say.file}
        </button>
        <button type="button" className="control" onClick={() => (isNamed ? void copy() : ask())}>
          <ClipboardCopy className="size-4" aria-hidden="true" />
          {say.code}
        </button>
        <button
          type="button"
          className="control"
          aria-pressed={shown}
          onClick={() => (isNamed ? setShown(!shown) : ask())}
        >
          <QrIcon className="size-4" aria-hidden="true" />
          {say.qr}
        </button>
      </div>
      {code && (
        <label className="flex flex-col gap-1 text-small">
          {say.codeField}
          <textarea className="field break-all" readOnly rows={4} value={code} />
        </label>
      )}
      {shown && <QrCode text={drillResultCode(result)} title={say.qrTitle} long={say.qrLong} />}
    </section>
  );
}
