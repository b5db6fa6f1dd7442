import { type SyntheticEvent, useState } from 'react';
import { asciiName } from '@/core/note/spelled';
import { NAMINGS, PRACTICE_PURPOSES } from '@/core/practice/log';
import type { ClassWords } from '@/core/words/class-words';
import { readKey } from '@/core/words/read-key';
import { readScale } from '@/core/words/read-scale';
import { logWords, NAMING_WORDS, PURPOSE_WORDS } from '@/core/words/screen/log';
import { INSTRUMENT_LIMIT, NAME_LIMIT, NOTE_LIMIT } from '@/store/limits';
import type { LogWords } from '@/store/logging';
import { useWords } from '@/ui/school/use-class';
import { keyCode } from '../address/read/read-address';
import { logKeyText } from './log-cells';
import type { Somebody } from './log-words';

type Props = {
  /** What it begins with. */
  readonly from: LogWords;
  /** Whether it is an entry that stands already. */
  readonly stands: boolean;
  readonly people: readonly Somebody[];
  readonly onSave: (entry: LogWords) => void;
  readonly onCancel: (() => void) | null;
};

/** The code of a typed key; empty for none, null for what is no key. */
function keyTyped(w: ClassWords, typed: string, before: string): string | null {
  const text = typed.trim();
  if (text === '') return '';
  if (text === (before && logKeyText(w, before))) return before;
  const reading = readKey(w, text);
  if (reading.ok) return keyCode(reading.key);
  const scale = readScale(w, text);
  return 'tonic' in scale && typeof scale.scale === 'string'
    ? `${asciiName(scale.tonic)} ${scale.scale}`
    : null;
}

/** An entry of the log, in a form as short as its kind. */
export function EntryForm({ from, stands, people, onSave, onCancel }: Props) {
  const w = useWords();
  const say = logWords(w).entry;
  const [draft, setDraft] = useState(from);
  const [key, setKey] = useState(from.key ? logKeyText(w, from.key) : '');
  const [told, setTold] = useState<string | null>(null);
  const { kind } = draft;
  const change = (more: Partial<LogWords>) => setDraft({ ...draft, ...more });
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    const code = keyTyped(w, key, from.key);
    if (draft.title.trim() === '') return setTold(say.untitled);
    if (code === null) return setTold(say.keyWrong(key.trim()));
    onSave({ ...draft, title: draft.title.trim(), key: code });
    if (!stands) {
      setDraft({ ...from, day: draft.day, person: draft.person });
      setKey('');
    }
    setTold(null);
  };
  const field = (label: string, name: 'title' | 'instrument' | 'source', limit: number) => (
    <label className="flex min-w-0 flex-col gap-0.5">
      <span className="text-quiet text-small">{label}</span>
      <input
        className="field"
        value={draft[name]}
        maxLength={limit}
        onChange={({ target }) => change({ [name]: target.value })}
      />
    </label>
  );
  const long = (label: string, name: 'text' | 'answer') => (
    <label className="flex flex-col gap-0.5">
      <span className="text-quiet text-small">{label}</span>
      <textarea
        className="field field-sizing-content"
        rows={2}
        value={draft[name]}
        maxLength={NOTE_LIMIT}
        onChange={({ target }) => change({ [name]: target.value })}
      />
    </label>
  );
  const keyField = (
    <label className="flex min-w-0 flex-col gap-0.5">
      <span className="text-quiet text-small">{say.key}</span>
      <input
        className="field"
        value={key}
        maxLength={40}
        placeholder={say.keyHint(logKeyText(w, 'E minor'))}
        onChange={({ target }) => setKey(target.value)}
      />
    </label>
  );
  return (
    <section aria-label={stands ? say.change : say.fresh[kind]} className="card p-4">
      <form className="flex flex-col gap-2" onSubmit={submit}>
        <h2 className="font-serif text-large">{stands ? say.change : say.fresh[kind]}</h2>
        {field(say.title[kind], 'title', NAME_LIMIT)}
        <div className="grid grid-cols-2 gap-2">
          <label className="flex flex-col gap-0.5">
            <span className="text-quiet text-small">{say.day}</span>
            <input
              type="date"
              required
              className="field"
              value={draft.day}
              onChange={({ target }) => target.value && change({ day: target.value })}
            />
          </label>
          <label className="flex min-w-0 flex-col gap-0.5">
            <span className="text-quiet text-small">{say.who}</span>
            <select
              className="field"
              value={draft.person ?? ''}
              onChange={({ target }) => change({ person: target.value || null })}
            >
              <option value="">{say.class}</option>
              {people.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </label>
        </div>
        {kind === 'practice' && keyField}
        {kind === 'piece' && (
          <>
            <div className="grid grid-cols-2 gap-2">
              {keyField}
              {field(say.instrument, 'instrument', INSTRUMENT_LIMIT)}
            </div>
            {field(say.source, 'source', NAME_LIMIT)}
          </>
        )}
        {kind === 'practice' && <PracticeFields draft={draft} onChange={change} />}
        {long(say.text[kind], 'text')}
        {kind === 'question' && long(say.answer, 'answer')}
        {told && (
          <p role="alert" className="text-wrong">
            {told}
          </p>
        )}
        <div className="flex gap-2">
          <button type="submit" className="control bg-ink! text-sheet!">
            {stands ? say.done : say.add}
          </button>
          {onCancel && (
            <button type="button" className="control" onClick={onCancel}>
              {say.fresh[kind]}
            </button>
          )}
        </div>
      </form>
    </section>
  );
}

type FieldsProps = { readonly draft: LogWords; readonly onChange: (more: Partial<LogWords>) => void };

/** Minutes, repeats by what was sung on them, and what it was for. */
function PracticeFields({ draft, onChange }: FieldsProps) {
  const say = logWords(useWords()).entry;
  const number = (text: string, most: number) => Math.max(0, Math.min(most, Math.round(Number(text)) || 0));
  return (
    <>
      <div className="grid grid-cols-2 gap-2">
        <label className="flex flex-col gap-0.5">
          <span className="text-quiet text-small">{say.minutes}</span>
          <input
            type="number"
            min={0}
            max={1440}
            className="field"
            value={draft.minutes}
            onChange={({ target }) => onChange({ minutes: number(target.value, 1440) })}
          />
        </label>
        <label className="flex min-w-0 flex-col gap-0.5">
          <span className="text-quiet text-small">{say.purpose}</span>
          <select
            className="field"
            value={draft.purpose ?? ''}
            onChange={({ target }) =>
              onChange({ purpose: PRACTICE_PURPOSES.find((each) => each === target.value) ?? null })
            }
          >
            <option value="">{say.noPurpose}</option>
            {PRACTICE_PURPOSES.map((each) => (
              <option key={each} value={each}>
                {PURPOSE_WORDS[each]}
              </option>
            ))}
          </select>
        </label>
      </div>
      <fieldset className="grid grid-cols-2 gap-x-2 gap-y-1">
        <legend className="text-quiet text-small">{say.repeats}</legend>
        {NAMINGS.map((naming) => (
          <label key={naming} className="flex items-center justify-between gap-2 text-small">
            {NAMING_WORDS[naming]}
            <input
              type="number"
              min={0}
              max={999}
              className="field w-16"
              value={draft.repeats[naming] ?? 0}
              onChange={({ target }) => {
                const { [naming]: _, ...rest } = draft.repeats;
                const count = number(target.value, 999);
                onChange({ repeats: count > 0 ? { ...rest, [naming]: count } : rest });
              }}
            />
          </label>
        ))}
      </fieldset>
    </>
  );
}
