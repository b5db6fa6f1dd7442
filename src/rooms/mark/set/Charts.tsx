import type { ReactNode } from 'react';
import { habitNeeds, type KeyNeed, keyNeeds, questionNeeds, type Went } from '@/core/exercise/set/needs';
import { mistakesNamed } from '@/core/mark/mistakes/all';
import type { ClassWords } from '@/core/words/class-words';
import { half } from '@/core/words/say-marks';
import { sayExplanation } from '@/core/words/say-mistake';
import { sayTask } from '@/core/words/say-task';
import { markWords } from '@/core/words/screen/mark';
import { setWords } from '@/core/words/screen/set';
import { BarsView } from '@/ui/chart/BarsView';
import type { BarRow } from '@/ui/chart/bar-row';
import { useWords } from '@/ui/school/use-class';
import type { SetInHand } from './use-set';

type Props = {
  readonly held: SetInHand;
  readonly onQuestion: (question: string) => void;
};

/** What a habit is called in a class. */
export function habitNamed(w: ClassWords, habit: string): string {
  const habits = mistakesNamed(habit);
  return habits ? sayExplanation(w, { habits }, null) : markWords(w).pile.later(habit);
}

/** As many rows as a chart has room for; its table has all. */
const IN_CHART = 7;

function Table({
  heads,
  rows,
}: {
  readonly heads: readonly string[];
  readonly rows: readonly (readonly ReactNode[])[];
}) {
  return (
    <table className="w-full text-left">
      <thead>
        <tr>
          {heads.map((head) => (
            <th key={head} scope="col" className="pr-3 font-bold text-quiet">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, at) => (
          <tr key={at}>
            {row.map((cell, column) => (
              <td key={heads[column]} className="border-t border-rule py-1 pr-3 align-top">
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Habits by how many have them and who, questions by difficulty, keys by trouble. */
export function Charts({ held, onQuestion }: Props) {
  const w = useWords();
  const say = setWords(w).class;
  const { work, people } = held;
  const nameOf = (id: string) => people.find((each) => each.id === id)?.name ?? '';
  const names = (ids: readonly string[]) => ids.map(nameOf).join(', ');
  const habits = habitNeeds(work);
  const questions = questionNeeds(work);
  const keys = keyNeeds(work);
  const texts = new Map(work.questions.map(({ id, item }, at) => [id, `${at + 1}. ${sayTask(w, item)}`]));
  const keyName = ({ key }: KeyNeed) => (key.scale ? w.scale(key.tonic, key.scale) : w.note(key.tonic));
  const share = (went: Went): Pick<BarRow, 'full' | 'hollow' | 'text'> => ({
    full: (100 * (went.counted - went.right - went.corrected)) / went.counted,
    hollow: (100 * went.corrected) / went.counted,
    text: say.wrong(went.counted - went.right - went.corrected),
  });
  const marks = ({ got, of }: Went) => `${half(got)}/${half(of)}`;
  const toQuestion = (id: string) => (
    <button type="button" className="text-left underline" onClick={() => onQuestion(id)}>
      {texts.get(id)}
    </button>
  );
  const words = { asTable: say.asTable, asChart: say.asChart };
  return (
    <>
      <BarsView
        {...words}
        title={say.habits}
        empty={say.noHabits}
        most={Math.max(1, ...habits.map((each) => each.people.length + each.corrected.length))}
        rows={habits.slice(0, IN_CHART).map(({ habit, people: who, corrected }) => ({
          id: habit,
          name: habitNamed(w, habit),
          full: who.length,
          hollow: corrected.length,
          text: String(who.length),
        }))}
        onPick={(habit) => {
          const [first] = habits.find((each) => each.habit === habit)?.answers ?? [];
          if (first) onQuestion(first.question);
        }}
        table={
          <Table
            heads={[say.habit, say.count, say.people, say.corrected]}
            rows={habits.map(({ habit, people: who, corrected }) => [
              habitNamed(w, habit),
              String(who.length),
              names(who),
              names(corrected),
            ])}
          />
        }
      />
      <BarsView
        {...words}
        title={say.questions}
        empty={say.nothingYet}
        most={100}
        rows={questions.slice(0, IN_CHART).map((each) => ({
          id: each.question,
          name: texts.get(each.question) ?? '',
          ...share(each),
        }))}
        onPick={onQuestion}
        table={
          <Table
            heads={[say.questionHead, say.rightHead, say.corrected, say.marksHead]}
            rows={questions.map((each) => [
              toQuestion(each.question),
              `${each.right}/${each.counted}`,
              String(each.corrected),
              marks(each),
            ])}
          />
        }
      />
      <BarsView
        {...words}
        title={say.keys}
        empty={say.nothingYet}
        most={100}
        rows={keys
          .slice(0, IN_CHART)
          .map((each) => ({ id: keyName(each), name: keyName(each), ...share(each) }))}
        onPick={(key) => {
          const [first] = keys.find((each) => keyName(each) === key)?.questions ?? [];
          if (first) onQuestion(first);
        }}
        table={
          <Table
            heads={[say.keyHead, say.rightHead, say.corrected, say.marksHead]}
            rows={keys.map((each) => [
              keyName(each),
              `${each.right}/${each.counted}`,
              String(each.corrected),
              marks(each),
            ])}
          />
        }
      />
    </>
  );
}
