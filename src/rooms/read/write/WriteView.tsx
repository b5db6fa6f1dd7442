import { useMemo, useState } from 'react';
import { CLEFS } from '@/core/instrument/staff';
import { fifths } from '@/core/note/spelled';
import { PIECE_QUARTER } from '@/core/piece/piece';
import { type BarEntry, entryOfBars } from '@/core/piece/write/bar-entry';
import { readBarText, writeBarText } from '@/core/piece/write/bar-text';
import { pieceOfWords } from '@/core/piece/write/piece-of-words';
import { sayBarProblem } from '@/core/words/say-piece';
import { readWords } from '@/core/words/screen/read';
import { CLEF_WORDS } from '@/core/words/vocabulary';
import { BARS_LIMIT, NAME_LIMIT } from '@/store/limits';
import type { StoredPiece } from '@/store/piece';
import type { PieceWords } from '@/store/pieces';
import { useWords } from '@/ui/school/use-class';
import { TypedField } from '@/ui/TypedField';
import { WriteStaff } from './WriteStaff';

type Props = {
  readonly piece: StoredPiece;
  readonly onChange: (more: Partial<PieceWords>) => void;
  readonly onDone: () => void;
};

const BEATS = Array.from({ length: 16 }, (_, at) => at + 1);
const UNITS = [1, 2, 4, 8, 16];
const SIGNS = Array.from({ length: 15 }, (_, at) => at - 7);

/** The bars of a piece, written on the staff or as text; each says the other. */
export function WriteView({ piece, onChange, onDone }: Props) {
  const w = useWords();
  const say = readWords(w);
  const names = w.settings.noteNames;
  const kept = useMemo(() => readBarText('english', piece.bars).words, [piece.bars]);
  const [entry, setEntry] = useState<BarEntry>(() => entryOfBars(kept));
  /** What is typed as text, while it is not yet as the staff has it. */
  const [text, setText] = useState<string | null>(null);
  const typed = text === null ? null : readBarText(names, text);
  const { title, clef, beats, unit } = piece;
  const count = fifths(piece.fifths);
  const written = useMemo(
    () =>
      pieceOfWords({ title, fifths: count, meter: { beats, unit }, clef: { clef, octave: 0 } }, entry.words),
    [title, count, beats, unit, clef, entry.words],
  );
  const keep = (next: BarEntry) => {
    setEntry(next);
    setText(null);
    if (next.words !== entry.words)
      onChange({ bars: writeBarText('english', next.words).slice(0, BARS_LIMIT) });
  };
  const type = (next: string) => {
    setText(next);
    const reading = readBarText(names, next);
    if (!reading.ok) return;
    setEntry(entryOfBars(reading.words));
    onChange({ bars: writeBarText('english', reading.words).slice(0, BARS_LIMIT) });
  };
  const quarters = (ticks: number) => String(Math.round((ticks / PIECE_QUARTER) * 100) / 100);
  const [uneven] = written.uneven;
  const figure = Object.entries({ whole: '1', half: '2', quarter: '4', eighth: '8' }).find(
    ([value]) => value === entry.length.value,
  )?.[1];
  const lengthName = say.write.lengths[(figure ?? '6') as keyof typeof say.write.lengths];
  return (
    <section aria-label={say.write.title} className="card flex flex-col gap-3 p-4">
      <h2 className="font-serif text-large">{say.write.title}</h2>
      <div className="flex flex-wrap items-end gap-3">
        <TypedField
          label={say.fresh.name}
          value={title}
          limit={NAME_LIMIT}
          placeholder={say.fresh.name}
          className="field w-56"
          onType={(next) => onChange({ title: next })}
        />
        <Choice
          label={say.words.fifths}
          value={piece.fifths}
          all={SIGNS}
          name={(each) => say.signs(fifths(each))}
          onPick={(each) => onChange({ fifths: each })}
        />
        <Choice
          label={say.write.meter}
          value={beats}
          all={BEATS}
          name={String}
          onPick={(each) => onChange({ beats: each })}
        />
        <Choice
          label={say.write.unit}
          value={unit}
          all={UNITS}
          name={(each) => `1/${each}`}
          onPick={(each) => onChange({ unit: each })}
        />
        <Choice
          label={say.write.clef}
          value={clef}
          all={CLEFS}
          name={(each) => CLEF_WORDS[each]}
          onPick={(each) => onChange({ clef: each })}
        />
      </div>
      <WriteStaff entry={entry} piece={written.piece} onEntry={keep} />
      <p className="text-small">
        {say.write.next(
          `${say.write.dots(entry.length.dots)}${lengthName}${entry.triplet ? `, ${say.write.triplet}` : ''}`,
        )}
      </p>
      <p className="text-quiet text-small">{say.write.keys}</p>
      <TypedField
        long
        label={say.write.text}
        value={text ?? writeBarText(names, entry.words)}
        limit={BARS_LIMIT}
        className="field font-mono"
        onType={type}
      />
      {typed && !typed.ok && (
        <p role="alert" className="text-wrong">
          {sayBarProblem(w, typed.problem)}
        </p>
      )}
      <p role="status" className="text-small">
        {entry.words.length === 0
          ? say.write.empty
          : uneven
            ? say.write.uneven(uneven.number, quarters(uneven.ticks), quarters(uneven.wanted))
            : say.write.full}
      </p>
      <button
        type="button"
        className="control self-start bg-ink! text-sheet!"
        disabled={entry.words.length === 0}
        onClick={onDone}
      >
        {say.write.done}
      </button>
    </section>
  );
}

type ChoiceProps<Value extends string | number> = {
  readonly label: string;
  readonly value: Value;
  readonly all: readonly Value[];
  readonly name: (value: Value) => string;
  readonly onPick: (value: Value) => void;
};

function Choice<Value extends string | number>({ label, value, all, name, onPick }: ChoiceProps<Value>) {
  return (
    <label className="flex flex-col text-small">
      <span className="text-quiet">{label}</span>
      <select
        className="field"
        value={String(value)}
        onChange={({ target }) => {
          const found = all.find((each) => String(each) === target.value);
          if (found !== undefined) onPick(found);
        }}
      >
        {all.map((each) => (
          <option key={String(each)} value={String(each)}>
            {name(each)}
          </option>
        ))}
      </select>
    </label>
  );
}
