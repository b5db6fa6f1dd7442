import { Check, Minus, Plus, X } from 'lucide-react';
import { sayFinding } from '@/core/words/say-finding';
import { sayMarkCheck } from '@/core/words/say-mark-check';
import { sayMarks } from '@/core/words/say-marks';
import { markWords } from '@/core/words/screen/mark';
import { NOTE_LIMIT } from '@/store/limits';
import { useWords } from '@/ui/school/use-class';
import { TypedField } from '@/ui/TypedField';
import { findingsToTell, type Outcome } from './outcome';

type Props = {
  readonly outcome: Outcome;
  readonly comment: string;
  readonly corrected: boolean;
  readonly onCorrected: () => void;
  readonly onMarks: (got: number | null) => void;
  readonly onComment: (comment: string) => void;
};

/** The checks a line each, what differs, the marks, and a comment. */
export function ChecksCard({ outcome, comment, corrected, onMarks, onComment, onCorrected }: Props) {
  const w = useWords();
  const say = markWords(w).checks;
  const { asked, judged, score, counted } = outcome;
  const findings = findingsToTell(outcome);
  const change = (by: number) => onMarks(Math.max(0, Math.min(score.of, score.got + by)));
  return (
    <section aria-label={say.title} className="card flex flex-col gap-2 px-4 py-3">
      <div className="flex items-center justify-between gap-2">
        <h2 className="text-small font-bold text-quiet">{say.title}</h2>
        <div role="group" aria-label={say.marks} className="flex items-center gap-1.5">
          <button type="button" className="beside-button" aria-label={say.less} onClick={() => change(-0.5)}>
            <Minus className="size-4" aria-hidden="true" />
          </button>
          <output className="font-serif text-large font-bold">{sayMarks(score)}</output>
          <button type="button" className="beside-button" aria-label={say.more} onClick={() => change(0.5)}>
            <Plus className="size-4" aria-hidden="true" />
          </button>
        </div>
      </div>
      {score.got !== counted.got && <p className="text-small text-quiet">{say.counted(sayMarks(counted))}</p>}
      <ul className="flex flex-col text-small leading-5">
        {judged.checks
          .filter(({ holds }) => holds !== null)
          .map((check) => (
            <li key={check.check} className="flex items-start gap-2">
              {check.holds ? (
                <Check className="mt-0.5 size-4 shrink-0 text-correct" aria-hidden="true" />
              ) : (
                <X className="mt-0.5 size-4 shrink-0 text-wrong" aria-hidden="true" />
              )}
              <span>{sayMarkCheck(w, check)}</span>
            </li>
          ))}
      </ul>
      {findings.length > 0 && (
        <>
          <h3 className="text-small font-bold text-quiet">{say.findings}</h3>
          <ul className="flex flex-col text-small leading-5">
            {findings.map((finding, at) => (
              <li key={at}>{sayFinding(w, finding, asked.kind)}</li>
            ))}
          </ul>
        </>
      )}
      {!judged.correct && (
        <label className="flex items-center gap-2 text-small">
          <input type="checkbox" checked={corrected} onChange={onCorrected} />
          {say.corrected}
        </label>
      )}
      <div data-comment="">
        <TypedField
          label={say.comment}
          placeholder={say.comment}
          value={comment}
          limit={NOTE_LIMIT}
          className="field"
          onType={onComment}
        />
      </div>
    </section>
  );
}
