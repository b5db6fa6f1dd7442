import { Minus, Check as Tick, X } from 'lucide-react';
import { memo } from 'react';
import type { Check } from '@/core/derive/proof';
import { sayCheck } from '@/core/words/say-check';
import { deriveWords } from '@/core/words/screen/derive';
import { useWords } from '../school/use-class';

/** The proof of the finished scale, one line a check, each with its own sign. */
export const Proof = memo(function Proof({ proof }: { readonly proof: readonly Check[] }) {
  const w = useWords();
  return (
    <section aria-labelledby="proof-title" className="border-t border-rule pt-3">
      <h2 id="proof-title" className="sr-only">
        {deriveWords(w).surfaces.proof}
      </h2>
      <ul className="grid gap-x-4 gap-y-0.5 text-small">
        {proof.map((check) => (
          <li key={check.check} className="flex items-start gap-2">
            <Mark holds={check.holds} />
            <span>{sayCheck(w, check)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
});

const Mark = memo(function Mark({ holds }: { readonly holds: boolean | null }) {
  const say = deriveWords(useWords()).marks;
  if (holds === null) return <Minus className="mt-0.5 size-4 shrink-0 text-quiet" aria-label={say.none} />;
  return holds ? (
    <Tick className="mt-0.5 size-4 shrink-0 text-correct" aria-label={say.holds} />
  ) : (
    <X className="mt-0.5 size-4 shrink-0 text-wrong" aria-label={say.fails} />
  );
});
