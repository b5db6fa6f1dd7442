import { Shuffle } from 'lucide-react';
import { useState } from 'react';
import type { SetQuestion } from '@/core/exercise/set/question';
import { ORAL_TOPICS, type OralTopic } from '@/core/live/oral';
import { sayTask } from '@/core/words/say-task';
import { liveWords } from '@/core/words/screen/live';
import { useSetting } from '@/ui/keys/use-setting';
import { useWords } from '@/ui/school/use-class';

export type OralWish = { readonly topic: OralTopic; readonly signs: number };

/** How many signs can be asked for at most. */
const SIGNS = ['4', '1', '2', '3', '5', '6', '7'] as const;

/** What is asked at random, as this browser keeps it. */
export function useOral() {
  const [topic, setTopic] = useSetting('moon-step:oral-topic', ORAL_TOPICS);
  const [signs, setSigns] = useSetting('moon-step:oral-signs', SIGNS);
  return { wish: { topic, signs: Number(signs) } satisfies OralWish, signs, setTopic, setSigns };
}

type Props = {
  readonly questions: readonly SetQuestion[];
  readonly now: string | null;
  readonly isAsked: (question: SetQuestion) => boolean;
  readonly oral: ReturnType<typeof useOral>;
  readonly onAsk: (question: SetQuestion) => void;
  /** Asks one at random; says why it cannot, or nothing. */
  readonly onRandom: () => Promise<'all-asked' | 'full' | null>;
};

/** What is asked: the questions of the set, and one at random that was not asked yet. */
export function RoundsCard({ questions, now, isAsked, oral, onAsk, onRandom }: Props) {
  const w = useWords();
  const say = liveWords(w).rounds;
  const [why, setWhy] = useState<'all-asked' | 'full' | null>(null);
  const { wish, signs, setTopic, setSigns } = oral;
  return (
    <section aria-label={say.title} className="card flex flex-col gap-2 px-4 py-3 text-small">
      <h2 className="font-bold text-quiet">{say.title}</h2>
      {questions.length === 0 && <p>{say.none}</p>}
      <ol className="flex max-h-36 flex-col overflow-y-auto">
        {questions.map((question, at) => {
          const text = sayTask(w, question.item);
          const isNow = question.id === now;
          return (
            <li key={question.id}>
              <button
                type="button"
                className={`flex min-h-7 w-full items-baseline gap-2 rounded-control px-1 py-1 text-left hover:bg-now ${isNow ? 'bg-now font-bold' : ''}`}
                aria-label={say.ask(at + 1, text)}
                onClick={() => onAsk(question)}
              >
                <span className="w-5 shrink-0 text-right tabular-nums">{at + 1}</span>
                <span className="min-w-0 grow truncate">{text}</span>
                <span className="shrink-0 text-quiet">
                  {isNow ? say.now : isAsked(question) ? say.asked : ''}
                </span>
              </button>
            </li>
          );
        })}
      </ol>
      <fieldset className="flex flex-col gap-1 border-t border-rule pt-2">
        <legend className="sr-only">{say.random}</legend>
        <p className="font-bold text-quiet" aria-hidden="true">
          {say.random}
        </p>
        <div className="flex gap-2">
          <select
            className="field min-w-0 grow"
            aria-label={say.topic}
            value={wish.topic}
            onChange={({ target }) => {
              const topic = ORAL_TOPICS.find((each) => each === target.value);
              if (topic) setTopic(topic);
            }}
          >
            {ORAL_TOPICS.map((topic) => (
              <option key={topic} value={topic}>
                {say.topics[topic]}
              </option>
            ))}
          </select>
          <select
            className="field w-24"
            aria-label={say.signs}
            value={signs}
            onChange={({ target }) => {
              const count = SIGNS.find((each) => each === target.value);
              if (count) setSigns(count);
            }}
          >
            {SIGNS.toSorted().map((count) => (
              <option key={count} value={count}>
                {say.signsOf(Number(count))}
              </option>
            ))}
          </select>
        </div>
        <button type="button" className="control self-start" onClick={() => void onRandom().then(setWhy)}>
          <Shuffle className="size-4" aria-hidden="true" />
          {say.next}
          <kbd className="key" aria-hidden="true">
            Q
          </kbd>
        </button>
        <p role="status" className="empty:hidden">
          {why === 'all-asked' ? say.allAsked : why === 'full' ? say.full : ''}
        </p>
      </fieldset>
    </section>
  );
}
