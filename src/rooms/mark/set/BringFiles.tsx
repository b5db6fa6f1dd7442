import { type DragEvent, useMemo, useRef, useState } from 'react';
import { readAnswerCode } from '@/core/exercise/code';
import { setSchool } from '@/core/exercise/set/verdict';
import { type FileProblem, sayFileProblem } from '@/core/words/say-file';
import { sayGiven } from '@/core/words/say-given';
import { sayHandedIn } from '@/core/words/say-handed-in';
import { setWords } from '@/core/words/screen/set';
import { useWords } from '@/ui/school/use-class';
import { type BringHands, type Brought, papersOf } from './brought';
import { Choice } from './Choice';
import { codeUnder, type Found, type FoundIn, foundIn } from './found';
import type { SetInHand } from './use-set';
import { useSetFiles } from './use-set-files';

type Props = { readonly held: SetInHand; readonly hands: BringHands };

/** What was chosen where it was not sure: whose it is, and which question. */
type Choices = Readonly<Record<string, { readonly person?: string; readonly question?: string }>>;

/** Answers out of files: handed in from a sheet, MusicXML, MIDI; what is unsure is asked. */
export function BringFiles({ held, hands }: Props) {
  const w = useWords();
  const say = setWords(w).bring;
  const { files, take, close } = useSetFiles(w.settings);
  const input = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  const [code, setCode] = useState('');
  const [choices, setChoices] = useState<Choices>({});
  const { people, work } = held;
  const school = useMemo(() => setSchool(w.settings, []), [w.settings]);
  const read = useMemo(
    () =>
      files.stage === 'read'
        ? files.files.map((file) => foundIn(file, { questions: work.questions, people, school }))
        : [],
    [files, work.questions, people, school],
  );
  const found = read.flatMap((each) => (each.ok ? each.found : []));
  const personOf = (each: Found) => choices[each.id]?.person ?? each.person;
  const questionOf = (each: Found) => choices[each.id]?.question ?? each.question;
  const ready = found.flatMap((each): readonly Brought[] => {
    const [person, id] = [personOf(each), questionOf(each)];
    const question = work.questions.find((one) => one.id === id);
    const answer = question && codeUnder(each, question, school);
    return person && question && answer ? [{ person, question: question.id, code: answer }] : [];
  });
  const over = ready.filter(({ person, question }) => {
    const paper = work.papers.find((one) => one.person === person);
    return paper && Object.hasOwn(paper.answers, question);
  });
  const choose = (taken: FileList | null) => {
    setChoices({});
    if (taken && taken.length > 0) void take([...taken]);
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    event.stopPropagation();
    choose(event.dataTransfer.files);
  };
  const unsure = found.filter((each) => each.person === null || each.question === null);
  return (
    <section
      aria-label={say.files}
      className="card flex flex-col gap-3 px-4 py-3"
      onDragOver={(event) => event.preventDefault()}
      onDrop={drop}
    >
      <p>{say.filesHelp}</p>
      <div className="flex flex-wrap items-center gap-2">
        <button type="button" className="control" onClick={() => input.current?.click()}>
          {say.choose}
        </button>
        <button type="button" className="control" onClick={() => folder.current?.click()}>
          {say.folder}
        </button>
        <span className="text-small text-quiet">{say.drop}</span>
      </div>
      <input
        ref={input}
        type="file"
        multiple
        className="hidden"
        tabIndex={-1}
        aria-label={say.choose}
        onChange={(event) => choose(event.target.files)}
      />
      <input
        ref={folder}
        type="file"
        // A folder with all that lies in it; browsers know it by this name.
        {...{ webkitdirectory: '' }}
        className="hidden"
        tabIndex={-1}
        aria-label={say.folder}
        onChange={(event) => choose(event.target.files)}
      />
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (code.trim() !== '') void take([new File([code], say.code, { type: 'text/plain' })]);
        }}
      >
        <label className="flex grow flex-col text-small">
          {say.code}
          <textarea
            className="field field-sizing-content max-h-40"
            rows={1}
            value={code}
            onChange={(event) => setCode(event.target.value)}
          />
        </label>
        <button type="submit" className="control">
          {say.readCode}
        </button>
      </form>
      {files.stage === 'reading' && <p role="status">{say.reading(files.done, files.of)}</p>}
      {files.stage === 'read' && (
        <div className="flex flex-col gap-2">
          <p role="status">{say.found(found.length)}</p>
          <Problems read={read} />
          {unsure.length > 0 && <p className="font-bold">{say.unsure}</p>}
          <ul className="flex flex-col">
            {found.map((each) => (
              <Row
                key={each.id}
                {...{ each, held, school }}
                person={personOf(each)}
                question={questionOf(each)}
                onChoose={(choice) =>
                  setChoices({ ...choices, [each.id]: { ...choices[each.id], ...choice } })
                }
              />
            ))}
          </ul>
          {over.length > 0 && <p className="text-small">{say.over(over.length)}</p>}
          {ready.length === 0 ? (
            <p className="text-small">{say.nothing}</p>
          ) : (
            <button
              type="button"
              className="control self-start bg-ink! text-sheet!"
              onClick={() => {
                hands.take(papersOf(ready));
                hands.tell(say.added(ready.length));
                setCode('');
                close();
              }}
            >
              {say.add(ready.length)}
            </button>
          )}
        </div>
      )}
    </section>
  );
}

function Problems({ read }: { readonly read: readonly FoundIn[] }) {
  const say = setWords(useWords()).bring;
  const problems = read.flatMap((each) => (each.ok ? [] : [each]));
  if (problems.length === 0) return null;
  return (
    <div role="alert" className="text-small">
      <p className="font-bold">{say.problems}</p>
      <ul>
        {problems.map((each) => (
          <li key={each.file}>
            {each.why === 'problem'
              ? `${each.file}: ${said(each.problem)}`
              : each.why === 'other-sheet'
                ? say.otherSheet(each.file)
                : say.noNotes(each.file)}
          </li>
        ))}
      </ul>
    </div>
  );
}

const HANDED_IN = ['not-handed-in', 'handed-in-changed', 'handed-in-newer'];

function said(problem: object): string {
  const { code } = problem as { code: string };
  return HANDED_IN.includes(code)
    ? sayHandedIn(problem as Parameters<typeof sayHandedIn>[0])
    : sayFileProblem(problem as FileProblem);
}

type RowProps = {
  readonly each: Found;
  readonly held: SetInHand;
  readonly school: ReturnType<typeof setSchool>;
  readonly person: string | null;
  readonly question: string | null;
  readonly onChoose: (choice: { person?: string; question?: string }) => void;
};

/** One answer that was found: whose it is, to which question, and what it says. */
function Row({ each, held, school, person, question: id, onChoose }: RowProps) {
  const w = useWords();
  const say = setWords(w).bring;
  const { people, work } = held;
  const question = work.questions.find((one) => one.id === id);
  const code = question ? codeUnder(each, question, school) : null;
  const answer = question && code !== null ? readAnswerCode(question.asked, code) : null;
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-rule py-1 text-small">
      <span className="w-40 truncate text-quiet" title={each.file}>
        {each.file}
      </span>
      <Choice
        label={say.whose}
        none={say.notAsked}
        value={person}
        options={people.map((one) => [one.id, one.name])}
        onChoose={(next) => onChoose({ person: next })}
      />
      <Choice
        label={say.which}
        none={say.notAsked}
        value={id}
        options={work.questions.map((one, at) => [one.id, String(at + 1)])}
        onChoose={(next) => onChoose({ question: next })}
      />
      <span className="font-serif">{question && answer ? sayGiven(w, question.asked, answer) : ''}</span>
    </li>
  );
}
