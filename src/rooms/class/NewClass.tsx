import { type SyntheticEvent, useState } from 'react';
import { CHOICES, SETTINGS, type Settings, USUAL_SETTINGS, withSetting } from '@/core/school/settings';
import { wordsOf } from '@/core/words/class-words';
import { classRoomWords } from '@/core/words/screen/class';
import { settingExample } from '@/core/words/setting-example';
import { GROUP_NAME_LIMIT } from '@/store/limits';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly onStart: (name: string, settings: Partial<Settings>) => void;
  /** Null where there is no class yet to go back to. */
  readonly onCancel: (() => void) | null;
  /** Goes to the backups, which need no class. */
  readonly onSafe: () => void;
};

const ASKED = ['noteNames', 'stepWords'] as const;

/** The two questions a new class begins with, and three lines about what there is. */
export function NewClass({ onStart, onCancel, onSafe }: Props) {
  const room = classRoomWords(useWords());
  const say = room.new;
  const [name, setName] = useState('');
  const [settings, setSettings] = useState(USUAL_SETTINGS);
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    onStart(name.trim() || say.unnamed, { noteNames: settings.noteNames, stepWords: settings.stepWords });
  };
  return (
    <form onSubmit={submit} className="grid gap-4 wide:grid-cols-[1fr_1fr_20rem]">
      <div className="wide:col-span-3">
        <h1 className="font-serif text-sentence">{say.title}</h1>
        <p className="mb-3 text-quiet">{say.text}</p>
        <label className="block max-w-md">
          {say.name}
          <input
            className="field placeholder:text-quiet"
            maxLength={GROUP_NAME_LIMIT}
            placeholder={say.namePlaceholder}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
      </div>
      {ASKED.map((asked) => (
        <fieldset key={asked} className="card p-3">
          <legend className="float-left mb-1.5 w-full font-serif text-large font-bold">
            {SETTINGS[asked].title}
          </legend>
          <div className="clear-both grid gap-1">
            {CHOICES[asked].map((value) => (
              <label
                key={value}
                className="flex cursor-pointer gap-2.5 rounded-control px-2 py-1 hover:bg-now"
              >
                <input
                  type="radio"
                  className="mt-1 size-4 shrink-0"
                  name={asked}
                  checked={settings[asked] === value}
                  onChange={() => setSettings(withSetting(settings, asked, value))}
                />
                <span>
                  {SETTINGS[asked].choices[value]}
                  <span className="block font-serif text-small text-quiet">
                    {settingExample(wordsOf(withSetting(settings, asked, value)), SETTINGS[asked])}
                  </span>
                </span>
              </label>
            ))}
          </div>
        </fieldset>
      ))}
      <section aria-label={say.three}>
        <h2 className="mb-1.5 font-serif text-large font-bold">{say.three}</h2>
        <ol className="grid list-decimal gap-2 pl-5">
          {say.lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ol>
      </section>
      <div className="flex gap-2 wide:col-span-3">
        <button type="submit" className="control font-semibold">
          {say.start}
        </button>
        {onCancel && (
          <button type="button" className="control" onClick={onCancel}>
            {say.cancel}
          </button>
        )}
        <button type="button" className="control" onClick={onSafe}>
          {room.parts.safe}
        </button>
      </div>
    </form>
  );
}
