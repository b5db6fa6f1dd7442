import type { ClassWords } from '@/core/words/class-words';
import { keyName } from '@/core/words/say-key';
import { orbitWords } from '@/core/words/screen/orbit';
import { spoken } from '@/core/words/spoken';
import { useWords } from '@/ui/school/use-class';
import { StepBar } from '@/ui/working/StepBar';
import { WorkingLines } from '@/ui/working/WorkingLines';
import type { OrbitSentence } from '../address/orbit/orbit-sentence';
import { ChordsCard } from './ChordsCard';
import { KeyCard } from './KeyCard';
import { LineCard } from './LineCard';
import { NotesCard } from './NotesCard';
import { workingOf } from './orbit-lines';
import { RouteCard } from './RouteCard';

type Props = {
  readonly sentence: OrbitSentence;
  readonly at: number;
  readonly last: number;
  readonly readsOff: boolean;
  readonly onReadOff: (on: boolean) => void;
  readonly onStep: (step: number) => void;
  readonly onSay: (sentence: OrbitSentence) => void;
};

/** What stands over the card. */
function titleOf(w: ClassWords, sentence: OrbitSentence): string {
  const { cards } = orbitWords(w);
  switch (sentence.kind) {
    case 'keys':
      return keyName(w, sentence.key);
    case 'route':
      return `${keyName(w, sentence.from)} – ${keyName(w, sentence.to)}`;
    case 'chords':
      return cards.chords;
    case 'notes':
      return cards.notes;
    case 'line':
      return cards.line;
    case 'spell':
      return cards.spell;
    default:
      return cards.build;
  }
}

/** The card beside the ring: what the sentence is answered with. */
export function Card({ sentence, at, last, readsOff, onReadOff, onStep, onSay }: Props) {
  const w = useWords();
  const lines = workingOf(w, sentence);
  return (
    <section aria-labelledby="orbit-title" className="card flex min-h-0 flex-col gap-3 overflow-y-auto p-4">
      <div className="flex items-center gap-1.5">
        <h2 id="orbit-title" className="mr-auto font-serif text-large leading-tight font-bold">
          {titleOf(w, sentence)}
        </h2>
        {last > 0 && <StepBar at={at} last={last} onStep={onStep} />}
      </div>
      {lines.length > 0 && (
        <>
          <WorkingLines lines={lines} at={at} onStep={onStep} />
          <p className="sr-only" role="status">
            {spoken(lines[at]?.text ?? '')}
          </p>
        </>
      )}
      {sentence.kind === 'keys' && <KeyCard it={sentence.key} readsOff={readsOff} onReadOff={onReadOff} />}
      {sentence.kind === 'chords' && (
        <ChordsCard sentence={sentence} onDegree={(degree) => onSay({ ...sentence, degree })} />
      )}
      {sentence.kind === 'route' && (
        <RouteCard
          sentence={sentence}
          at={at}
          onStep={onStep}
          onWay={(way) => onSay({ ...sentence, way, step: null })}
        />
      )}
      {sentence.kind === 'notes' && <NotesCard note={sentence.note} />}
      {sentence.kind === 'line' && <LineCard sentence={sentence} />}
    </section>
  );
}
