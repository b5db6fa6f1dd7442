import { PRACTICE_WORDS } from '@/core/words/screen/practice';
import { NOTE_LIMIT } from '@/store/limits';
import { TypedField } from '@/ui/TypedField';
import type { Remembers } from './use-practice';

/** What the teacher says of hands and posture on this instrument and scale. */
export function HandNote({ hand }: { readonly hand: Remembers }) {
  const say = PRACTICE_WORDS.hand;
  return (
    <TypedField
      long
      label={say.note}
      value={hand.is.note}
      limit={NOTE_LIMIT}
      placeholder={say.example}
      className="field"
      onType={(note) => hand.note({ note })}
    />
  );
}
