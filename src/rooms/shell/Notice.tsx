import { type ReactNode, useState } from 'react';
import { ENGLISH } from '@/core/words/class-words';
import { type AddressProblem, sayAddressProblem, sayChosenProblem } from '@/core/words/say-address';
import { sayStoreProblem } from '@/core/words/say-store';
import { deriveWords } from '@/core/words/screen/derive';
import { MISSING_WORDS, sayMissing } from '@/core/words/screen/parts';
import type { SchoolState } from '@/store/school-state';
import { useMissing } from '@/ui/parts/use-missing';
import { useWords } from '@/ui/school/use-class';
import { isChosenHere } from './address-store';

type Props = {
  readonly problems: readonly AddressProblem[];
  readonly state: Pick<SchoolState, 'saving' | 'waiting'>;
};

/**
 * What could not be read, saved or loaded, in full sentences; it lies over the foot of the room and moves nothing. What an
 * address holds can be put away; what is wrong with keeping or loading stands as long as it is so.
 */
export function Notice({ problems, state: { saving, waiting } }: Props): ReactNode {
  const w = useWords();
  const missing = useMissing();
  const [closed, setClosed] = useState<readonly AddressProblem[] | null>(null);
  // Addresses are in English; what was chosen here is spoken of in the class's words.
  const sayOf = (problem: AddressProblem) =>
    isChosenHere() ? sayChosenProblem(w, problem) : sayAddressProblem(ENGLISH, problem);
  const read = closed === problems ? [] : problems.map(sayOf);
  const lines = [
    ...read,
    ...(typeof saving === 'object' ? [sayStoreProblem(saving, waiting)] : []),
    ...missing.map(sayMissing),
  ];
  if (lines.length === 0) return null;
  const gone = missing.some(({ why }) => why === 'failed');
  return (
    <div
      role="alert"
      className="card fixed bottom-18 left-1/2 z-30 flex max-h-[60dvh] w-max max-w-[min(46rem,calc(100vw-2rem))] -translate-x-1/2 items-start gap-4 overflow-y-auto border-wrong p-3 shadow-lg sm:bottom-4"
    >
      <ul className="grow">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {read.length > 0 && (
        <button type="button" className="control" onClick={() => setClosed(problems)}>
          {deriveWords(w).close}
        </button>
      )}
      {gone && (
        <button type="button" className="control" onClick={() => window.location.reload()}>
          {MISSING_WORDS.reload}
        </button>
      )}
    </div>
  );
}
