import { useEffect, useMemo, useState } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { questionWords } from '@/core/words/screen/questions';
import { spoken } from '@/core/words/spoken';
import { DERIVE_PATH, writeAddress } from '@/rooms/address/derive/derive-address';
import type { DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import type { Question } from '@/rooms/address/derive/question';
import { canBeNamed, readQuestion } from '@/rooms/address/derive/read-question';
import { aboutOf, FIRST_QUESTIONS, searchOfKind, writeQuestion } from '@/rooms/address/derive/write-question';
import type { Change } from '@/rooms/shell/address-store';
import { RoomShell } from '@/rooms/shell/RoomShell';
import { useHere, useShell } from '@/rooms/shell/use-shell';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { Sentence } from '@/ui/sentence/Sentence';
import { StepBar } from '@/ui/working/StepBar';
import { WorkingLines } from '@/ui/working/WorkingLines';
import { DERIVE } from '../room';
import { goToSearch } from '../sentence/use-sentence';
import { Names, Owners } from './Answers';
import { answerOf } from './answer';
import type { QuestionWay } from './question-share-list';
import { questionParts, questionText, withQuestionWord } from './question-words';
import { Surfaces } from './Surfaces';

type Props = { readonly search: string };

/** The questions beside building a scale: which key, write a signature, what is it. */
export function QuestionRoom({ search }: Props) {
  const { question, problems } = useMemo(
    () => readQuestion(search) ?? { question: FIRST_QUESTIONS.key, problems: [] },
    [search],
  );
  const here = useHere();
  const { w } = here;
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
  const shell = useShell<QuestionWay>({
    room: DERIVE,
    here,
    search,
    work: {
      current: () => ({ name: questionText(w, question), address: DERIVE_PATH + writeQuestion(question) }),
      paper: async (head) => {
        const { questionItem } = await import('./question-paper');
        const items = [await questionItem(w, writeQuestion(question), questionText(w, question))];
        return { head, title: null, blank: false, items };
      },
      share: async (id) => (await import('./question-share')).shareQuestion(w, id, question),
    },
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
    <RoomShell shell={shell} problems={problems}>
      <main className="flex min-h-0 grow flex-col gap-4 px-4 pt-3 pb-5 sm:px-6">
        <Sentence parts={questionParts(w, question)} open={word} onOpen={setWord} onPick={pick} />
        <div className="grid min-h-0 grow gap-3 room:grid-cols-[minmax(0,1fr)_22.5rem]">
          <div className="flex min-h-0 min-w-0 flex-col gap-3">
            <ErrorBoundary what={deriveWords(w).surfaces.staff} size="card" about={question}>
              <Surfaces question={question} answer={answer} at={at} onQuestion={say} />
            </ErrorBoundary>
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
