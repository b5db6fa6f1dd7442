import { useState } from 'react';
import type { Key } from '@/core/harmony/key';
import type { Candidate, Evidence } from '@/core/piece/key/evidence';
import { inOrder } from '@/core/piece/key/in-order';
import { type Verdict, verdictOf } from '@/core/piece/key/key-of-piece';
import { PATTERNS, SCALE_IDS } from '@/core/scale/pattern';
import { sayEvidence } from '@/core/words/say-evidence';
import { keyName } from '@/core/words/say-key';
import { sayVerdict } from '@/core/words/say-piece';
import { readWords } from '@/core/words/screen/read';
import { useWords } from '@/ui/school/use-class';
import { keyCode } from '../address/read/read-address';
import { BarLinks } from './BarLinks';

type Props = {
  readonly keys: readonly Candidate[];
  readonly onBar: ((bar: number) => void) | null;
  /** Leads to the working of a key. */
  readonly deriveHref: (key: Key) => string;
};

/** The scale id of a mode, as addresses have it. */
export const scaleIdOf = (key: Key) => SCALE_IDS.find((id) => PATTERNS[id].mode === key.mode) ?? 'major';

/** Every key a piece can be in, what speaks for each and against it, and then what can be said. */
export function KeysCard({ keys, onBar, deriveHref }: Props) {
  const w = useWords();
  const say = readWords(w);
  const verdict = verdictOf(keys);
  const [chosen, setChosen] = useState<string | null>(null);
  const [best] = keys;
  const shown = keys.find(({ key }) => keyCode(key) === chosen) ?? best;
  if (!shown) return null;
  return (
    <section aria-label={say.keys.title} className="card flex flex-col gap-2 p-4">
      <h2 className="font-serif text-large">{say.keys.title}</h2>
      <ul aria-label={say.keys.candidates} className="flex flex-wrap gap-1.5">
        {inOrder(keys).map((each) => (
          <li key={keyCode(each.key)}>
            <button
              type="button"
              aria-pressed={each === shown}
              aria-label={`${keyName(w, each.key)}, ${say.keys.sureSaid(each.sure)}, ${each.owns ? say.keys.owns : say.keys.other}`}
              className="control candidate"
              onClick={() => setChosen(keyCode(each.key))}
            >
              <span className="font-serif">{keyName(w, each.key)}</span>
              <span className="tabular-nums opacity-80">{say.keys.sure(each.sure)}</span>
            </button>
          </li>
        ))}
      </ul>
      <EvidenceList candidate={shown} onBar={onBar} />
      <p className="text-quiet text-small">{say.keys.home}</p>
      <p className="font-serif text-large" role="status">
        <VerdictText verdict={verdict} />
      </p>
      {verdict.is !== 'open' && (
        <a className="control self-start" href={deriveHref(verdict.best.key)}>
          {say.keys.derive}
        </a>
      )}
    </section>
  );
}

function VerdictText({ verdict }: { readonly verdict: Verdict }) {
  return sayVerdict(useWords(), verdict);
}

function EvidenceList({
  candidate,
  onBar,
}: {
  readonly candidate: Candidate;
  readonly onBar: Props['onBar'];
}) {
  const w = useWords();
  const say = readWords(w);
  const sorted = candidate.evidence.toSorted((a, b) => Math.abs(b.weight) - Math.abs(a.weight));
  const list = (title: string, lines: readonly Evidence[], sign: string) =>
    lines.length > 0 && (
      <div>
        <h3 className="text-quiet text-small">{title}</h3>
        <ul className="flex flex-col gap-1">
          {lines.map((line) => (
            <li key={line.code} className="flex gap-2">
              <span aria-hidden="true" className={sign === '+' ? 'text-right' : 'text-wrong'}>
                {sign}
              </span>
              <span>
                {sayEvidence(w, candidate.key, line)} <BarLinks bars={line.bars} onBar={onBar} />
              </span>
            </li>
          ))}
        </ul>
      </div>
    );
  return (
    <div className="flex flex-col gap-2" aria-live="polite">
      <h3 className="font-serif">{keyName(w, candidate.key)}</h3>
      {list(
        say.keys.speaksFor,
        sorted.filter(({ weight }) => weight >= 0),
        '+',
      )}
      {list(
        say.keys.against,
        sorted.filter(({ weight }) => weight < 0),
        '−',
      )}
    </div>
  );
}
