import type { Key } from '@/core/harmony/key';
import { sayPassage } from '@/core/words/say-piece';
import { readWords } from '@/core/words/screen/read';
import { useWords } from '@/ui/school/use-class';
import type { OpenedPiece } from '@/workers/piece';
import { BarLinks } from './BarLinks';

type Props = {
  readonly opened: OpenedPiece;
  readonly onBar: (bar: number) => void;
  /** Leads to the way from one key to another on the circle. */
  readonly routeHref: (from: Key, to: Key) => string;
};

/** Where a piece goes: passages in other keys, the note that leads there, and the way on the circle. */
export function PassagesCard({ opened, onBar, routeHref }: Props) {
  const w = useWords();
  const say = readWords(w);
  const { passages, keys } = opened.reading;
  const home = keys[0]?.key;
  const number = (bar: number) => opened.numbers[bar] ?? bar + 1;
  return (
    <section aria-label={say.passages.title} className="card flex flex-col gap-2 p-4">
      <h2 className="font-serif text-large">{say.passages.title}</h2>
      {passages.length === 0 && <p className="text-quiet">{say.passages.none}</p>}
      <ul className="flex flex-col gap-2">
        {passages.slice(0, 30).map((each) => (
          <li key={each.from}>
            {say.passages.bars(number(each.from), number(each.to))}: {sayPassage(w, each)}{' '}
            <BarLinks bars={[number(each.ledIn)]} onBar={onBar} />{' '}
            {home && (
              <a className="underline" href={routeHref(home, each.key)}>
                {say.passages.way}
              </a>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
