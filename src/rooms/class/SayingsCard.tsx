import { useId } from 'react';
import { ORDER_OF_FLATS, ORDER_OF_SHARPS } from '@/core/scale/signature';
import { checkSaying, SAYING_LIMIT } from '@/core/school/saying';
import { AUDIENCES, type Audience } from '@/core/school/settings';
import { sayingOf } from '@/core/words/class-words';
import { classRoomWords } from '@/core/words/screen/class';
import type { Group } from '@/store/group';
import { useWords } from '@/ui/school/use-class';
import { TypedField } from '@/ui/TypedField';

type Props = {
  readonly group: Group;
  readonly onType: (order: 'sharps' | 'flats', text: string) => void;
  readonly onWhom: (order: 'sharps' | 'flats', audience: Audience) => void;
};

/** The class's own sayings for the two orders, their initials checked as they are typed. */
export function SayingsCard({ group, onType, onWhom }: Props) {
  const say = classRoomWords(useWords()).sayings;
  return (
    <section aria-label={say.title} className="card mb-3 break-inside-avoid p-3">
      <h2 className="font-serif text-large font-bold">{say.title}</h2>
      <p className="mb-2 text-small text-quiet">{say.help}</p>
      {(['sharps', 'flats'] as const).map((order) => (
        <Saying
          key={order}
          order={order}
          saying={group.sayings[order]}
          whom={group.sayings[`${order}For`]}
          onType={onType}
          onWhom={onWhom}
        />
      ))}
    </section>
  );
}

type SayingProps = {
  readonly order: 'sharps' | 'flats';
  readonly saying: string;
  readonly whom: Audience;
} & Pick<Props, 'onType' | 'onWhom'>;

function Saying({ order, saying, whom, onType, onWhom }: SayingProps) {
  const w = useWords();
  const id = useId();
  const say = classRoomWords(w).sayings;
  const notes = order === 'sharps' ? ORDER_OF_SHARPS : ORDER_OF_FLATS;
  const check = checkSaying(saying, notes, w.settings.noteNames);
  const wrong = check.words.find(({ fits }) => !fits);
  const verdict = wrong
    ? say.wrong(wrong.word, wrong.letter)
    : check.missing.length > 0
      ? say.missing(check.missing.join(' '))
      : say.holds;
  return (
    <div className="mb-2">
      <p className="mb-1 font-serif">
        {notes.map((note, index) => {
          const word = check.words[index];
          const state = !word ? 'text-quiet' : word.fits ? 'text-correct font-bold' : 'text-wrong font-bold';
          return (
            <span key={note.letter} className={`mr-3 ${state}`}>
              {w.note(note)}
              {word ? (word.fits ? ' ✓' : ' ✗') : ''}
            </span>
          );
        })}
      </p>
      <TypedField
        label={say[order]}
        value={saying}
        limit={SAYING_LIMIT}
        onType={(text) => onType(order, text)}
        className="field"
        describedBy={id}
      />
      {saying.trim() !== '' && (
        <fieldset className="flex flex-wrap gap-x-4 gap-y-1 py-1 text-small">
          <legend className="sr-only">{say.whom(say[order])}</legend>
          {AUDIENCES.map((audience) => (
            <label key={audience} className="flex cursor-pointer items-center gap-1.5">
              <input
                type="radio"
                name={`${id}-whom`}
                checked={whom === audience}
                onChange={() => onWhom(order, audience)}
              />
              {say.audiences[audience]}
            </label>
          ))}
          {sayingOf(w, order) === '' && <p className="w-full text-quiet">{say.unsaid}</p>}
        </fieldset>
      )}
      <p id={id} role="status" className={`text-small ${wrong ? 'text-wrong' : 'text-quiet'}`}>
        {saying.trim() === '' ? '' : verdict}
      </p>
    </div>
  );
}
