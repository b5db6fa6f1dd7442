import { useEffect, useMemo, useState } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { questionWords } from '@/core/words/screen/questions';
import { spoken } from '@/core/words/spoken';
import { useClass } from '@/ui/school/use-class';
import { useSchool } from '@/ui/school/use-school';
import { Sentence } from '@/ui/sentence/Sentence';
import { StepBar } from '@/ui/working/StepBar';
import { WorkingLines } from '@/ui/working/WorkingLines';
import type { Change } from '../common/address-store';
import { RoomShell } from '../common/RoomShell';
import { useRoomShell } from '../common/use-room-shell';
import { Notice } from '../derive/Notice';
import { writeAddress } from '../derive/sentence/address';
import type { Question } from '../derive/sentence/question';
import { canBeNamed, readQuestion } from '../derive/sentence/read-question';
import type { DeriveSentence } from '../derive/sentence/sentence';
import { goToSearch, PATH } from '../derive/sentence/use-sentence';
import { aboutOf, FIRST_QUESTIONS, searchOfKind, writeQuestion } from '../derive/sentence/write-question';
import { Names, Owners } from './Answers';
import { answerOf } from './answer';
import { questionItem } from './question-paper';
import { QUESTION_SHARES, type QuestionShare } from './question-share-list';
import { questionParts, questionText, withQuestionWord } from './question-words';
import { Surfaces } from './Surfaces';

type Props = { readonly search: string };

/** The questions beside building a scale: which key, write a signature, what is it. */
export function QuestionRoom({ search }: Props) {
  const { question, problems } = useMemo(
    () => readQuestion(search) ?? { question: FIRST_QUESTIONS.key, problems: [] },
    [search],
  );
  const school = useSchool();
  const speech = useClass(school.state);
  const { words: w } = speech;
  const [word, setWord] = useState<string | null>(null);
  const answer = useMemo(() => answerOf(w, question), [w, question]);
  const last = Math.max(0, answer.lines.length - 1);
  const at = question.step === null ? last : Math.min(question.step - 1, last);
  const say = (next: Question, change: Change) => goToSearch(writeQuestion(next), change);
  const toStep = (wanted: number) => {
    const shown = Math.max(0, Math.min(last, wanted));
    if (shown !== at) say({ ...question, step: shown === last ? null : shown + 1 }, 'passing');
  };
  const pick = (id: string, value: string) => {
    setWord(null);
    const kind = id === 'kind' ? searchOfKind(value, aboutOf(question)) : null;
    if (id === 'kind' && value === question.kind) return;
    if (kind) goToSearch(kind, 'finished');
    else say(withQuestionWord(w, question, id, value), 'finished');
  };
  const build = (sentence: DeriveSentence) => goToSearch(writeAddress(sentence), 'finished');

  useEffect(() => {
    document.title = deriveWords(w).title(questionText(w, question).replace(/[.?]$/u, ''));
  }, [w, question]);

  const open = (id: string) => () => setWord(id);
  const shell = useRoomShell<QuestionShare>({
    w,
    speech,
    school,
    current: () => ({ name: questionText(w, question), address: PATH + writeQuestion(question) }),
    paper: async (head) => ({
      head,
      title: null,
      blank: false,
      items: [await questionItem(w, writeQuestion(question), questionText(w, question))],
    }),
    names: questionWords(w).share,
    share: async (id) => (await import('./question-share')).shareQuestion(w, id, question),
    keys: {
      q: open('kind'),
      t: open('tonic'),
      s: open(question.kind === 'key' ? 'asked' : 'scale'),
      g: open('fifths'),
      m: open('rule'),
      c: open('clefs'),
      ArrowRight: () => toStep(at + 1),
      ArrowLeft: () => toStep(at - 1),
      Home: () => toStep(0),
      End: () => toStep(last),
    },
  });

  return (
    <RoomShell
      shell={shell}
      speech={speech}
      school={school}
      shares={QUESTION_SHARES}
      shareNames={questionWords(w).share}
      keys={questionWords(w).keysSheet}
    >
      <main className="flex min-h-0 grow flex-col gap-4 px-4 pt-3 pb-5 sm:px-6">
        <Notice problems={problems} saving={school.state.saving} />
        <Sentence parts={questionParts(w, question)} open={word} onOpen={setWord} onPick={pick} />
        <div className="grid min-h-0 grow gap-3 room:grid-cols-[minmax(0,1fr)_22.5rem]">
          <div className="flex min-h-0 min-w-0 flex-col gap-3">
            <Surfaces question={question} answer={answer} at={at} onQuestion={say} />
          </div>
          <section aria-labelledby="question-title" className="card flex min-h-0 flex-col gap-3 p-4">
            <div className="flex items-center gap-1.5">
              <h2 id="question-title" className="mr-auto font-serif text-large leading-tight font-bold">
                {questionWords(w).titles[question.kind]}
              </h2>
              {answer.lines.length > 0 && <StepBar at={at} last={last} onStep={toStep} />}
            </div>
            <WorkingLines lines={answer.lines} at={at} onStep={toStep} />
            <p className="sr-only" role="status">
              {spoken(answer.lines[at]?.text ?? '')}
            </p>
            {question.kind === 'key' && <Owners owners={answer.owners} onSay={build} />}
            {question.kind === 'name' && (
              <Names names={answer.names} enough={canBeNamed(question)} onSay={build} />
            )}
          </section>
        </div>
      </main>
    </RoomShell>
  );
}
