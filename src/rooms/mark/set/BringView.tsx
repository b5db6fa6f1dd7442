import { useState } from 'react';
import { setWords } from '@/core/words/screen/set';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { part } from '@/ui/parts/part';
import { useWords } from '@/ui/school/use-class';
import { BringFiles } from './BringFiles';
import { BringPlayed } from './BringPlayed';
import type { BringHands } from './brought';
import type { SetInHand } from './use-set';

type Props = { readonly held: SetInHand; readonly hands: BringHands };

const BringTable = part('set', () => import('./BringTable').then((module) => module.BringTable));

/** The ways in which answers come, each a card of its own; one is open at a time. */
const WAYS = ['files', 'table', 'midi'] as const;

/** Bringing answers in: files, a table, a keyboard. */
export function BringView({ held, hands }: Props) {
  const words = setWords(useWords());
  const say = words.bring;
  const [way, setWay] = useState<(typeof WAYS)[number]>('files');
  const Way = { files: BringFiles, table: BringTable, midi: BringPlayed }[way];
  return (
    <div className="flex min-h-0 grow flex-col gap-3 room:overflow-y-auto">
      <fieldset className="flex flex-wrap gap-2">
        <legend className="sr-only">{say.ways}</legend>
        {WAYS.map((each) => (
          <label
            key={each}
            className={`control cursor-pointer ${each === way ? 'bg-ink! text-sheet!' : ''} has-focus-visible:outline-2`}
          >
            <input
              type="radio"
              name="way"
              className="sr-only"
              checked={each === way}
              onChange={() => setWay(each)}
            />
            {say[each]}
          </label>
        ))}
      </fieldset>
      <ErrorBoundary what={words.cards.bring} size="card" about={way}>
        <Way held={held} hands={hands} />
      </ErrorBoundary>
    </div>
  );
}
