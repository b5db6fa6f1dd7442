import { useEffect, useState } from 'react';
import { SHELF_WORDS as SAY } from '@/core/words/screen/shelf';
import type { Kept } from '@/store/kept';
import { MOST_MINUTES } from '@/store/limits';

type Props = {
  readonly item: Kept;
  readonly onMinutes: (minutes: number | null) => void;
};

/** How many minutes of the lesson a sentence is given; empty where none were said. */
export function MinutesField({ item, onMinutes }: Props) {
  const stored = item.minutes === null ? '' : String(item.minutes);
  const [typed, setTyped] = useState(stored);
  useEffect(() => setTyped(stored), [stored]);
  const type = (text: string) => {
    const digits = text.replace(/\D/gu, '').slice(0, 3);
    setTyped(digits);
    const minutes = Number(digits);
    // Nothing is stored of what is no number of minutes; it stands in the field until it is one.
    if (digits === '') onMinutes(null);
    else if (minutes >= 1 && minutes <= MOST_MINUTES) onMinutes(minutes);
  };
  return (
    <label className="flex shrink-0 items-center gap-1 text-small text-quiet">
      <input
        inputMode="numeric"
        aria-label={SAY.minutesOf(item.name)}
        aria-invalid={typed !== '' && (Number(typed) < 1 || Number(typed) > MOST_MINUTES)}
        className="field w-11 px-1 text-right"
        value={typed}
        onChange={(event) => type(event.target.value)}
        onBlur={() => setTyped(stored)}
      />
      {SAY.minutes}
    </label>
  );
}
