import { useState } from 'react';
import { noteNamed } from '@/core/note/parse';
import { sayFileProblem, sayFileWarning } from '@/core/words/say-file';
import { sayRecordProblem } from '@/core/words/say-store';
import { filesWords } from '@/core/words/screen/files';
import type { OfferedTune } from '@/formats/melody/to-tune';
import type { OfferedScale } from '@/formats/offered';
import type { Backup } from '@/store/backup';
import { BRING_WAYS, type BringWay, bringingIn, type Fate } from '@/store/bringing-in';
import { type SchoolData, TABLES } from '@/store/school-data';
import { SideSheet } from '../SideSheet';
import { useWords } from '../school/use-class';
import type { FileHandle } from './use-file-in';

type Props = {
  readonly handle: FileHandle;
  readonly data: SchoolData;
  /** The sentence of an offered scale in the words of the class. */
  readonly sentence: (scale: OfferedScale) => string;
  readonly onShow: (scale: OfferedScale) => void;
  /** Plays a tune of the file. */
  readonly onPlay: (tune: OfferedTune) => void;
  readonly onKeep: (scales: readonly OfferedScale[], lesson: string | null) => void;
  readonly onBringIn: (backup: Backup, way: BringWay) => void;
};

/** What a file holds, before anything is done with it. */
export function FileSheet({ handle, data, sentence, onShow, onPlay, onKeep, onBringIn }: Props) {
  const say = filesWords(useWords());
  const { file, close } = handle;
  const name = file.stage === 'none' ? '' : file.name;
  return (
    <SideSheet
      title={say.title(name.length > 40 ? `${name.slice(0, 39)}…` : name)}
      summary={say.summary}
      open={file.stage !== 'none'}
      onOpen={(open) => !open && close()}
    >
      {file.stage !== 'none' && file.others && <p className="text-small">{say.oneFile(file.name)}</p>}
      {file.stage === 'reading' && (
        <p role="status" className="flex items-center gap-3">
          {say.reading(file.name)}
          <button type="button" className="control" onClick={close}>
            {say.stop}
          </button>
        </p>
      )}
      {file.stage === 'read' && !file.reading.ok && (
        <p role="alert" className="card border-wrong p-3">
          {sayFileProblem(file.reading.problem)}
        </p>
      )}
      {file.stage === 'read' && file.reading.ok && file.reading.kind === 'scales' && (
        <Offers reading={file.reading} sentence={sentence} onShow={onShow} onPlay={onPlay} onKeep={onKeep} />
      )}
      {file.stage === 'read' && file.reading.ok && file.reading.kind === 'backup' && (
        <BackupPreview backup={file.reading.backup} data={data} onBringIn={onBringIn} />
      )}
    </SideSheet>
  );
}

type OffersProps = Pick<Props, 'sentence' | 'onShow' | 'onPlay' | 'onKeep'> & {
  readonly reading: Extract<
    Extract<FileHandle['file'], { readonly stage: 'read' }>['reading'],
    { readonly kind: 'scales' }
  >;
};

function Offers({ reading, sentence, onShow, onPlay, onKeep }: OffersProps) {
  const say = filesWords(useWords());
  const { scales, tunes, warnings, title } = reading;
  const [kept, setKept] = useState<ReadonlySet<OfferedScale>>(new Set());
  const keep = (wanted: readonly OfferedScale[], lesson: string | null) => {
    setKept(new Set([...kept, ...wanted]));
    onKeep(wanted, lesson);
  };
  return (
    <div className="flex min-h-0 grow flex-col gap-3 overflow-y-auto">
      <p role="status">
        {scales.length > 0
          ? say.found(scales.length)
          : tunes.length > 0
            ? say.tunesFound(tunes.length)
            : say.noneFound}
        {kept.size > 0 && ` ${say.kept(kept.size)}`}
      </p>
      {scales.length > 0 && (
        <button
          type="button"
          className="control self-start"
          disabled={scales.every((scale) => kept.has(scale))}
          onClick={() =>
            keep(
              scales.filter((scale) => !kept.has(scale)),
              title,
            )
          }
        >
          {say.keepAll(scales.length, title)}
        </button>
      )}
      <Tunes tunes={tunes} onPlay={onPlay} />
      <ol className="grid gap-2">
        {scales.map((scale, index) => (
          <li key={index} className="card p-3">
            <p className="font-serif text-large">{sentence(scale)}</p>
            <p className="mb-2 text-small text-quiet">
              {scale.part === null ? say.inLine(scale.place) : say.inPart(scale.part, scale.place)}
            </p>
            <div className="flex gap-2">
              <button type="button" className="control" onClick={() => onShow(scale)}>
                {say.show}
              </button>
              <button
                type="button"
                className="control"
                aria-label={kept.has(scale) ? undefined : say.keepOne(sentence(scale))}
                disabled={kept.has(scale)}
                onClick={() => keep([scale], null)}
              >
                {kept.has(scale) ? say.onShelf : say.keep}
              </button>
            </div>
          </li>
        ))}
      </ol>
      {warnings.length > 0 && (
        <section aria-label={say.passedOver}>
          {scales.length > 0 && <p className="text-small text-quiet">{say.passedOver}</p>}
          <ul className="grid gap-1 text-small">
            {warnings.map((warning, index) => (
              <li key={index}>{sayFileWarning(warning)}</li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

/** Lines of the file that can be played as tunes in any key. */
function Tunes({ tunes, onPlay }: { readonly tunes: readonly OfferedTune[] } & Pick<Props, 'onPlay'>) {
  const w = useWords();
  const say = filesWords(w);
  return tunes.map((tune) => {
    const tonic = noteNamed(tune.tonic);
    return (
      <div key={tune.code} className="card p-3">
        <p className="mb-2 font-serif text-large">
          {say.tune(tune.name, w.scale(tonic, tune.scale), tune.notes)}
        </p>
        <button type="button" className="control" onClick={() => onPlay(tune)}>
          {say.play}
        </button>
      </div>
    );
  });
}

const FATES: readonly Fate[] = ['added', 'changed', 'removed', 'kept-here', 'same'];

type PreviewProps = Pick<Props, 'data' | 'onBringIn'> & { readonly backup: Backup };

function BackupPreview({ backup, data, onBringIn }: PreviewProps) {
  const say = filesWords(useWords()).backup;
  const date = new Date(backup.madeAt).toLocaleString('en-GB', { dateStyle: 'long', timeStyle: 'short' });
  return (
    <div className="flex min-h-0 grow flex-col gap-4 overflow-y-auto">
      <p role="status">{backup.part === null ? say.whole(date) : say.part(backup.part, date)}</p>
      {backup.unread.length > 0 && (
        <div className="text-small">
          <p>{say.unread(backup.unread.length)}</p>
          <ul>
            {backup.unread.slice(0, 10).map((problem, index) => (
              <li key={index}>{sayRecordProblem(problem)}</li>
            ))}
          </ul>
        </div>
      )}
      {BRING_WAYS.filter((way) => way === 'merge' || backup.part === null).map((way) => (
        <WayCard key={way} way={way} backup={backup} data={data} onBringIn={onBringIn} />
      ))}
    </div>
  );
}

function WayCard({ way, backup, data, onBringIn }: PreviewProps & { readonly way: BringWay }) {
  const say = filesWords(useWords()).backup;
  const { change, preview } = bringingIn(data, backup.data, way);
  const lines = FATES.flatMap((fate) => {
    const counts = TABLES.filter((table) => preview[table][fate] > 0);
    if (counts.length === 0) return [];
    return [
      `${counts.map((table) => say.count(table, preview[table][fate])).join(', ')}: ${say.fates[fate]}`,
    ];
  });
  const label = way === 'merge' ? say.merge : say.replace;
  return (
    <section aria-label={label} className="card flex flex-col gap-2 p-3">
      <p className="text-small text-quiet">{way === 'merge' ? say.mergeHelp : say.replaceHelp}</p>
      <ul>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {change.edits.length === 0 ? (
        <p>{say.nothing}</p>
      ) : (
        <button type="button" className="control self-start" onClick={() => onBringIn(backup, way)}>
          {label}
        </button>
      )}
    </section>
  );
}
