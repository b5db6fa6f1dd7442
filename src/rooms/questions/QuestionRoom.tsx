import { useEffect, useMemo, useState } from 'react';
import type { SpelledNote } from '@/core/note/spelled';
import { fifths } from '@/core/note/spelled';
import { deriveWords } from '@/core/words/screen/derive';
import { questionWords } from '@/core/words/screen/questions';
import { SHELF_WORDS } from '@/core/words/screen/shelf';
import { spoken } from '@/core/words/spoken';
import { NAME_LIMIT } from '@/store/limits';
import { keeping } from '@/store/shelf';
import { useKeys } from '@/ui/keys/use-keys';
import { SINGLE_KEYS, useLight, useSetting } from '@/ui/keys/use-setting';
import { newId } from '@/ui/new-id';
import { Speaking, useClass } from '@/ui/school/use-class';
import { useSchool } from '@/ui/school/use-school';
import { Sentence } from '@/ui/sentence/Sentence';
import { StepBar } from '@/ui/working/StepBar';
import { WorkingLines } from '@/ui/working/WorkingLines';
import { writeAddress } from '../derive/address';
import { KeysSheet } from '../derive/KeysSheet';
import { Notice } from '../derive/Notice';
import type { Question } from '../derive/question';
import { canBeNamed, readQuestion } from '../derive/read-question';
import type { DeriveSentence } from '../derive/sentence';
import { type Change, goToSearch } from '../derive/use-sentence';
import { aboutOf, FIRST_QUESTIONS, searchOfKind, writeQuestion } from '../derive/write-question';
import { Names, Owners } from './Answers';
import { answerOf } from './answer';
import { CountRail } from './CountRail';
import { NotePad } from './NotePad';
import { OrderRows } from './OrderRows';
import { QuestionBar } from './QuestionBar';
import { questionParts, questionText, withQuestionWord } from './question-words';
import { SignatureStaves } from './SignatureStaves';

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
  const [keysOpen, setKeysOpen] = useState(false);
  const [said, setSaid] = useState('');
  const [light, otherLight] = useLight();
  const [single, setSingle] = useSetting('moon-step:single-keys', SINGLE_KEYS);
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

  const keep = async () => {
    const name = questionText(w, question).slice(0, NAME_LIMIT);
    const item = { id: newId(), name, note: '', address: writeQuestion(question), lesson: null };
    const saved = await school.change((data, now) => keeping(data, [item], now));
    const { told } = deriveWords(w);
    setSaid(saved ? told.kept : told.notKept);
  };
  const undo = async () => {
    const undone = await school.undo();
    setSaid(undone ? SHELF_WORDS.undone(undone) : deriveWords(w).told.nothing);
  };
  const open = (id: string) => () => setWord(id);
  useKeys(
    {
      q: open('kind'),
      t: open('tonic'),
      s: open(question.kind === 'key' ? 'asked' : 'scale'),
      g: open('fifths'),
      m: open('rule'),
      c: open('clefs'),
      k: keep,
      n: otherLight,
      'mod+z': undo,
      '?': () => setKeysOpen(true),
      ArrowRight: () => toStep(at + 1),
      ArrowLeft: () => toStep(at - 1),
      Home: () => toStep(0),
      End: () => toStep(last),
    },
    single === 'on',
  );

  return (
    <Speaking words={w}>
      <div data-live="yes" className="flex min-h-dvh grow flex-col room:h-dvh">
        <QuestionBar
          group={speech.group}
          groups={school.state.data.groups}
          onChoose={speech.choose}
          night={light === 'night'}
          onLight={otherLight}
          onKeys={() => setKeysOpen(true)}
          onKeep={keep}
          said={said}
        />
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
        {keysOpen && (
          <KeysSheet
            open
            onOpen={setKeysOpen}
            single={single === 'on'}
            onSingle={(on) => setSingle(on ? 'on' : 'off')}
          />
        )}
      </div>
    </Speaking>
  );
}

type SurfaceProps = {
  readonly question: Question;
  readonly answer: ReturnType<typeof answerOf>;
  readonly at: number;
  readonly onQuestion: (question: Question, change: Change) => void;
};

/** What a question is shown on. */
function Surfaces({ question, answer, at, onQuestion }: SurfaceProps) {
  const pointed = answer.signs[at] ?? [];
  if (question.kind === 'name') {
    return (
      <NotePad
        notes={question.notes}
        pointed={answer.places[at] ?? []}
        onNotes={(notes: readonly SpelledNote[]) => onQuestion({ ...question, notes, step: null }, 'passing')}
      />
    );
  }
  const put = answer.put[at] ?? Math.abs(answer.count);
  return (
    <>
      <OrderRows
        count={answer.count}
        taken={put}
        pointed={pointed}
        onTake={
          question.kind === 'key'
            ? (count) =>
                onQuestion({ ...question, fifths: fifths(count), rule: null, step: null }, 'finished')
            : null
        }
      />
      <SignatureStaves clefs={answer.clefs} count={answer.count} put={put} pointed={pointed} />
      {question.kind === 'key' && (
        <CountRail
          count={answer.count}
          onCount={(count) => onQuestion({ ...question, fifths: count, rule: null, step: null }, 'passing')}
        />
      )}
    </>
  );
}
