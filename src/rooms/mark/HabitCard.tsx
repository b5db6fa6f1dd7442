import { mistakesPossible } from '@/core/exercise/possible';
import { practiceFor } from '@/core/exercise/practice';
import { isDrawnWrong } from '@/core/mark/judging/judged';
import { mistakesNamed } from '@/core/mark/mistakes/all';
import type { Settings } from '@/core/school/settings';
import { sayExplanation, sayMistake } from '@/core/words/say-mistake';
import { markWords } from '@/core/words/screen/mark';
import { MenuButton } from '@/ui/menu/MenuButton';
import { useWords } from '@/ui/school/use-class';
import { writeAddress } from '../address/derive/derive-address';
import { FIRST_SENTENCE } from '../address/derive/derive-sentence';
import { GoLink } from '../shell/GoLink';
import type { Outcome } from './outcome';

/** What is picked to go back to the habit that was found. */
const FOUND = 'found';

type Props = {
  readonly outcome: Outcome;
  readonly remembered: boolean;
  readonly menu: boolean;
  readonly onMenu: (open: boolean) => void;
  readonly onHabit: (habit: string | null) => void;
  readonly onAccept: () => void;
  readonly onNext: () => void;
};

/** The habit behind an answer, what to say to the student, and one exercise; or that it is right, or that none fits. */
export function HabitCard(props: Props) {
  const { habit: say, entry } = markWords(useWords());
  const { outcome, remembered, onAccept } = props;
  const { judged, habit, accepted } = outcome;
  const wrong = !judged.correct && !accepted;
  return (
    <section aria-label={say.title} className="card flex flex-col gap-2 px-4 py-3">
      <p className="text-small font-bold text-quiet">{headOf(say, outcome)}</p>
      {wrong && habit ? <Habits outcome={outcome} /> : <Verdict outcome={outcome} />}
      {wrong && <Ties outcome={outcome} />}
      {remembered && <p className="text-small text-quiet">{say.remembered}</p>}
      <div className="mt-1 flex flex-wrap gap-2">
        <button type="button" className="control bg-ink! text-sheet!" onClick={props.onNext}>
          {entry.next}
          <kbd className="key" aria-hidden="true">
            ⏎
          </kbd>
        </button>
        {wrong && <OtherHabit {...props} />}
        {!judged.correct && (
          <button type="button" className="control" aria-pressed={accepted} onClick={onAccept}>
            <span aria-hidden="true">{accepted ? say.notRight : say.rightToo}</span>
            <span className="sr-only">{accepted ? say.notRight : say.rightTooWhole}</span>
            <kbd className="key" aria-hidden="true">
              A
            </kbd>
          </button>
        )}
      </div>
    </section>
  );
}

type Words = ReturnType<typeof markWords>['habit'];

function headOf(say: Words, { judged, habit, accepted, chosen }: Outcome): string {
  if (judged.correct || accepted || !habit) return say.verdict;
  if (chosen) return say.decided;
  return habit && habit.habits.length > 1 ? say.two : say.title;
}

function Verdict({ outcome }: { readonly outcome: Outcome }) {
  const say = markWords(useWords()).habit;
  const { judged, accepted, given } = outcome;
  const style = judged.findings.length > 0;
  const [title, text] = judged.correct
    ? [say.right, style ? say.rightStyle : say.rightText]
    : accepted
      ? [say.accepted, say.acceptedText]
      : given.is === 'blank'
        ? [say.blank, say.blankText]
        : outcome.chosen
          ? [say.noHabit, say.noHabitText]
          : isDrawnWrong(judged)
            ? [say.drawn, say.drawnText]
            : [say.none, say.noneText];
  const good = judged.correct || accepted;
  return (
    <>
      <h2 className={`font-serif text-large font-bold ${good ? 'text-correct' : ''}`}>
        {good && <span aria-hidden="true">✓ </span>}
        {title}
      </h2>
      <p>{text}</p>
    </>
  );
}

function Habits({ outcome: { habit, key, about } }: { readonly outcome: Outcome }) {
  const w = useWords();
  const say = markWords(w).habit;
  return (habit?.habits ?? []).map((id) => {
    const practice = practiceFor(id, key);
    const { name, why, say: spoken, cure } = sayMistake(w, id, about, practice);
    const shown = { ...FIRST_SENTENCE, ...practice, direction: 'up' as const, step: null, beside: null };
    return (
      <div key={id} className="flex flex-col gap-1.5">
        <h2 className="font-serif text-large leading-tight font-bold">{name}</h2>
        <p>{why}</p>
        <div className="rounded-control bg-now px-3 py-2">
          <p className="text-small font-bold text-quiet">{say.say}</p>
          <p>{spoken}</p>
        </div>
        <p>
          <span className="text-small font-bold text-quiet">{say.cure}: </span>
          {cure} <GoLink href={`/derive${writeAddress(shown)}`}>{say.show}</GoLink>
        </p>
      </div>
    );
  });
}

function Ties({ outcome: { tied, askNext, key, asked } }: { readonly outcome: Outcome }) {
  const w = useWords();
  const say = markWords(w).habit;
  if (tied.length === 0) return null;
  return (
    <p className="text-small">
      {say.tie}: {tied.map((each) => sayExplanation(w, each, key, asked.kind)).join('; ')}.{' '}
      {askNext && say.ask(w.scale(askNext.tonic, askNext.scale))}
    </p>
  );
}

/** The habits that can be chosen: those that lead to the answer, then others that can be made in the question. */
function habitsFor({ asked, judged }: Outcome, settings: Settings): readonly string[] {
  const found = judged.causes.slice(0, 8).map(({ habits }) => habits.join('+'));
  const others = mistakesPossible(asked, settings);
  return [...found, ...others.filter((id) => !found.includes(id))];
}

function OtherHabit({ outcome, menu, onMenu, onHabit }: Props) {
  const w = useWords();
  const { habit: say, pile } = markWords(w);
  const nameOf = (habit: string) => {
    const habits = mistakesNamed(habit);
    return habits ? sayExplanation(w, { habits }, outcome.key, outcome.asked.kind) : pile.later(habit);
  };
  const chosen = outcome.habit?.habits.join('+');
  const groups = () => [
    {
      title: null,
      items: [...(outcome.chosen ? [{ id: FOUND, label: say.asFound }] : []), { id: '', label: say.noHabit }],
    },
    {
      title: null,
      items: habitsFor(outcome, w.settings)
        .filter((habit) => habit !== chosen)
        .map((habit) => ({ id: habit, label: nameOf(habit) })),
    },
  ];
  return (
    <MenuButton
      open={menu}
      onOpen={onMenu}
      groups={menu ? groups() : null}
      onPick={(id) => onHabit(id === FOUND ? null : id)}
    >
      {say.another}
      <kbd className="key" aria-hidden="true">
        H
      </kbd>
    </MenuButton>
  );
}
