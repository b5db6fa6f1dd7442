import { useState } from 'react';
import { personIn } from '@/core/exercise/set/match';
import { setSchool } from '@/core/exercise/set/verdict';
import { doubtIn } from '@/core/practice/drill/result';
import { sayHandedIn } from '@/core/words/say-handed-in';
import { drillWords } from '@/core/words/screen/drill';
import { type DrillHandedIn, readDrillResult } from '@/formats/handed-in/drill-result';
import { receivedId, receiving } from '@/store/drilling';
import { FileButton } from '@/ui/files/FileButton';
import { useWords } from '@/ui/school/use-class';
import { useSteady } from '@/ui/use-steady';
import { readSpeaks } from '../../address/speaks';
import type { SideProps } from '../side-props';

type Props = Pick<SideProps, 'here' | 'learner' | 'tell'>;

/** What became of a result that was read. */
type Read =
  | { readonly is: 'result'; readonly result: DrillHandedIn; readonly person: string }
  | { readonly is: 'refused'; readonly why: string };

/** Who is meant where nobody of the class has the name. */
const SOMEBODY_NEW = 'new';

/** Takes a result in: a file or a code, checked, and put with whoever it is of. */
export function ReadResult({ here, learner, tell }: Props) {
  const w = useWords();
  const say = drillWords(w).done;
  const [read, setRead] = useState<Read | null>(null);
  const [text, setText] = useState('');
  const { school } = here;
  const { take, put } = useSteady({
    take: (from: string) => {
      const reading = readDrillResult(from);
      if (!reading.ok) return setRead({ is: 'refused', why: sayHandedIn(reading.problem) });
      const { result } = reading;
      const doubt = doubtIn(result, setSchool(readSpeaks(result.speaks).settings, []));
      if (doubt) return setRead({ is: 'refused', why: say.doubt(doubt, result.name) });
      const person = personIn([result.name], learner.learners) ?? SOMEBODY_NEW;
      setRead({ is: 'result', result, person });
    },
    put: async () => {
      if (read?.is !== 'result') return;
      const { result } = read;
      const person = read.person === SOMEBODY_NEW ? learner.addToClass(result.name) : read.person;
      const there = (await school.drillsOf([person])) ?? [];
      const known = there.some(({ id }) => id === receivedId({ person, at: result.at }));
      const { title: name, ...rest } = result;
      await school.change((data, now) => receiving(data, there, { ...rest, name, person }, now));
      tell(known ? say.already : say.taken(result.name));
      learner.choose(person);
      setRead(null);
      setText('');
    },
  });
  return (
    <section aria-label={say.read} className="card flex shrink-0 flex-col gap-2 px-4 py-3">
      <h2 className="text-small font-bold text-quiet">{say.read}</h2>
      <p className="text-small">{say.readWhy}</p>
      <label className="flex flex-col gap-1 text-small">
        {say.code}
        <textarea
          className="field break-all"
          rows={2}
          spellCheck={false}
          value={text}
          onChange={({ target }) => {
            setText(target.value);
            if (target.value.trim() === '') setRead(null);
            else take(target.value);
          }}
        />
      </label>
      <FileButton label={say.file} accept=".json,application/json" onText={take} />
      {read?.is === 'refused' && (
        <p role="alert" className="text-small text-wrong">
          {read.why}
        </p>
      )}
      {read?.is === 'result' && (
        <div role="status" className="flex flex-col gap-2 rounded-control bg-now px-3 py-2 text-small">
          <p>{say.found(read.result.name, read.result.title, read.result.attempts.length)}</p>
          <label className="flex items-center gap-2">
            {say.of}
            <select
              className="field w-auto!"
              value={read.person}
              onChange={({ target }) => setRead({ ...read, person: target.value })}
            >
              {learner.learners.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
              <option value={SOMEBODY_NEW}>{say.newPerson(read.result.name)}</option>
            </select>
          </label>
          <button type="button" className="control self-start bg-ink! text-sheet!" onClick={() => void put()}>
            {say.put}
          </button>
        </div>
      )}
    </section>
  );
}
