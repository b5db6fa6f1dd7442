import { ArrowDown, ArrowUp, Pin, PinOff, RefreshCw, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { fieldsAsked } from '@/core/exercise/kinds/all';
import { USUAL_FIELDS } from '@/core/exercise/kinds/fields';
import { askedIn, readItemCode, type SheetItem } from '@/core/exercise/sheet/task/all';
import { CIRCLE_PARTS } from '@/core/exercise/sheet/task/circle';
import { MOST_ROWS, STAFF_SORTS } from '@/core/exercise/sheet/task/staff';
import { FORM_WORDS, STAFF_WORDS } from '@/core/words/say-task';
import { sheetsWords } from '@/core/words/screen/sheets';
import { Hint } from '@/ui/Hint';
import { IconButton } from '@/ui/IconButton';
import { useWords } from '@/ui/school/use-class';
import { Sentence } from '@/ui/sentence/Sentence';
import { pickedFields, questionParts } from '../shell/question-words';
import { withWords } from './new-item';
import type { Places } from './use-places';

type Props = { readonly places: Places };

/** What can be done with the question that is chosen. */
export function PlaceCard({ places }: Props) {
  const w = useWords();
  const { panel: say } = sheetsWords(w);
  const { at, slot, row, slots, actions } = places;
  if (!slot || !row) return null;
  const made = slot.from.is === 'made';
  return (
    <div className="grid shrink-0 gap-2 border-t border-rule pt-2" data-place-card="">
      <div className="flex flex-wrap items-center gap-1.5">
        <button
          type="button"
          className="control"
          title={say.anotherWhy}
          disabled={!made}
          onClick={actions.another}
        >
          <RefreshCw className="size-4" aria-hidden="true" />
          {say.another}
          <Hint text="E" />
        </button>
        <button type="button" className="control" aria-pressed={slot.pinned} onClick={actions.pin}>
          {slot.pinned ? (
            <PinOff className="size-4" aria-hidden="true" />
          ) : (
            <Pin className="size-4" aria-hidden="true" />
          )}
          {say.pin}
          <Hint text="F" />
        </button>
        <IconButton
          icon={ArrowUp}
          label={say.up}
          disabled={at === 0}
          onClick={() => actions.move(at, at - 1)}
        />
        <IconButton
          icon={ArrowDown}
          label={say.down}
          disabled={at === slots.length - 1}
          onClick={() => actions.move(at, at + 1)}
        />
        <IconButton icon={Trash2} label={say.remove} onClick={actions.remove} />
      </div>
      <div className="flex flex-wrap items-center gap-x-2 gap-y-1.5 text-small">
        <button type="button" className="control" onClick={actions.form}>
          <span className="sr-only">{say.form}: </span>
          {FORM_WORDS[slot.form]}
          <Hint text="M" />
        </button>
        <Count label={say.marks} value={row.marks} onBy={actions.marks} />
        <Count label={say.room} value={slot.room} onBy={actions.room} />
      </div>
      <ChangeItem key={row.code} code={row.code} onItem={actions.replace} />
    </div>
  );
}

type CountProps = {
  readonly label: string;
  readonly value: number;
  readonly onBy: (by: number) => void;
};

/** A small number with a step down and a step up. */
function Count({ label, value, onBy }: CountProps) {
  const w = useWords();
  const { panel: say } = sheetsWords(w);
  return (
    <fieldset className="flex items-center gap-1">
      <legend className="sr-only">{label}</legend>
      <span className="text-quiet">{label}</span>
      <button type="button" className="control px-1.5" aria-label={say.less(label)} onClick={() => onBy(-1)}>
        −
      </button>
      <output className="min-w-4 text-center tabular-nums">{value}</output>
      <button type="button" className="control px-1.5" aria-label={say.more(label)} onClick={() => onBy(1)}>
        +
      </button>
    </fieldset>
  );
}

type ChangeProps = { readonly code: string; readonly onItem: (item: SheetItem) => void };

/** The question as words that can be changed; of staves and circles what they are. */
function ChangeItem({ code, onItem }: ChangeProps) {
  const w = useWords();
  const { panel: say } = sheetsWords(w);
  const [word, setWord] = useState<string | null>(null);
  const [refused, setRefused] = useState(false);
  const item = readItemCode(code, w.settings);
  const asked = item && askedIn(item);
  if (!item) return null;
  if (item.task === 'staff')
    return (
      <div className="flex flex-wrap gap-3 text-small">
        <label className="flex items-center gap-1.5">
          {say.staffSort}
          <select
            className="field"
            value={item.sort}
            onChange={({ target }) => {
              const sort = STAFF_SORTS.find((each) => each === target.value);
              if (sort) onItem({ ...item, sort });
            }}
          >
            {STAFF_SORTS.map((sort) => (
              <option key={sort} value={sort}>
                {STAFF_WORDS[sort]}
              </option>
            ))}
          </select>
        </label>
        <Count
          label={say.rows}
          value={item.rows}
          onBy={(by) => onItem({ ...item, rows: Math.max(1, Math.min(MOST_ROWS, item.rows + by)) })}
        />
      </div>
    );
  if (item.task === 'circle')
    return (
      <label className="flex items-center gap-1.5 text-small">
        {say.circlePart}
        <select
          className="field"
          value={item.part}
          onChange={({ target }) => {
            const part = CIRCLE_PARTS.find((each) => each === target.value);
            if (part) onItem({ ...item, part });
          }}
        >
          {CIRCLE_PARTS.map((part) => (
            <option key={part} value={part}>
              {say.circleParts[part]}
            </option>
          ))}
        </select>
      </label>
    );
  if (!asked) return null;
  const fields = { ...USUAL_FIELDS, ...fieldsAsked(asked) };
  const pick = (id: string, value: string) => {
    setWord(null);
    const next = withWords(item, fields, pickedFields(id, value), w.settings);
    setRefused(!next);
    if (next) onItem(next);
  };
  return (
    <div data-change="">
      <Sentence
        as="card"
        parts={questionParts(w, { kind: asked.kind, fields }).map((part) =>
          typeof part === 'string' ? part : { ...part, key: '' },
        )}
        open={word}
        onOpen={setWord}
        onPick={pick}
      />
      <p role="status" className="text-small text-wrong empty:hidden">
        {refused ? say.noSuchTask : ''}
      </p>
    </div>
  );
}
