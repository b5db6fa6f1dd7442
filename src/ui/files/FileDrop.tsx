import { type RefObject, useEffect, useRef, useState } from 'react';
import { filesWords } from '@/core/words/screen/files';
import { FORMATS } from '@/workers/formats';
import { useWords } from '../school/use-class';

type Props = {
  /** Takes a file; `others` tells that more than one was dropped. */
  readonly onFile: (file: File, others: boolean) => void;
  /** Opens the browser's own way to choose a file. */
  readonly input: RefObject<HTMLInputElement | null>;
  /** What the file is for, for a voice. */
  readonly label: string;
};

/** What the chooser of the browser offers. */
const KINDS = FORMATS.flatMap(({ endings }) => endings).join(',');

function carriesFiles(event: DragEvent): boolean {
  return [...(event.dataTransfer?.types ?? [])].includes('Files');
}

type Taker = { readonly current: Props['onFile'] };

/** Whoever takes files on this page; what opened last is given what is dropped. */
let takers: readonly Taker[] = [];

/** Takes a file wherever on the page it is dropped, and by the browser's chooser. */
export function FileDrop({ onFile, input, label }: Props) {
  const w = useWords();
  const [over, setOver] = useState(false);
  const newest = useRef(onFile);
  newest.current = onFile;
  useEffect(() => {
    takers = [...takers, newest];
    const isMine = () => takers.at(-1) === newest;
    const drag = (event: DragEvent) => {
      if (!carriesFiles(event) || !isMine()) return;
      event.preventDefault();
      setOver(event.type === 'dragover');
    };
    const drop = (event: DragEvent) => {
      if (!carriesFiles(event) || !isMine()) return;
      event.preventDefault();
      setOver(false);
      const [file, other] = event.dataTransfer?.files ?? [];
      if (file) newest.current(file, other !== undefined);
    };
    const leave = (event: DragEvent) => {
      if (event.relatedTarget === null) setOver(false);
    };
    window.addEventListener('dragover', drag);
    window.addEventListener('dragleave', leave);
    window.addEventListener('drop', drop);
    return () => {
      takers = takers.filter((each) => each !== newest);
      window.removeEventListener('dragover', drag);
      window.removeEventListener('dragleave', leave);
      window.removeEventListener('drop', drop);
    };
  }, []);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={KINDS}
        className="hidden"
        tabIndex={-1}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          // The same file may be chosen again.
          event.target.value = '';
          if (file) onFile(file, false);
        }}
      />
      {over && (
        <div className="pointer-events-none fixed inset-3 z-30 grid place-items-center rounded-card border-3 border-dashed border-ink bg-ground/90">
          <p className="font-serif text-sentence">{filesWords(w).drop}</p>
        </div>
      )}
    </>
  );
}
