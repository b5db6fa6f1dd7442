import { useEffect, useRef } from 'react';
import type { Answer } from '@/core/exercise/answer';
import { readAnswerCode } from '@/core/exercise/code';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { sayFileProblem } from '@/core/words/say-file';
import { markWords } from '@/core/words/screen/mark';
import type { WrittenLine } from '@/formats/offered';
import { FileDrop } from '@/ui/files/FileDrop';
import { useFileIn } from '@/ui/files/use-file-in';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly asked: MarkQuestion;
  readonly onGiven: (given: Answer) => void;
  readonly onDone: () => void;
};

/** An answer out of a MusicXML file: the notes of a part as they are written, with their signs. */
export function FileAnswer({ asked, onGiven, onDone }: Props) {
  const w = useWords();
  const say = markWords(w).entry;
  const { file, take } = useFileIn(w.settings);
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => input.current?.click(), []);
  const lines =
    file.stage === 'read' && file.reading.ok && file.reading.kind === 'scales' ? file.reading.lines : [];
  const takeLine = ({ code }: WrittenLine) => {
    const given = readAnswerCode(asked, code);
    if (given) onGiven(given);
    onDone();
  };
  const only = lines.length === 1 ? lines[0] : undefined;
  useEffect(() => {
    if (only) takeLine(only);
  });
  return (
    <div className="flex flex-wrap items-center gap-2">
      <FileDrop onFile={take} input={input} label={say.fileLabel} />
      {file.stage === 'read' && !file.reading.ok && (
        <p role="alert" className="text-small text-wrong">
          {sayFileProblem(file.reading.problem)}
        </p>
      )}
      {file.stage === 'read' && file.reading.ok && lines.length === 0 && (
        <p role="alert" className="text-small text-wrong">
          {say.fileNone}
        </p>
      )}
      {lines.length > 1 && <p className="w-full text-small text-quiet">{say.fileWhich}</p>}
      {lines.length > 1 &&
        lines.map((line, at) => (
          <button key={at} type="button" className="control" onClick={() => takeLine(line)}>
            {say.fileLine(line)}
          </button>
        ))}
    </div>
  );
}
