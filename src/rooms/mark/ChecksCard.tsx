import { Check, Minus, Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { Finding } from '@/core/mark/judging/judged';
import { sayFinding } from '@/core/words/say-finding';
import { sayMarkCheck } from '@/core/words/say-mark-check';
import { sayMarks } from '@/core/words/say-marks';
import { markWords } from '@/core/words/screen/mark';
import { useWords } from '@/ui/school/use-class';
import type { Outcome } from './outcome';

type Props = {
  readonly outcome: Outcome;
  readonly comment: string;
  readonly corrected: boolean;
  readonly onCorrected: () => void;
  readonly onMarks: (got: number | null) => void;
  readonly onComment: (comment: string) => void;
};

/** Steps follow from notes, so they are told by the drawing and the checks. */
const TOLD = new Set<Finding['code']>(['step-wrong']);

/** The checks a line each, what differs, the marks, and a comment. */
export function ChecksCard({ outcome, comment, corrected, onMarks, onComment, onCorrected }: Props) {
  const w = useWords();
  const say = markWords(w).checks;
  const { judged, score, counted } = outcome;
  const findings = judged.findings.filter(({ code }) => !TOLD.has(code));
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
              <li key={at}>{sayFinding(w, finding)}</li>
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
      <Comment key={comment} comment={comment} onComment={onComment} />
    </section>
  );
}

function Comment({ comment, onComment }: Pick<Props, 'comment' | 'onComment'>) {
  const say = markWords(useWords()).checks;
  const [typed, setTyped] = useState(comment);
  return (
    <input
      type="text"
      data-comment=""
      aria-label={say.comment}
      placeholder={say.comment}
      className="field"
      value={typed}
      maxLength={2000}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={() => typed !== comment && onComment(typed)}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
      }}
    />
  );
}
