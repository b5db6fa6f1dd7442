import { useMemo, useState } from 'react';
import { picksFrom } from '@/core/exercise/kinds/making';
import { rowsHeard } from '@/core/play/heard';
import type { Part } from '@/core/play/part';
import type { Sound } from '@/core/play/performance';
import { EAR_KINDS, type EarKind, earQuestion, heardIn } from '@/core/practice/ear';
import { EAR_NAMES, sayEar, sayEarChoice, sayEarReason } from '@/core/words/say-ear';
import { scaleName } from '@/core/words/say-scale';
import { PRACTICE_WORDS } from '@/core/words/screen/practice';
import { useWords } from '@/ui/school/use-class';

type Props = { readonly part: Part; readonly onPlay: (sounds: readonly Sound[]) => void };

/** A seed that nobody could foresee. */
const anySeed = () => Math.floor(Math.random() * 2 ** 32);

/** Questions that are heard: whether a line has come home, which of two is right, where home is. */
export function EarCard({ part, onPlay }: Props) {
  const w = useWords();
  const say = PRACTICE_WORDS.byEar;
  const { concert } = part;
  const [asked, setAsked] = useState<{ readonly kind: EarKind; readonly seed: number } | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const question = useMemo(
    () => (asked && heardIn(concert) ? earQuestion(asked.kind, picksFrom(asked.seed), concert) : null),
    [asked, concert],
  );
  if (!heardIn(concert)) return null;
  const ask = (kind: EarKind) => {
    const seed = anySeed();
    setAsked({ kind, seed });
    setChosen(null);
    onPlay(rowsHeard(earQuestion(kind, picksFrom(seed), concert).rows));
  };
  return (
    <section aria-label={say.title} className="card flex flex-col gap-2 px-4 py-3">
      <h2 className="font-bold">{say.title}</h2>
      <div className="flex flex-wrap gap-1.5">
        {EAR_KINDS.map((kind) => (
          <button
            key={kind}
            type="button"
            className="control"
            aria-pressed={asked?.kind === kind}
            onClick={() => ask(kind)}
          >
            {EAR_NAMES[kind]}
          </button>
        ))}
      </div>
      {question && asked && (
        <>
          <p>{sayEar(w, question, scaleName(w, concert))}</p>
          <div className="flex flex-wrap gap-1.5">
            {question.choices.map((choice, at) => (
              <button
                key={sayEarChoice(w, choice)}
                type="button"
                className="control"
                aria-pressed={chosen === at}
                onClick={() => setChosen(at)}
              >
                {sayEarChoice(w, choice)}
              </button>
            ))}
          </div>
          <p role="status" className={chosen === question.right ? 'text-right' : ''}>
            {chosen === null
              ? ''
              : `${chosen === question.right ? say.right : say.notSo} ${sayEarReason(w, question.reason)}`}
          </p>
          <div className="flex flex-wrap gap-1.5">
            <button type="button" className="control" onClick={() => onPlay(rowsHeard(question.rows))}>
              {say.again}
            </button>
            <button type="button" className="control" onClick={() => ask(asked.kind)}>
              {say.next}
            </button>
          </div>
        </>
      )}
    </section>
  );
}
