import { useMemo } from 'react';
import { areSameNotes } from '@/core/derive/methods';
import { notesOf } from '@/core/scale/line';
import type { ClassWords } from '@/core/words/class-words';
import { sayAgreed, sayCompared } from '@/core/words/say-compared';
import { sayStep, stepText } from '@/core/words/say-step';
import { deriveWords } from '@/core/words/screen/derive';
import { spoken } from '@/core/words/spoken';
import { useWords } from '@/ui/school/use-class';
import { surfacesOf, USUAL_SURFACES } from '@/ui/surfaces/all';
import { type Lit, litIn } from '@/ui/surfaces/lit';
import { OnSurface } from '@/ui/surfaces/OnSurface';
import { useSteady } from '@/ui/use-steady';
import { StepBar } from '@/ui/working/StepBar';
import { WorkingLines } from '@/ui/working/WorkingLines';
import { sameScale, sideName } from './sides';
import { type DeriveView, stepDeciding } from './view';

type Props = {
  readonly view: DeriveView;
  /** What stands beside it. */
  readonly other: DeriveView;
  readonly lit: Lit | null;
  readonly onLit: (lit: Lit | null) => void;
  readonly onStep: (step: number) => void;
  readonly onAlone: () => void;
  readonly onWhy: () => void;
};

/** Two workings in step beside each other. A note pointed at in one lights up in the other as well. */
export function Compare({ view, other, lit, onLit, onStep, onAlone, onWhy }: Props) {
  const w = useWords();
  const { compare: say, working } = deriveWords(w);
  const last = Math.max(view.derivation.steps.length, other.derivation.steps.length) - 1;
  const at = Math.max(view.at, other.at);
  const said = [view, other].map(({ step, derivation }) => {
    const name = sideName(w, view, other, derivation.question.scale === view.scale ? view : other);
    return `${name}: ${spoken(stepText(w, step.fact))}`;
  });
  return (
    <div className="flex min-h-0 grow flex-col gap-3">
      <div className="grid min-h-0 grow gap-3 room:grid-cols-2">
        <Side
          name={sideName(w, view, other, view)}
          view={view}
          lit={lit}
          onLit={onLit}
          onStep={onStep}
          id="one"
        />
        <Side
          name={sideName(w, view, other, other)}
          view={other}
          lit={litIn(lit, view.written.line, other.written.line)}
          onLit={(next) => onLit(litIn(next, other.written.line, view.written.line))}
          onStep={onStep}
          id="other"
        />
      </div>
      <div className="card flex flex-wrap items-center gap-x-4 gap-y-2 px-4 py-2">
        <p className="grow basis-96">{conclusion(w, view, other).join(' ')}</p>
        <div className="flex items-center gap-1.5">
          <StepBar at={at} last={last} onStep={onStep} />
          <button type="button" className="control" onClick={onWhy}>
            {say.why}
          </button>
          <button type="button" className="control" onClick={onAlone}>
            {say.alone}
          </button>
        </div>
        <p className="sr-only" role="status">
          {working.step(at + 1, last + 1, said.join(' '))}
        </p>
      </div>
    </div>
  );
}

function conclusion(w: ClassWords, view: DeriveView, other: DeriveView): readonly string[] {
  const { direction } = view.derivation.question;
  if (!sameScale(view, other)) return sayCompared(w, view.scale, other.scale, direction);
  const notes = notesOf(view.scale, direction);
  return areSameNotes(other.derivation.answer, notes) && areSameNotes(view.derivation.answer, notes)
    ? [sayAgreed(w, notes)]
    : [];
}

type SideProps = {
  readonly name: string;
  readonly view: DeriveView;
  readonly lit: Lit | null;
  readonly onLit: (lit: Lit | null) => void;
  readonly onStep: (step: number) => void;
  readonly id: string;
};

/** One of the two: the surfaces that two can stand on, and the working. */
function Side({ name, view, lit, onLit, onStep, id }: SideProps) {
  const w = useWords();
  const { derivation, at } = view;
  const hands = useSteady({
    toPlace: (place: number) => {
      const found = stepDeciding(derivation, place);
      if (found !== null) onStep(found);
    },
    rest: () => {},
    ways: () => {},
  });
  const lines = useMemo(() => derivation.steps.map(({ fact }) => sayStep(w, fact)), [w, derivation]);
  return (
    <section
      aria-labelledby={`side-${id}`}
      className="card flex min-h-0 min-w-0 flex-col gap-1 px-2 py-2 sm:px-4"
    >
      <h2 id={`side-${id}`} className="font-serif text-large leading-tight font-bold">
        {name}
      </h2>
      {surfacesOf(USUAL_SURFACES)
        .filter(({ beside }) => beside)
        .map((surface, at) => (
          <OnSurface
            key={surface.code}
            {...{ id, surface, view, lit, onLit }}
            hands={{ ...hands, slide: null, relative: null }}
            served={null}
            place={at === 0 ? 'first' : 'below'}
          />
        ))}
      <div className="flex min-h-32 grow basis-32 flex-col border-t border-rule pt-1">
        <WorkingLines lines={lines} at={at} onStep={onStep} />
      </div>
    </section>
  );
}
