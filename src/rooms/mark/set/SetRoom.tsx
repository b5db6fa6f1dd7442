import { type ComponentProps, useEffect, useMemo, useState } from 'react';
import { setWords } from '@/core/words/screen/set';
import type { AnswerSet } from '@/store/answer-set';
import { bringingPapers, calling, deletingSet, makingSet } from '@/store/answer-sets';
import { withAll } from '@/store/school-data';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { plainName } from '@/ui/files/download';
import { focusOn } from '@/ui/focus-on';
import { newId } from '@/ui/new-id';
import { part } from '@/ui/parts/part';
import { useWords } from '@/ui/school/use-class';
import { Sentence } from '@/ui/sentence/Sentence';
import { useSteady } from '@/ui/use-steady';
import {
  NEW_SET,
  readSetSearch,
  SET_VIEWS,
  SET_WALKS,
  type SetSentence,
  setHref,
  writeSetSearch,
} from '../../address/mark/set-address';
import { RoomShell } from '../../shell/RoomShell';
import { shareFile, shareText } from '../../shell/share-as';
import { type Here, useHere, useShell } from '../../shell/use-shell';
import { MARK } from '../room';
import { goToMark } from '../use-mark';
import type { BringHands } from './brought';
import { EnterView, Judging } from './EnterView';
import { pollOf } from './poll';
import { SetStart, type SetWish } from './SetStart';
import type { SetWay } from './set-share';
import { setName, setParts } from './set-words';
import { focusGrid, useEntry } from './use-entry';
import { type SetInHand, setsOfGroup, useSetInHand } from './use-set';
import { exactSlips, slipPagesOf, useSlipsPdf } from './use-slips';

/** What stands while a view is on its way. */
const coming = () => <div className="grow" data-coming="" />;

const BringView = part('set', () => import('./BringView').then((module) => module.BringView), coming);
const LiveView = part('set', () => import('../live/LiveView').then((module) => module.LiveView), coming);
const ClassView = part('set', () => import('./ClassView').then((module) => module.ClassView), coming);
const StudentView = part('set', () => import('./StudentView').then((module) => module.StudentView), coming);
const SlipsView = part('set', () => import('./SlipsView').then((module) => module.SlipsView), coming);

const table = () => import('@/formats/answers-table/write');

type Props = { readonly search: string };

const go = (sentence: SetSentence) => goToMark(writeSetSearch(sentence), 'finished');

/** A whole set: its questions and its class, what everybody wrote, and what the class needs. */
export function SetRoom({ search }: Props) {
  const { sentence } = useMemo(() => readSetSearch(search), [search]);
  const here = useHere();
  const { school, speech } = here;
  const { sets, groups } = school.state.data;
  const set = sets.find(({ id }) => id === sentence.set) ?? null;
  const own = groups.find(({ id }) => id === set?.group);
  useEffect(() => {
    // A set is read in the words of its own class.
    if (own && speech.group?.id !== own.id) speech.choose(own);
  }, [own, speech]);
  return set ? (
    <Held key={set.id} search={search} here={here} set={set} />
  ) : (
    <Begins search={search} here={here} />
  );
}

/** The sentence, which of its words is open, and what a pick makes of it. */
function useSentence({ w, school, speech }: Here, sentence: SetSentence) {
  const [open, setOpen] = useState<string | null>(null);
  const { data } = school.state;
  const group = speech.group?.id ?? null;
  const sets = useMemo(() => setsOfGroup(data.sets, group), [data.sets, group]);
  const people = useMemo(() => data.people.filter((each) => each.group === group), [data.people, group]);
  const parts = useMemo(
    () => setParts(w, sentence, sets, speech.group?.name ?? '', people),
    [w, sentence, sets, speech.group, people],
  );
  const pick = (id: string, value: string) => {
    setOpen(null);
    if (id === 'set') go({ ...sentence, set: value, person: '', sheet: null });
    const view = SET_VIEWS.find((each) => each === value);
    if (id === 'view' && view) go({ ...sentence, view, person: sentence.person || (people[0]?.id ?? '') });
    const walk = SET_WALKS.find((each) => each === value);
    if (id === 'walk' && walk) go({ ...sentence, walk });
    if (id === 'person') go({ ...sentence, person: value });
  };
  // Only words that stand in the sentence have a key.
  const keys = Object.fromEntries(
    parts.flatMap((each) =>
      typeof each === 'string' ? [] : [[each.key.toLowerCase(), () => setOpen(each.id)] as const],
    ),
  );
  const heading = <Sentence parts={parts} open={open} onOpen={setOpen} onPick={pick} />;
  return { sets, people, keys, heading };
}

/** No set is in hand: one is made, or chosen. */
function Begins({ search, here }: { readonly search: string; readonly here: Here }) {
  const { sentence, problems } = useMemo(() => readSetSearch(search), [search]);
  const { w, school, speech } = here;
  const say = setWords(w);
  const { sets, people, keys, heading } = useSentence(here, sentence);
  const { status, data } = school.state;
  const shell = useShell({
    room: MARK,
    here,
    search,
    work: null,
    keys,
  });
  useEffect(() => {
    document.title = say.title(say.sentence.newSet);
  }, [say]);
  const hands = useSteady({
    make: async ({ name, sheet, questions, inClass = false }: SetWish) => {
      const id = newId();
      const group = speech.group?.id ?? null;
      await school.change((records, now) =>
        makingSet(records, id, { name, group, sheet, inClass, questions: [...questions] }, now),
      );
      go({ ...sentence, set: id, view: inClass ? 'live' : 'enter', sheet: null });
    },
    remove: async ({ id }: AnswerSet) => {
      const whole = await school.whole();
      await school.change((records) => deletingSet(withAll(records, whole), id));
    },
  });
  const isKnown = status !== 'opening';
  return (
    <RoomShell shell={shell} problems={problems} ready={isKnown}>
      <main className="flex min-h-0 grow flex-col gap-3 px-4 pt-3 pb-5 sm:px-6">
        {heading}
        {isKnown && (
          <ErrorBoundary what={say.cards.start} size="card" about={sentence}>
            <SetStart
              sets={sets}
              kept={data.kept}
              people={people.length}
              sheet={sentence.sheet}
              isGone={sentence.set !== '' && sentence.set !== NEW_SET}
              onMake={(wish) => void hands.make(wish)}
              onOpen={(id) => go({ ...sentence, set: id })}
              onRemove={(each) => void hands.remove(each)}
            />
          </ErrorBoundary>
        )}
      </main>
    </RoomShell>
  );
}

type HeldProps = { readonly search: string; readonly here: Here; readonly set: AnswerSet };

function Held({ search, here, set }: HeldProps) {
  const { sentence, problems } = useMemo(() => readSetSearch(search), [search]);
  const { w, school } = here;
  const say = setWords(w);
  const [menu, setMenu] = useState(false);
  const { keys, heading } = useSentence(here, sentence);
  const held = useSetInHand(here, set);
  const entry = useEntry(w, school, held, sentence.walk);
  const name = setName(w, set);
  useEffect(() => {
    document.title = say.title(name);
  }, [say, name]);
  const hands = useSteady({
    see: (view: SetSentence['view'], person = sentence.person) => go({ ...sentence, view, person }),
    /** The same questions once more, for the class to answer. */
    again: async () => {
      const id = newId();
      const { group, sheet, questions } = set;
      const kept = await school.change((records, now) =>
        makingSet(records, id, { name: set.name, group, sheet, questions, inClass: true }, now),
      );
      if (kept) go({ ...sentence, set: id, view: 'live' });
    },
    call: (question: string, code: string, by: 1 | -1) =>
      void school.change((records, now) => calling(records, set.id, { question, code }, by, now)),
  });
  const bring: BringHands = {
    tell: (text) => shell.actions.tell(text),
    take: (papers) => void school.change((records, now) => bringingPapers(records, set.id, papers, now)),
  };
  const { actions } = entry;
  // Grids fill while they are looked at; what is said of a whole class waits for all of it.
  const stands = held.isHere && (held.isJudged || ['enter', 'live', 'bring'].includes(sentence.view));
  const inGrid = {
    r: () => {
      actions.fromRight();
      focusOn('[role=application]', '[data-answer]');
    },
    i: () => focusOn('[data-answer]'),
    a: actions.accept,
    h: () => setMenu(true),
    c: actions.corrected,
    m: () => focusOn('[data-comment] input'),
    g: focusGrid,
    Enter: actions.next,
    Escape: focusGrid,
  };
  const pdf = useSlipsPdf(w, held);
  const file = plainName(name, 'set');
  const csv = (of: string, content: string) => shareFile(`${file}-${of}.csv`, 'text/csv', content);
  const shell = useShell<SetWay>({
    room: MARK,
    here,
    search,
    work: {
      current: () => ({ name, address: setHref(sentence) }),
      onBoard: sentence.view === 'live' ? null : () => pollOf(held, entry.question) ?? setHref(sentence),
      paper: async (head) => exactSlips(head, await slipPagesOf(w, held)),
      share: async (way) => {
        switch (way) {
          case 'link':
            return shareText(new URL(setHref(sentence), window.location.origin).href, file);
          case 'slips':
            return pdf.write(null);
          case 'marks':
            return csv('marks', (await table()).writeMarksTable(held.people, held.work));
          case 'answers':
            return csv('answers', (await table()).writeAnswersTable(w, held.people, held.work));
          case 'blank':
            return csv('to-fill-in', (await table()).writeBlankTable(held.people, held.work.questions));
        }
      },
    },
    keys: {
      ...keys,
      ...(sentence.view === 'enter' ? inGrid : {}),
    },
  });
  return (
    <RoomShell shell={shell} problems={problems} ready={stands}>
      <main className="flex min-h-0 grow flex-col gap-3 px-4 pt-3 pb-4 sm:px-6">
        {heading}
        <Judging held={held} />
        {stands && (
          <View
            {...{ held, entry, here, sentence, menu }}
            onMenu={setMenu}
            hands={hands}
            tell={shell.actions.tell}
            bring={bring}
            slips={{
              job: pdf.job,
              onPdf: (person) => void pdf.write(person),
              onPrint: () => void shell.actions.share('print'),
              onMarks: () => void shell.actions.share('marks'),
              onAnswers: () => void shell.actions.share('answers'),
            }}
          />
        )}
      </main>
    </RoomShell>
  );
}

type ViewProps = {
  readonly held: SetInHand;
  readonly entry: ReturnType<typeof useEntry>;
  readonly here: Here;
  readonly sentence: SetSentence;
  readonly menu: boolean;
  readonly onMenu: (open: boolean) => void;
  readonly tell: (text: string) => void;
  readonly bring: BringHands;
  readonly slips: Omit<ComponentProps<typeof SlipsView>, 'held'>;
  readonly hands: {
    readonly see: (view: SetSentence['view'], person?: string) => void;
    readonly again: () => Promise<void>;
    readonly call: (question: string, code: string, by: 1 | -1) => void;
  };
};

/** Whether answers of a set came from paper, which a lesson in class would write over. */
function isOnPaper({ set, work }: SetInHand): boolean {
  return !set.inClass && work.papers.some(({ answers }) => Object.keys(answers).length > 0);
}

/** A set that was answered on paper is not answered over: the class gets one of its own with the same questions. */
function OwnSet({ onMake }: { readonly onMake: () => Promise<void> }) {
  const say = setWords(useWords()).start;
  return (
    <section aria-label={say.inClass} className="card flex flex-col items-start gap-3 px-5 py-4">
      <p className="max-w-prose">{say.onPaper}</p>
      <button type="button" className="control bg-ink! text-sheet!" onClick={() => void onMake()}>
        {say.ownSet}
      </button>
    </section>
  );
}

/** What is done with the set. */
function View({ held, entry, here, sentence, menu, onMenu, hands, tell, bring, slips }: ViewProps) {
  switch (sentence.view) {
    case 'enter':
      return (
        <EnterView
          {...{ held, entry, menu, onMenu }}
          walk={sentence.walk}
          voices={hands}
          school={here.school}
          onClass={() => hands.see('class')}
        />
      );
    case 'live':
      return isOnPaper(held) ? (
        <OwnSet onMake={hands.again} />
      ) : (
        <LiveView held={held} here={here} onNeeds={() => hands.see('class')} />
      );
    case 'slips':
      return <SlipsView held={held} {...slips} />;
    case 'bring':
      return <BringView held={held} hands={bring} />;
    case 'class':
      return <ClassView held={held} here={here} tell={tell} onEnter={() => hands.see('enter')} />;
    case 'student':
      return (
        <StudentView
          {...{ held, here }}
          person={sentence.person || (held.people[0]?.id ?? '')}
          onSet={(set) => go({ ...sentence, set })}
        />
      );
  }
}
