import { type CountedFifth, countedFifth } from '@/core/harmony/circle';
import type { SpelledNote } from '@/core/note/spelled';
import { sayFifth, sayInverted, sayThreeWays } from '@/core/words/say-fifth';
import { orbitWords } from '@/core/words/screen/orbit';
import { useWords } from '@/ui/school/use-class';

type Props = { readonly note: SpelledNote };

/** The fifth above and below a note, said three ways, and turned round. */
export function NotesCard({ note }: Props) {
  const w = useWords();
  const { notes: say } = orbitWords(w);
  const up = countedFifth(note, 1);
  const down = countedFifth(note, -1);
  return (
    <dl className="flex flex-col gap-3">
      {up && <Fifth title={say.up} fifth={up} />}
      {down && <Fifth title={say.down} fifth={down} />}
      {up && (
        <div>
          <dt className="text-small text-quiet">{say.three}</dt>
          <dd>
            <ul className="flex flex-col gap-1.5">
              {sayThreeWays(w, up).map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          </dd>
        </div>
      )}
      <div>
        <dt className="text-small text-quiet">{say.inverted}</dt>
        <dd className="flex flex-col gap-1.5">
          {up && <p>{sayInverted(w, up)}</p>}
          <p className="text-small text-quiet">{say.perfect}</p>
        </dd>
      </div>
    </dl>
  );
}

function Fifth({ title, fifth }: { readonly title: string; readonly fifth: CountedFifth }) {
  const w = useWords();
  return (
    <div>
      <dt className="text-small text-quiet">{title}</dt>
      <dd>
        <strong className="font-serif text-large">{w.note(fifth.to)}</strong> {sayFifth(w, fifth)}
      </dd>
    </div>
  );
}
