import { useEffect, useMemo, useState } from 'react';
import { type Answer, BLANK } from '@/core/exercise/answer';
import { rightAnswer } from '@/core/exercise/kinds/all';
import { ENGLISH } from '@/core/words/class-words';
import { sayMarkProblem } from '@/core/words/say-mark-problem';
import { markWords } from '@/core/words/screen/mark';
import { mending, pileOf, piling } from '@/store/deciding';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { focusOn } from '@/ui/focus-on';
import { newId } from '@/ui/new-id';
import { part } from '@/ui/parts/part';
import { Sentence } from '@/ui/sentence/Sentence';
import { useSteady } from '@/ui/use-steady';
import { MARK_PATH, markHref } from '../address/mark/mark-address';
import { askedOf } from '../address/mark/mark-sentence';
import { FIRST_SET, isSetSearch, writeSetSearch } from '../address/mark/set-address';
import { walksItself } from '../ask/go-to';
import { RoomShell } from '../shell/RoomShell';
import { shareText } from '../shell/share-as';
import { useHere, useShell } from '../shell/use-shell';
import { ChecksCard } from './ChecksCard';
import { EmptyCard } from './EmptyCard';
import { EntryCard } from './EntryCard';
import { GivenCard } from './GivenCard';
import { HabitCard } from './HabitCard';
import { markLines } from './mark-lines';
import { markKeys, markParts, markText, WHOLE_SET, withMarkWord } from './mark-words';
import { nextWho } from './next-who';
import { PileCard } from './PileCard';
import { MARK } from './room';
import { useDecisions } from './use-decisions';
import { goToMark, restMark, sayMark, useMark } from './use-mark';

/** The Mark room: what went wrong, and which habit made it so. */
export function MarkRoom() {
  return (
    <ErrorBoundary what={markWords(ENGLISH).room} size="room">
      <Inside />
    </ErrorBoundary>
  );
}

const SetRoom = part(
  'set',
  () => import('./set/SetRoom').then((module) => module.SetRoom),
  ({ search }) => <Meanwhile search={search} />,
);

/** The room while what marks a whole set is on its way. */
function Meanwhile({ search }: { readonly search: string }) {
  const here = useHere();
  const shell = useShell({ room: MARK, here, search, work: null, keys: {} });
  return (
    <RoomShell shell={shell} problems={[]}>
      <main className="grow px-4 pt-3 sm:px-6" data-coming="">
        <h1 className="font-serif text-sentence leading-[1.75] wide:leading-[2.1]">
          {markWords(here.w).wholeSet}
        </h1>
      </main>
    </RoomShell>
  );
}

/** One answer, or a whole set of them. */
function Inside() {
  const { search } = useMark();
  useEffect(() => walksItself(MARK_PATH, (next) => goToMark(next, 'finished')), []);
  return isSetSearch(search) ? <SetRoom search={search} /> : <Room />;
}

/** Where an answer is typed, and where it is written on a staff. */
const FIELD = '[data-answer]';
const STAFF = '[role=application]';

/** Whether the page is about one answer; the page that is served is, until its address has been read. */
const isOfOne = () => typeof window === 'undefined' || !isSetSearch(window.location.search);

function Room() {
  const { sentence, problems, search } = useMark();
  const here = useHere();
  const { w, school, speech } = here;
  const say = markWords(w);
  const [word, setWord] = useState<string | null>(null);
  const [menu, setMenu] = useState(false);
  const [taken, setTaken] = useState(0);
  const group = speech.group?.id ?? null;
  const { people, reading, before, answered, decide, drop } = useDecisions({
    w,
    sentence,
    school,
    group,
  });
  const parts = useMemo(
    () =>
      markParts(
        w,
        sentence,
        people.map(({ name }) => name),
      ),
    [w, sentence, people],
  );
  const asked = useMemo(() => askedOf(sentence, w.settings), [sentence, w]);
  const outcome = reading.is === 'judged' ? reading.outcome : null;
  const text = markText(w, sentence);
  const comment = before.own?.comment ?? '';

  useEffect(() => {
    document.title = say.title(text.replace(/[.?]$/u, ''));
  }, [say, text]);

  const hands = useSteady({
    pick: (id: string, value: string) => {
      setWord(null);
      if (id === 'kind' && value === WHOLE_SET) {
        goToMark(writeSetSearch(FIRST_SET), 'finished');
        return;
      }
      const next = withMarkWord(search, id, value);
      if (next !== search) goToMark(next, 'finished');
    },
    give: (given: Answer) => sayMark({ ...sentence, given, typed: null }, 'passing'),
    // What was read of it so far is no answer.
    type: (typed: string) => sayMark({ ...sentence, given: null, typed }, 'passing'),
    right: () => {
      if (reading.is === 'unasked') return;
      hands.give(rightAnswer(asked, w.settings));
      setTaken(taken + 1);
      // From here the arrows choose what differs.
      focusOn(STAFF);
    },
    blank: () => reading.is !== 'unasked' && hands.give(BLANK),
    next: () => {
      const answer = answered();
      // What was not read whole stays in its field, under what is wrong with it.
      if (sentence.typed !== null) focusOn(FIELD);
      if (!answer || sentence.typed !== null) return;
      const { piled } = sentence;
      void school.change((records, now) => {
        const label = answer.label || say.pile.nameless(pileOf(records, answer.group).length + 1);
        if (piled !== null) return mending(records, answer, { piled, label, id: newId() }, now);
        return piling(records, answer, label, newId(), now);
      });
      const who = nextWho(sentence.who);
      sayMark({ ...sentence, who, given: null, typed: null, piled: null }, 'finished');
      if (nextWho(sentence.who) === '' && sentence.who !== '') setWord('who');
    },
    accept: () => outcome && decide({ accepted: !outcome.accepted }),
    habit: (habit: string | null) => decide({ habit }),
    marks: (got: number | null) => {
      const { counted } = outcome ?? {};
      decide({ marks: !counted || got === null || got === counted.got ? null : { got, of: counted.of } });
    },
    corrected: () => decide({ corrected: !(before.own?.corrected ?? false) }),
    comment: (written: string) => decide({ comment: written }),
  });
  const words = Object.fromEntries(
    Object.entries(markKeys(sentence)).map(([key, id]) => [key, () => setWord(id)]),
  );
  const shell = useShell<'text' | 'link'>({
    room: MARK,
    here,
    search,
    work: {
      current: () => ({ name: text, address: markHref(sentence) }),
      paper: async (head) => {
        const { markItem } = await import('./mark-paper');
        const items = [await markItem(w, sentence, text, { reading, comment })];
        return { head, title: null, blank: false, items };
      },
      share: async (id) => {
        const { href } = new URL(markHref(sentence), window.location.origin);
        const lines = outcome ? markLines(w, outcome, comment) : [];
        return shareText(id === 'link' ? href : [text, ...lines].join('\n'), 'marked');
      },
    },
    keys: {
      ...words,
      q: () => setWord('kind'),
      w: () => setWord('who'),
      i: () => focusOn(FIELD),
      e: () => focusOn(STAFF),
      r: hands.right,
      b: hands.blank,
      a: hands.accept,
      h: () => setMenu(true),
      m: () => focusOn('[data-comment] input'),
      Enter: hands.next,
    },
  });
  return (
    <RoomShell shell={shell} problems={problems} ready={isOfOne()}>
      <main className="flex min-h-0 grow flex-col gap-3 px-4 pt-3 pb-5 sm:px-6">
        <Sentence parts={parts} open={word} onOpen={setWord} onPick={hands.pick} />
        {reading.is === 'unasked' && (
          <p role="alert" className="card px-4 py-3 text-wrong">
            {sayMarkProblem(reading.problem)}
          </p>
        )}
        <div className="grid min-h-0 grow gap-3 room:grid-cols-[minmax(0,1fr)_25rem]">
          <div className="flex min-h-0 min-w-0 flex-col gap-3 room:overflow-y-auto">
            {outcome ? (
              <ErrorBoundary what={say.cards.given} size="card" about={sentence}>
                <GivenCard asked={asked} given={outcome.given} judged={outcome.judged} />
              </ErrorBoundary>
            ) : (
              reading.is === 'empty' && <EmptyCard />
            )}
            {reading.is !== 'unasked' && (
              <ErrorBoundary what={say.cards.entry} size="card" about={sentence}>
                <EntryCard
                  key={sentence.kind}
                  asked={asked}
                  given={sentence.given}
                  typed={sentence.typed}
                  judged={outcome?.judged ?? null}
                  taken={taken}
                  onGiven={hands.give}
                  onTyped={hands.type}
                  onRight={hands.right}
                  onBlank={hands.blank}
                  onNext={hands.next}
                  onRest={restMark}
                />
              </ErrorBoundary>
            )}
          </div>
          <div className="flex min-h-0 flex-col gap-3 room:overflow-y-auto">
            {outcome && (
              <>
                <ErrorBoundary what={say.cards.habit} size="card" about={sentence}>
                  <HabitCard
                    outcome={outcome}
                    remembered={before.own === null && before.like !== null}
                    menu={menu}
                    onMenu={setMenu}
                    onHabit={hands.habit}
                    onAccept={hands.accept}
                    onNext={hands.next}
                  />
                </ErrorBoundary>
                <ErrorBoundary what={say.cards.checks} size="card" about={sentence}>
                  <ChecksCard
                    outcome={outcome}
                    comment={comment}
                    corrected={before.own?.corrected ?? false}
                    onCorrected={hands.corrected}
                    onMarks={hands.marks}
                    onComment={hands.comment}
                  />
                </ErrorBoundary>
              </>
            )}
            <ErrorBoundary what={say.cards.pile} size="card" about={sentence}>
              <PileCard
                pile={pileOf(school.state.data, group)}
                tellingKey={outcome?.key ?? { tonic: sentence.fields.tonic, scale: sentence.fields.scale }}
                now={outcome?.habit?.habits.join('+') ?? null}
                onRemove={drop}
              />
            </ErrorBoundary>
          </div>
        </div>
      </main>
    </RoomShell>
  );
}
