import { keysByEnds, signsOf } from '@/core/piece/quick';
import { keyName } from '@/core/words/say-key';
import { readWords } from '@/core/words/screen/read';
import { capital } from '@/core/words/vocabulary';
import { engraveSignature } from '@/engrave/staff';
import { SceneView } from '@/ui/scene/SceneView';
import { useWords } from '@/ui/school/use-class';
import type { ReadSentence } from '../address/read/read-address';

/** What is known of a piece by its signature and its ends: the signs on the staff, and every key that owns them. */
export function EndsView({ sentence, gone }: { readonly sentence: ReadSentence; readonly gone: boolean }) {
  const w = useWords();
  const say = readWords(w);
  const { fifths, last } = sentence;
  const scene = engraveSignature('treble', fifths, 260);
  const title = say.signs(fifths);
  return (
    <section aria-label={title} className="card flex min-w-0 flex-col gap-3 p-5">
      {gone && <p role="status">{say.actions.gone}</p>}
      <SceneView
        id="ends"
        scene={scene}
        title={title}
        description={w.noteList(signsOf(fifths))}
        style={{ width: 420, maxWidth: '100%' }}
      />
      <p className="font-serif text-large">
        {fifths === 0 ? capital(title) : `${capital(title)}: ${w.noteList(signsOf(fifths))}`}
      </p>
      {Math.abs(fifths) === 7 && <p>{fifths > 0 ? say.seven.sharps : say.seven.flats}</p>}
      <ul className="flex flex-wrap gap-x-5 gap-y-1">
        {keysByEnds(sentence).map(({ key }) => (
          <li key={keyName(w, key)} className={key.tonic === last ? 'font-bold' : ''}>
            {keyName(w, key)}
          </li>
        ))}
      </ul>
    </section>
  );
}
