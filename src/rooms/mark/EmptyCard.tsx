import { noteNamed } from '@/core/note/parse';
import { markWords } from '@/core/words/screen/mark';
import { useWords } from '@/ui/school/use-class';
import { markHref } from '../address/mark/mark-address';
import { FIRST, type MarkSentence } from '../address/mark/mark-sentence';
import { GoLink } from '../shell/GoLink';

/** An answer to try: the raised 6th in a harmonic minor. */
const EXAMPLE_NOTES = 'B C# D E F# G# A# B'.split(' ').map(noteNamed);

const EXAMPLE: MarkSentence = {
  ...FIRST,
  given: {
    is: 'scale',
    notes: EXAMPLE_NOTES.map((note) => ({ note, octave: null, printed: undefined })),
  },
};

/** What to do before anything is entered, with one answer to try. */
export function EmptyCard() {
  const w = useWords();
  const say = markWords(w).given;
  return (
    <section
      aria-label={say.title}
      className="card flex min-h-52 grow basis-64 flex-col justify-center gap-3 px-6 py-4"
    >
      <p className="font-serif text-large">{say.empty}</p>
      <p>
        {say.try}:{' '}
        <GoLink href={markHref(EXAMPLE)}>
          {markWords(w).example(
            w.scale(EXAMPLE.fields.tonic, EXAMPLE.fields.scale),
            EXAMPLE_NOTES.map(w.note).join(' '),
          )}
        </GoLink>
      </p>
    </section>
  );
}
