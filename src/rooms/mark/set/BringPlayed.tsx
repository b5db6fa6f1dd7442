import { useEffect, useMemo, useRef, useState } from 'react';
import { answerCode } from '@/core/exercise/code';
import { judge } from '@/core/exercise/judge';
import { audibleHabits, learnerPlays, learnerShows } from '@/core/exercise/set/learner';
import { isPlayable, playedAnswers } from '@/core/exercise/set/played';
import type { SetQuestion } from '@/core/exercise/set/question';
import { setSchool } from '@/core/exercise/set/verdict';
import { spellingsOfPianoKey } from '@/core/identify/note-entry';
import { sayGiven } from '@/core/words/say-given';
import { sayTask } from '@/core/words/say-task';
import { setWords } from '@/core/words/screen/set';
import { PRETEND } from '@/devices/midi/pretend';
import { useKeyboards } from '@/ui/midi/use-keyboards';
import { useWords } from '@/ui/school/use-class';
import { type BringHands, papersOf } from './brought';
import { habitNamed } from './Charts';
import { Choice } from './Choice';
import type { SetInHand } from './use-set';

type Props = { readonly held: SetInHand; readonly hands: BringHands };

/** Milliseconds from key to key of the pretend learner. */
const EVERY = 180;

/** What the pretend learner plays: it knows it, as it comes, or one habit. */
const KNOWS = 'knows';
const ANY = 'any';

/** Answers that are played on a keyboard: judged by their sound, in the spellings they may be meant in. */
export function BringPlayed({ held, hands }: Props) {
  const w = useWords();
  const say = setWords(w).bring;
  const { people, work } = held;
  const { pretend, real, why, look } = useKeyboards(say.pretend);
  const playable = useMemo(() => work.questions.filter(({ asked }) => isPlayable(asked)), [work.questions]);
  const [person, setPerson] = useState(people[0]?.id ?? null);
  const [id, setId] = useState(playable[0]?.id ?? null);
  const [device, setDevice] = useState<string>(PRETEND);
  const [heard, setHeard] = useState<readonly number[]>([]);
  const [listening, setListening] = useState(true);
  const question = playable.find((each) => each.id === id) ?? playable[0];
  const chosen = device === PRETEND ? pretend : (real.find((each) => each.id === device) ?? pretend);
  /** Stops what the pretend one plays; it ends with the page, too. */
  const stop = useRef(() => {});
  useEffect(() => () => stop.current(), []);
  useEffect(() => {
    if (!listening) return;
    return chosen.listen((midi) => setHeard((before) => [...before, midi]));
  }, [chosen, listening]);
  if (!question) return <p className="card px-4 py-3">{say.noPlayable}</p>;
  const next = () => {
    setHeard([]);
    const at = playable.indexOf(question);
    const after = playable[at + 1];
    if (after) return setId(after.id);
    const row = people.findIndex((each) => each.id === person);
    setPerson(people[row + 1]?.id ?? person);
    setId(playable[0]?.id ?? null);
  };
  return (
    <section aria-label={say.midi} className="card flex flex-col gap-3 px-4 py-3">
      <p>{say.midiHelp}</p>
      <div className="flex flex-wrap items-center gap-3">
        <Choice
          label={say.whose}
          none={say.none}
          value={person}
          options={people.map((each) => [each.id, each.name])}
          onChoose={setPerson}
        />
        <Choice
          label={say.which}
          none={say.notAsked}
          value={question.id}
          options={playable.map((each) => [
            each.id,
            `${work.questions.indexOf(each) + 1}. ${sayTask(w, each.item)}`,
          ])}
          onChoose={(next_) => {
            setHeard([]);
            setId(next_);
          }}
        />
        <Choice
          label={say.device}
          none={say.notAsked}
          value={device}
          options={[[PRETEND, pretend.name], ...real.map((each) => [each.id, each.name] as const)]}
          onChoose={setDevice}
        />
        <button type="button" className="control" onClick={() => void look()}>
          {say.look}
        </button>
        <button
          type="button"
          className="control"
          aria-pressed={listening}
          onClick={() => setListening(!listening)}
        >
          {listening ? say.stopListening : say.listen}
        </button>
      </div>
      {why && <p role="status">{why === 'none' ? say.noDevice : say.noMidi}</p>}
      {device === PRETEND && (
        <Learner
          key={question.id}
          question={question}
          onPlay={(keys) => {
            setHeard([]);
            stop.current();
            stop.current = pretend.play(keys, EVERY);
          }}
        />
      )}
      <Heard heard={heard} onAgain={() => setHeard([])} />
      <Spellings
        question={question}
        heard={heard}
        onTake={(code) => {
          if (person === null) return;
          hands.take(papersOf([{ person, question: question.id, code }]));
          hands.tell(say.added(1));
          next();
        }}
      />
    </section>
  );
}

/** The pretend learner: what it plays, and a press that lets it. */
function Learner({
  question,
  onPlay,
}: {
  readonly question: SetQuestion;
  readonly onPlay: (keys: readonly number[]) => void;
}) {
  const w = useWords();
  const say = setWords(w).bring;
  const school = useMemo(() => setSchool(w.settings, []), [w.settings]);
  const habits = useMemo(() => audibleHabits(question.asked, school), [question, school]);
  const [plays, setPlays] = useState<string>(ANY);
  const [times, setTimes] = useState(0);
  const play = () => {
    const habit = plays === KNOWS ? null : plays === ANY ? learnerShows(habits, times) : plays;
    setTimes(times + 1);
    onPlay(learnerPlays(question.asked, habit, school));
  };
  return (
    <div className="flex flex-wrap items-center gap-2">
      <button type="button" className="control" onClick={play}>
        {say.learner}
      </button>
      <Choice
        label={say.learnerPlays}
        none=""
        value={plays}
        options={[
          [ANY, say.learnerAny],
          [KNOWS, say.learnerRight],
          ...habits.map((habit) => [habit, habitNamed(w, habit)] as const),
        ]}
        onChoose={setPlays}
      />
    </div>
  );
}

/** The keys that went down, each by its usual name. */
function Heard({ heard, onAgain }: { readonly heard: readonly number[]; readonly onAgain: () => void }) {
  const w = useWords();
  const say = setWords(w).bring;
  const names = heard.map((midi) => {
    const [note] = spellingsOfPianoKey(midi % 12);
    return note ? w.note(note) : String(midi);
  });
  return (
    <p role="status" className="flex flex-wrap items-center gap-2">
      {heard.length === 0 ? say.nothingHeard : say.heard(names.join(' '))}
      {heard.length > 0 && (
        <button type="button" className="control" onClick={onAgain}>
          {say.again}
        </button>
      )}
    </p>
  );
}

/** As many spellings as are offered. */
const MOST_SPELLINGS = 4;

function Spellings({
  question,
  heard,
  onTake,
}: {
  readonly question: SetQuestion;
  readonly heard: readonly number[];
  readonly onTake: (code: string) => void;
}) {
  const w = useWords();
  const say = setWords(w).bring;
  const school = useMemo(() => setSchool(w.settings, []), [w.settings]);
  const answers = useMemo(
    () => playedAnswers(question.asked, heard, school).slice(0, MOST_SPELLINGS),
    [question, heard, school],
  );
  if (answers.length === 0) return null;
  return (
    <div className="flex flex-col gap-1">
      <h3 className="text-small font-bold text-quiet">{say.spellings}</h3>
      <ul className="flex flex-col gap-1">
        {answers.map((answer, at) => {
          const right = judge(question.asked, answer, school)?.correct ?? false;
          return (
            <li key={answerCode(answer)} className="flex flex-wrap items-center gap-3">
              <span className="font-serif text-large">{sayGiven(w, question.asked, answer)}</span>
              <span className={`text-small ${right ? 'text-correct' : 'text-wrong'}`}>
                {right ? `✓ ${say.soundsRight}` : `✗ ${say.soundsOther}`}
              </span>
              <button
                type="button"
                className={`control ${at === 0 ? 'bg-ink! text-sheet!' : ''}`}
                onClick={() => onTake(answerCode(answer))}
              >
                {say.take}
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
