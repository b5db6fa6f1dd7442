import { BOARD_WORDS as SAY } from '@/core/words/screen/board';

/** So many that they can be taken in at a glance. */
const COUNTED = 14;

/** How much of a working has been given out: a moon a line, and in numbers where there are many. */
export function Progress({ given, of }: { readonly given: number; readonly of: number }) {
  const text = SAY.progress(given, of);
  if (of > COUNTED) return <p className="shrink-0 text-small text-quiet">{text}</p>;
  return (
    <p className="flex shrink-0 gap-1.5 pb-1">
      <span className="sr-only">{text}</span>
      {Array.from({ length: of }, (_, at) => (
        <span key={at} className="board-moon" data-given={at < given ? '' : undefined} aria-hidden="true" />
      ))}
    </p>
  );
}
