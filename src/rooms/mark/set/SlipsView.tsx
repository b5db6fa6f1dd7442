import { FileDown, Printer } from 'lucide-react';
import { useState } from 'react';
import { totalOf } from '@/core/exercise/set/cell';
import { sayMarks } from '@/core/words/say-marks';
import { setWords } from '@/core/words/screen/set';
import { textsIn } from '@/engrave/texts-in';
import { SceneView } from '@/ui/scene/SceneView';
import { useWords } from '@/ui/school/use-class';
import { PdfProgress } from '../../shell/PdfProgress';
import type { JobNow } from '../../shell/pdf-job';
import type { SetInHand } from './use-set';
import { useSlipPages } from './use-slips';

type Props = {
  readonly held: SetInHand;
  readonly job: JobNow;
  readonly onPdf: (person: string | null) => void;
  readonly onPrint: () => void;
  readonly onMarks: () => void;
  readonly onAnswers: () => void;
};

/** What everybody gets back: a slip a student as it is printed, and the ways to give them out. */
export function SlipsView({ held, job, onPdf, onPrint, onMarks, onAnswers }: Props) {
  const w = useWords();
  const say = setWords(w).slips;
  const { slips, hasFailed, again } = useSlipPages(w, held);
  const [chosen, setChosen] = useState<string | null>(null);
  const slip = slips?.find(({ person }) => person === chosen) ?? slips?.[0];
  if (slips?.length === 0) return <p className="card px-4 py-3">{say.empty}</p>;
  return (
    <div className="grid min-h-0 grow grid-cols-1 content-start gap-3 room:grid-cols-[20rem_minmax(0,1fr)]">
      <section
        aria-label={say.title}
        className="card flex min-h-0 flex-col gap-2 px-4 py-3 room:overflow-y-auto"
      >
        <div className="flex flex-wrap gap-2">
          <button type="button" className="control bg-ink! text-sheet!" onClick={() => onPdf(null)}>
            <FileDown className="size-4" aria-hidden="true" />
            {say.all}
          </button>
          <button type="button" className="control" onClick={onPrint}>
            <Printer className="size-4" aria-hidden="true" />
            {say.print}
          </button>
          <button type="button" className="control" onClick={onMarks}>
            {say.marks}
          </button>
          <button type="button" className="control" onClick={onAnswers}>
            {say.answers}
          </button>
        </div>
        <PdfProgress job={job} />
        {hasFailed && (
          <p role="alert" className="text-wrong">
            {say.failed}{' '}
            <button type="button" className="control" onClick={again}>
              {say.again}
            </button>
          </p>
        )}
        <ul className="flex flex-col">
          {(slips ?? []).map(({ person, name }) => {
            const paper = held.work.papers.find((each) => each.person === person);
            return (
              <li key={person} className="flex items-center justify-between gap-2 border-t border-rule">
                <button
                  type="button"
                  className={`grow py-1.5 text-left ${person === slip?.person ? 'font-bold' : ''}`}
                  aria-pressed={person === slip?.person}
                  onClick={() => setChosen(person)}
                >
                  {name}
                </button>
                <span className="text-small text-quiet">
                  {paper ? sayMarks(totalOf(held.work, paper)) : ''}
                </span>
                <button
                  type="button"
                  className="beside-button"
                  aria-label={say.one(name)}
                  onClick={() => onPdf(person)}
                >
                  <FileDown className="size-4" aria-hidden="true" />
                </button>
              </li>
            );
          })}
        </ul>
      </section>
      <section aria-label={say.pages} aria-busy={slips === null} className="min-h-0 room:overflow-y-auto">
        <ol className="grid max-w-3xl content-start gap-3">
          {slip?.pages.map((scene, at) => (
            <li key={at} className="sheet-page">
              <SceneView id={`slip-${at}`} scene={scene} title={slip.name} description={textsIn(scene)} />
            </li>
          ))}
        </ol>
      </section>
    </div>
  );
}
