import { Trash2 } from 'lucide-react';
import { type SyntheticEvent, useRef, useState } from 'react';
import { classRoomWords } from '@/core/words/screen/class';
import { INSTRUMENT_LIMIT, PERSON_NAME_LIMIT } from '@/store/limits';
import type { Person } from '@/store/person';
import { IconButton } from '@/ui/IconButton';
import { Sure } from '@/ui/Sure';
import { useWords } from '@/ui/school/use-class';
import { TypedField } from '@/ui/TypedField';

type Props = {
  readonly people: readonly Person[];
  readonly onAdd: (words: Pick<Person, 'name' | 'instrument'>) => void;
  readonly onEdit: (person: Person, words: Partial<Pick<Person, 'name' | 'instrument'>>) => void;
  readonly onErase: (person: Person) => void;
};

/** Who is in the class, and with what. */
export function PeoplePart({ people, onAdd, onEdit, onErase }: Props) {
  const say = classRoomWords(useWords()).people;
  const [leaving, setLeaving] = useState<string | null>(null);
  return (
    <section aria-labelledby="people-title" className="card max-w-3xl p-4">
      <h2 id="people-title" className="font-serif text-large font-bold">
        {say.title}
      </h2>
      <p className="mb-3 text-small text-quiet">{say.help}</p>
      <AddPerson onAdd={onAdd} />
      {people.length === 0 && <p className="py-3">{say.none}</p>}
      <ul className="mt-3 grid gap-1.5">
        {people.map((person) => (
          <li key={person.id}>
            <div className="flex gap-1.5">
              <TypedField
                label={say.nameOf(person.name)}
                value={person.name}
                limit={PERSON_NAME_LIMIT}
                onType={(name) => onEdit(person, { name })}
                className="field font-semibold"
              />
              <TypedField
                label={say.instrumentOf(person.name)}
                value={person.instrument}
                limit={INSTRUMENT_LIMIT}
                placeholder={say.instrument}
                onType={(instrument) => onEdit(person, { instrument })}
                className="field placeholder:text-quiet"
              />
              <IconButton
                icon={Trash2}
                label={say.remove(person.name)}
                onClick={() => setLeaving(person.id)}
              />
            </div>
            {leaving === person.id && (
              <Sure
                label={say.remove(person.name)}
                text={say.sure(person.name)}
                keep={say.keep}
                doIt={say.removeNow}
                onKeep={() => setLeaving(null)}
                onDo={() => {
                  setLeaving(null);
                  onErase(person);
                }}
              />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function AddPerson({ onAdd }: Pick<Props, 'onAdd'>) {
  const say = classRoomWords(useWords()).people;
  const [name, setName] = useState('');
  const [instrument, setInstrument] = useState('');
  const first = useRef<HTMLInputElement>(null);
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    // A line from somebody's list may be put in whole: Ada, viola.
    const [before = '', after] = name.split(',', 2);
    if (before.trim() === '') return;
    onAdd({
      name: before.trim(),
      instrument: (instrument || (after ?? '')).trim().slice(0, INSTRUMENT_LIMIT),
    });
    setName('');
    setInstrument('');
    first.current?.focus();
  };
  return (
    <form className="flex gap-1.5" onSubmit={submit}>
      <input
        ref={first}
        className="field placeholder:text-quiet"
        aria-label={say.name}
        placeholder={say.name}
        maxLength={PERSON_NAME_LIMIT}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <input
        className="field placeholder:text-quiet"
        aria-label={say.instrument}
        placeholder={say.instrument}
        maxLength={INSTRUMENT_LIMIT}
        value={instrument}
        onChange={(event) => setInstrument(event.target.value)}
      />
      <button type="submit" className="control shrink-0">
        {say.add}
      </button>
    </form>
  );
}
