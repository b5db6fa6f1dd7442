import { type KeyboardEvent, memo, startTransition, useEffect, useRef, useState } from 'react';
import { type CellState, cellOf, totalOf } from '@/core/exercise/set/cell';
import { half } from '@/core/words/say-marks';
import { setWords } from '@/core/words/screen/set';
import { useWords } from '@/ui/school/use-class';
import type { SetWalk } from '../../address/mark/set-address';
import type { Entry } from './use-entry';
import type { SetInHand } from './use-set';

type Props = { readonly held: SetInHand; readonly entry: Entry; readonly walk: SetWalk };

/** What each key does in the grid; letters are the room's. */
function keyIn(event: KeyboardEvent, { actions }: Entry): (() => void) | null {
  const { key } = event;
  if (event.ctrlKey || event.metaKey || event.altKey) return null;
  if (/^[1-9]$/u.test(key)) return () => actions.usual(Number(key) - 1);
  switch (key) {
    case 'Enter':
    case ' ':
      return () => actions.right();
    case '0':
      return actions.blank;
    case '=':
      return actions.same;
    case '-':
    case '−':
      return actions.absent;
    case 'Delete':
    case 'Backspace':
      return actions.clear;
    case 'ArrowLeft':
      return () => actions.step({ question: -1 });
    case 'ArrowRight':
      return () => actions.step({ question: 1 });
    case 'ArrowUp':
      return () => actions.step({ person: -1 });
    case 'ArrowDown':
      return () => actions.step({ person: 1 });
    case 'Home':
      return () => actions.step({ question: -99 });
    case 'End':
      return () => actions.step({ question: 99 });
    default:
      return null;
  }
}

/** Rows that are drawn at once, and in each turn after it: nothing waits for all of a large class. */
const AT_ONCE = 4;
const A_TURN = 10;

/** Everybody's answers: a row a student, a column a question; every key is an answer. */
export function Grid({ held, entry }: Props) {
  const say = setWords(useWords()).enter;
  const { people, work } = held;
  const { place, actions } = entry;
  const box = useRef<HTMLDivElement>(null);
  const [drawn, setDrawn] = useState(AT_ONCE);
  useEffect(() => {
    if (drawn >= people.length) return;
    const timer = setTimeout(() => startTransition(() => setDrawn(drawn + A_TURN)));
    return () => clearTimeout(timer);
  }, [drawn, people.length]);
  const keys = (event: KeyboardEvent) => {
    if (!(event.target instanceof HTMLElement) || event.target.dataset['cell'] === undefined) return;
    const done = keyIn(event, entry);
    if (!done) return;
    event.preventDefault();
    done();
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: the cell in hand is found by what was drawn
  useEffect(() => {
    // What was just drawn is measured with the frame, and not before it.
    const frame = requestAnimationFrame(() => {
      const cell = box.current?.querySelector('[data-grid-at]');
      cell?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    });
    return () => cancelAnimationFrame(frame);
  }, [place.person, place.question]);
  return (
    <div ref={box} className="min-h-0 overflow-auto">
      {/* biome-ignore lint/a11y/noNoninteractiveElementToInteractiveRole: a grid that is walked by arrows, drawn as the table it is */}
      <table role="grid" aria-label={say.grid} className="set-grid" onKeyDown={keys}>
        <thead>
          <tr>
            <th scope="col" className="text-left">
              {say.student}
            </th>
            {work.questions.map(({ id }, at) => (
              <th
                key={id}
                scope="col"
                aria-label={say.question(at + 1)}
                data-at={at === place.question || undefined}
              >
                {at + 1}
              </th>
            ))}
            <th scope="col">{say.total}</th>
          </tr>
        </thead>
        <tbody>
          {people.slice(0, Math.max(drawn, place.person + 1)).map(({ id, name }, row) => {
            const paper = work.papers[row];
            if (!paper) return null;
            const states = work.questions.map((question) => cellOf(question, paper, work).state);
            const { answers, got, of } = totalOf(work, paper);
            return (
              <Row
                key={id}
                name={name}
                row={row}
                states={states.join(' ')}
                total={answers === 0 ? '' : `${half(got)}/${half(of)}`}
                at={row === place.person ? place.question : null}
                onChoose={actions.choose}
              />
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

type RowProps = {
  readonly name: string;
  readonly row: number;
  /** How each answer stands, parted by blanks: a row rests while it is the same text. */
  readonly states: string;
  readonly total: string;
  /** The column one stands in; null where it is another row. */
  readonly at: number | null;
  readonly onChoose: Entry['actions']['choose'];
};

const Row = memo(function Row({ name, row, states, total, at, onChoose }: RowProps) {
  const say = setWords(useWords()).enter;
  return (
    <tr data-at={at !== null || undefined}>
      <th scope="row" className="max-w-40 truncate text-left font-normal" title={name}>
        {name}
      </th>
      {(states.split(' ') as readonly CellState[]).map((state, column) => {
        const here = column === at;
        return (
          // biome-ignore lint/a11y/useKeyWithClickEvents: the grid hears the keys of all its cells
          <td
            key={column}
            tabIndex={here ? 0 : -1}
            data-cell=""
            data-state={state}
            data-grid-at={here ? '' : undefined}
            aria-label={say.cell(name, column + 1, state)}
            onClick={(event) => {
              onChoose({ person: row, question: column });
              event.currentTarget.focus();
            }}
          >
            <span aria-hidden="true">{say.signs[state]}</span>
          </td>
        );
      })}
      <td className="set-total">{total}</td>
    </tr>
  );
});
