import { useState } from 'react';
import { ENGLISH } from '@/core/words/class-words';
import { type AddressProblem, sayAddressProblem, sayChosenProblem } from '@/core/words/say-address';
import { type StoreProblem, sayStoreProblem } from '@/core/words/say-store';
import { deriveWords } from '@/core/words/screen/derive';
import { useWords } from '@/ui/school/use-class';
import { isChosenHere } from '../common/address-store';

type Props = {
  readonly problems: readonly AddressProblem[];
  readonly saving: 'saved' | 'saving' | StoreProblem;
};

/** What could not be read or saved, in full sentences; it lies over the foot of the room and moves nothing. */
export function Notice({ problems, saving }: Props) {
  const w = useWords();
  const [closed, setClosed] = useState<readonly AddressProblem[] | null>(null);
  // Addresses are in English; what was chosen here is spoken of in the class's words.
  const sayOf = (problem: AddressProblem) =>
    isChosenHere() ? sayChosenProblem(w, problem) : sayAddressProblem(ENGLISH, problem);
  const said = closed === problems ? [] : problems.map(sayOf);
  const lines = typeof saving === 'object' ? [...said, sayStoreProblem(saving)] : said;
  if (lines.length === 0) return null;
  return (
    <div
      role="alert"
      className="card fixed bottom-4 left-1/2 z-30 flex max-h-[60dvh] w-max max-w-[min(46rem,calc(100vw-2rem))] -translate-x-1/2 items-start gap-4 overflow-y-auto border-wrong p-3 shadow-lg"
    >
      <ul className="grow">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {said.length > 0 && (
        <button type="button" className="control" onClick={() => setClosed(problems)}>
          {deriveWords(w).close}
        </button>
      )}
    </div>
  );
}
