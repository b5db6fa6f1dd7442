import { PencilLine } from 'lucide-react';
import { useState } from 'react';
import type { Answer } from '@/core/exercise/answer';
import { type DictationOf, dictationOf } from '@/core/play/dictation-of';
import type { Part } from '@/core/play/part';
import { PRACTICE_WORDS } from '@/core/words/screen/practice';
import { ScalePad } from '@/ui/entry/ScalePad';
import { useWords } from '@/ui/school/use-class';
import { markHref } from '../address/mark/mark-address';
import { FIRST } from '../address/mark/mark-sentence';
import type { PlaySentence } from '../address/play/play-address';
import { goTo } from '../ask/go-to';

type Props = { readonly part: Part; readonly sentence: PlaySentence };

const nothing = () => undefined;

/** A blank staff to write down what was heard; Mark judges it afterwards. */
export function EarPad({ part, sentence }: Props) {
  const w = useWords();
  const say = PRACTICE_WORDS.ear;
  const [given, setGiven] = useState<Answer | null>(null);
  const of: DictationOf = dictationOf(part, sentence, w.settings);
  if (!of.ok) return <p className="px-4 py-3">{of.why === 'long' ? say.long(of.most) : say.scale}</p>;
  const { question } = of;
  const { melodicDown: _, ...fields } = question;
  return (
    <section aria-label={say.title} className="flex flex-col gap-3 px-4 py-3">
      <p className="text-large">{say.task(w.scale(question.tonic, question.scale))}</p>
      <ScalePad
        asked={{ kind: 'dictation', question }}
        given={given}
        typed={null}
        judged={null}
        taken={0}
        onFile={null}
        onGiven={setGiven}
        onTyped={nothing}
        onRight={null}
        onBlank={() => setGiven(null)}
        onNext={nothing}
        onRest={nothing}
      />
      <button
        type="button"
        className="control self-start"
        disabled={given?.is !== 'scale' || given.notes.length === 0}
        onClick={() =>
          goTo(markHref({ ...FIRST, kind: 'dictation', fields: { ...FIRST.fields, ...fields }, given }))
        }
      >
        <PencilLine className="size-4" aria-hidden="true" />
        {say.mark}
      </button>
    </section>
  );
}
