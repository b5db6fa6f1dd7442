import type { MethodId } from '@/core/derive/derivation';
import type { Scale } from '@/core/scale/scale';
import { scaleName } from '@/core/words/say-scale';
import { whysFor } from '@/core/words/say-why';
import { DERIVE_SHEETS } from '@/core/words/screen/derive-sheets';
import { SideSheet } from '@/ui/SideSheet';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly scale: Scale;
  readonly method: MethodId;
};

/** How many rules stand open: those nearest to what is worked out. */
const OPEN = 2;

/** The short derivations behind the rules, those of this scale and method first. */
export function WhySheet({ open, onOpen, scale, method }: Props) {
  const w = useWords();
  const { why: say } = DERIVE_SHEETS;
  return (
    <SideSheet open={open} onOpen={onOpen} title={say.title} summary={say.summary(scaleName(w, scale))}>
      <div className="flex min-h-0 flex-col gap-2 overflow-y-auto">
        {whysFor(w, scale, method).map(({ id, title, lines }, index) => (
          <details key={id} open={index < OPEN} className="rounded-control border border-rule px-3 py-2">
            <summary className="cursor-pointer font-serif text-large font-bold">{title}</summary>
            <ol className="mt-2 flex list-decimal flex-col gap-1.5 pl-6">
              {lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ol>
          </details>
        ))}
      </div>
    </SideSheet>
  );
}
