import { Shuffle } from 'lucide-react';
import { useState } from 'react';
import { hasChords } from '@/core/play/backing';
import type { Part } from '@/core/play/part';
import { FREE_TASKS } from '@/core/play/task';
import { sayFreeTask, sayOnlyNotes } from '@/core/words/say-practice';
import { PRACTICE_WORDS } from '@/core/words/screen/practice';
import { useWords } from '@/ui/school/use-class';
import type { Heard } from '@/ui/sound/use-sound';
import type { PlaySentence } from '../address/play/play-address';

type Props = { readonly sentence: PlaySentence; readonly part: Part; readonly heard: Heard };

/** A task for playing freely inside a scale, with the time that is left. */
export function TaskCard({ sentence, part, heard }: Props) {
  const w = useWords();
  const say = PRACTICE_WORDS.free;
  const [nth, setNth] = useState(0);
  // Where no chord is heard, none can be begun on.
  const tasks = FREE_TASKS.filter((each) => each !== 'chord' || hasChords(sentence.backing));
  const task = tasks[nth % tasks.length] ?? 'home';
  const left = heard.cue?.is === 'bar' ? heard.cue.left : sentence.minutes * 60;
  return (
    <section aria-label={say.title} className="card flex flex-col gap-2 px-4 py-3">
      <h2 className="flex items-baseline justify-between gap-2">
        <span className="font-bold">{say.title}</span>
        <span className="font-serif text-large tabular-nums">{say.left(left)}</span>
      </h2>
      <p>{sayOnlyNotes(w, part)}</p>
      <p className="text-large">{sayFreeTask(w, task, part)}</p>
      <button type="button" className="control self-start" onClick={() => setNth(nth + 1)}>
        <Shuffle className="size-4" aria-hidden="true" />
        {say.another}
      </button>
    </section>
  );
}
