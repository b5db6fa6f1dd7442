import { markWords } from '@/core/words/screen/mark';
import { GivenOn, type GivenProps } from '@/ui/question/GivenOn';
import { useWords } from '@/ui/school/use-class';

/** What was given beside what was expected, in a card of its own. */
export function GivenCard(props: GivenProps) {
  const say = markWords(useWords()).given;
  const { asked } = props;
  return (
    <section
      aria-label={say.title}
      className={`card flex min-w-0 shrink-0 flex-col justify-center overflow-hidden px-3 py-2 ${asked.kind === 'scale' ? 'min-h-64 grow basis-64' : ''}`}
    >
      <GivenOn {...props} expected />
    </section>
  );
}
