import { sayTone } from '@/core/words/say-piece';
import { readWords } from '@/core/words/screen/read';
import { useWords } from '@/ui/school/use-class';
import type { ToneAnswer } from '@/workers/piece';

type Props = { readonly tone: ToneAnswer | null; readonly number: (bar: number) => number };

/** Why the note that was pressed sounds as it does. */
export function NoteCard({ tone, number }: Props) {
  const w = useWords();
  const say = readWords(w);
  const lines = tone ? sayTone(w, { ...tone, number }) : [say.note.none];
  return (
    <section aria-label={say.note.title} className="card flex flex-col gap-1.5 p-4">
      <h2 className="font-serif text-large">{say.note.title}</h2>
      <div role="status" className="flex flex-col gap-1">
        {lines.map((line) => (
          <p key={line} className={tone ? '' : 'text-quiet'}>
            {line}
          </p>
        ))}
        {tone?.tone.sign && !tone.tone.sign.courtesy && <p>{say.note.reaches(tone.reaches.length)}</p>}
      </div>
    </section>
  );
}
