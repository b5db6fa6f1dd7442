import { useState } from 'react';
import { type StoreProblem, sayStoreProblem } from '@/store/problem';
import type { AddressProblem } from './address';
import { sayAddressProblem } from './say-address';

type Props = {
  readonly problems: readonly AddressProblem[];
  readonly saving: 'saved' | 'saving' | StoreProblem;
};

/** What could not be read or saved, in full sentences, above the work. */
export function Notice({ problems, saving }: Props) {
  const [closed, setClosed] = useState<readonly AddressProblem[] | null>(null);
  const said = closed === problems ? [] : problems.map(sayAddressProblem);
  const lines = typeof saving === 'object' ? [...said, sayStoreProblem(saving)] : said;
  if (lines.length === 0) return null;
  return (
    <div role="alert" className="card flex items-start gap-4 border-wrong p-3">
      <ul className="grow">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {said.length > 0 && (
        <button type="button" className="control" onClick={() => setClosed(problems)}>
          Close
        </button>
      )}
    </div>
  );
}
