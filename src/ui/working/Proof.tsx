import { Minus, Check as Tick, X } from 'lucide-react';
import { memo } from 'react';
import type { Check } from '@/core/derive/proof';
import { sayCheck } from '@/core/words/say-check';

/** The proof of the finished scale, one line a check, each with its own sign. */
export const Proof = memo(function Proof({ proof }: { readonly proof: readonly Check[] }) {
  return (
    <section aria-labelledby="proof-title" className="border-t border-rule pt-3">
      <h2 id="proof-title" className="sr-only">
        Proof
      </h2>
      <ul className="grid gap-x-4 gap-y-0.5 text-small">
        {proof.map((check) => (
          <li key={check.check} className="flex items-start gap-2">
            <Mark holds={check.holds} />
            <span>{sayCheck(check)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
});

function Mark({ holds }: { readonly holds: boolean | null }) {
  if (holds === null)
    return <Minus className="mt-0.5 size-4 shrink-0 text-quiet" aria-label="Does not apply" />;
  return holds ? (
    <Tick className="mt-0.5 size-4 shrink-0 text-correct" aria-label="Holds" />
  ) : (
    <X className="mt-0.5 size-4 shrink-0 text-wrong" aria-label="Fails" />
  );
}
