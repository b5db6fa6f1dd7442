import { useEffect, useMemo, useState } from 'react';
import { setSchool } from '@/core/exercise/set/verdict';
import { ENGLISH, wordsOf } from '@/core/words/class-words';
import { drillWords } from '@/core/words/screen/drill';
import type { Drill } from '@/store/drill';
import { handing } from '@/store/drilling';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { newId } from '@/ui/new-id';
import { part } from '@/ui/parts/part';
import { Sentence, type SentencePart } from '@/ui/sentence/Sentence';
import { useSteady } from '@/ui/use-steady';
import { DRILL_PATH, drillHref, drillOfLevel, levelCode } from '../address/drill/drill-address';
import { DRILL_VIEWS, type DrillSentence, type DrillView } from '../address/drill/drill-sentence';
import { readSpeaks } from '../address/speaks';
import { walksItself } from '../ask/go-to';
import { RoomShell } from '../shell/RoomShell';
import { type Here, useHere, useShell } from '../shell/use-shell';
import { DueCard } from './DueCard';
import type { DrillWay } from './drill-share';
import { DUE, drillName, howParts, roomParts, whoWord, withDrillWord } from './drill-words';
import { duePlan } from './due-plan';
import { GiveCard } from './GiveCard';
import { laddersShown, rungAfter } from './ladders/ladder-of';
import { DRILL } from './room';
import { planOf } from './run/run-of';
import { useRun } from './run/use-run';
import { StartView } from './StartView';
import { goToDrill, sayDrill, useDrill } from './use-drill';
import { useDue, useHabits, useKnown } from './use-known';
import { useLearner } from './use-learner';
import { ViewTabs } from './ViewTabs';

const RunView = part('drill', () => import('./run/RunView').then((module) => module.RunView));
const EndView = part('drill', () => import('./EndView').then((module) => module.EndView));
const KnownView = part('drill', () => import('./known/KnownView').then((module) => module.KnownView));
const LaddersView = part('drill', () => import('./ladders/LaddersView').then((module) => module.LaddersView));
const DrillsView = part('drill', () => import('./done/DrillsView').then((module) => module.DrillsView));
const LadderCard = part('drill', () => import('./ladders/LadderCard').then((module) => module.LadderCard));

/** The Drill room: quick questions within a budget, what is due, and what is known. */
export function DrillRoom() {
  return (
    <ErrorBoundary what={drillWords(ENGLISH).room} size="room">
      <Room />
    </ErrorBoundary>
  );
}

/** Whose words the room speaks: those that came with a level that was given, or those of the class in hand. */
function useSpoken(speaks: string | null): Here {
  const here = useHere();
  const { w } = here;
  return useMemo(() => {
    if (speaks === null) return here;
    const words = wordsOf(readSpeaks(speaks).settings, w.sayings);
    return { ...here, w: words, speech: { ...here.speech, words } };
  }, [here, speaks, w]);
}

function Room() {
  const { sentence, problems, search } = useDrill();
  const here = useSpoken(sentence.speaks);
  const { w, school } = here;
  const say = drillWords(w);
  const learner = useLearner(here);
  const handle = useRun(school, w);
  const { run } = handle;
  const goes = run !== null && (run.course.run.end === null || run.course.told);
  // While a drill goes on nothing else is worked out.
  const known = useKnown(learner.isRead && !goes ? learner.drills : null, w.settings);
  const habits = useHabits(known);
  const dueNow = useDue(known)?.due.length ?? null;
  const [word, setWord] = useState<string | null>(null);
  const parts = useMemo(
    () => roomParts(w, sentence, whoWord(w, learner.who, learner.learners)),
    [w, sentence, learner.who, learner.learners],
  );
  const how = useMemo(() => (asksLevel(sentence) ? howParts(w, sentence) : []), [w, sentence]);
  const name = drillName(w, sentence);
  useEffect(() => walksItself(DRILL_PATH, (next) => goToDrill(next, 'finished')), []);
  useEffect(() => {
    document.title = say.title(run?.drill.name ?? name);
  }, [say, name, run?.drill.name]);

  const hands = useSteady({
    pick: (id: string, value: string) => {
      setWord(null);
      if (id === 'who') return learner.choose(value);
      const next = withDrillWord(sentence, id, value);
      if (next !== sentence) sayDrill(next, 'finished');
    },
    see: (view: DrillView) => view !== sentence.view && sayDrill({ ...sentence, view }, 'finished'),
    begin: (level: DrillSentence = sentence) => {
      const id = newId();
      const judging = setSchool(w.settings, habits);
      const plan = level.due
        ? known && duePlan(known, level.budget.questions, w.settings)
        : planOf(level, id, judging);
      if (!plan || plan.length === 0) return;
      if (level !== sentence) sayDrill({ ...level, view: 'drill', speaks: sentence.speaks }, 'finished');
      const code = level.due ? '' : levelCode(level);
      const title = drillName(w, level);
      const { person, limits } = { person: learner.who, limits: level.budget };
      handle.hands.begin({ person, level: code, name: title.slice(0, 120), plan, limits }, id, habits);
    },
    due: () => hands.begin({ ...withDrillWord(sentence, 'on', DUE), view: 'drill' }),
    again: () => {
      if (!run) return;
      const { level, name: title } = run.drill;
      if (level !== '') return hands.begin(drillOfLevel(level, title));
      // What is due now is another list, and may be none.
      handle.hands.leave();
      sayDrill({ ...withDrillWord(sentence, 'on', DUE), view: 'drill' }, 'finished');
    },
    handed: (drill: Drill) =>
      void school.change(({ drills }, now) =>
        handing(drills.find((each) => each.id === drill.id) ?? drill, now),
      ),
  });
  const isOver = run !== null && !goes;
  const { ladders: kept } = school.state.data;
  const ladders = useMemo(() => laddersShown(w, { ladders: kept }, learner.group), [w, kept, learner.group]);
  const next = isOver ? rungAfter(ladders, run.drill.level, learner.drills) : null;
  const beginNext = next && (() => hands.begin(drillOfLevel(next.level, next.name)));
  const shell = useShell<DrillWay>({
    room: DRILL,
    here,
    search,
    work: goes
      ? null
      : {
          current: () => ({ name, address: drillHref(sentence) }),
          onBoard: null,
          paper: async (head) => {
            const { drillItem } = await import('./drill-paper');
            return { head, title: null, blank: false, items: [await drillItem(w, sentence, name)] };
          },
          share: async (id) => (await import('./drill-share')).shareDrill(w, id, sentence),
        },
    keys: goes
      ? {}
      : isOver
        ? { Enter: beginNext ?? (() => hands.again()), Escape: handle.hands.leave }
        : {
            ...wordKeys([...parts, ...how], setWord),
            ...Object.fromEntries(DRILL_VIEWS.map((view, at) => [String(at + 1), () => hands.see(view)])),
            ...(sentence.view === 'drill' ? { Enter: () => hands.begin() } : {}),
          },
  });
  const unfinished = learner.drills.findLast(({ end, received }) => end === null && !received) ?? null;
  const about = `${sentence.view} ${run?.drill.id ?? ''}`;
  const rest = { here, sentence, learner, known, tell: shell.actions.tell, onBegin: hands.begin };
  return (
    <RoomShell shell={shell} problems={problems}>
      <main className="flex min-h-0 grow flex-col gap-3 px-4 pt-3 pb-5 sm:px-6">
        {run ? (
          <h1 className="font-serif text-large">{run.drill.name}</h1>
        ) : (
          <div className="flex flex-col gap-1">
            <Sentence parts={parts} open={word} onOpen={setWord} onPick={hands.pick} />
            {how.length > 0 && (
              <div className="pb-2">
                <Sentence as="second" parts={how} open={word} onOpen={setWord} onPick={hands.pick} />
              </div>
            )}
            <ViewTabs view={sentence.view} onView={hands.see} />
          </div>
        )}
        <ErrorBoundary what={say.room} size="card" about={about}>
          {goes && <RunView handle={handle} />}
          {isOver && (
            <EndView
              run={run}
              drills={learner.drills}
              name={learner.name}
              next={next && beginNext ? { name: next.name, onBegin: beginNext } : null}
              onAgain={hands.again}
              onTakeUp={handle.hands.takeUp}
              onOther={handle.hands.leave}
              onHanded={hands.handed}
              tell={shell.actions.tell}
            />
          )}
          {!run && sentence.view === 'drill' && (
            <div className="grid min-h-0 grow grid-cols-1 content-start gap-3 room:grid-cols-[minmax(0,1fr)_21rem]">
              <StartView
                sentence={sentence}
                due={dueNow}
                unfinished={unfinished}
                onBegin={() => hands.begin()}
                onGoOn={(drill) => handle.hands.goOn(drill, habits)}
              />
              <div className="flex min-h-0 flex-col gap-3 room:overflow-y-auto">
                {/* All at once when it is known, so that nothing moves. */}
                {known && !sentence.due && <DueCard known={known} onDrill={hands.due} />}
                {known && (
                  <LadderCard
                    ladders={ladders}
                    sentence={sentence}
                    drills={learner.drills}
                    onBegin={hands.begin}
                  />
                )}
                {known && !sentence.due && <GiveCard sentence={sentence} tell={shell.actions.tell} />}
              </div>
            </div>
          )}
          {!run && sentence.view === 'known' && <KnownView {...rest} />}
          {!run && sentence.view === 'ladders' && learner.isRead && (
            <LaddersView {...rest} ladders={ladders} />
          )}
          {!run && sentence.view === 'drills' && learner.isRead && (
            <DrillsView {...rest} onLook={handle.hands.look} />
          )}
        </ErrorBoundary>
      </main>
    </RoomShell>
  );
}

/** Whether a level is said: what is due has none, and neither has what is looked at. */
function asksLevel({ due, view }: DrillSentence): boolean {
  return !due && (view === 'drill' || view === 'ladders');
}

/** The keys of the words of a sentence. */
function wordKeys(parts: readonly SentencePart[], open: (id: string) => void) {
  return Object.fromEntries(
    parts.flatMap((each) =>
      typeof each === 'string' || !each.key ? [] : [[each.key.toLowerCase(), () => open(each.id)] as const],
    ),
  );
}
