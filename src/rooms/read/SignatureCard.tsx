import type { Fifths } from '@/core/note/spelled';
import { naturalsBetween } from '@/core/piece/signature-change';
import { sayAltered, sayPieceWarning } from '@/core/words/say-piece';
import { readWords } from '@/core/words/screen/read';
import { useWords } from '@/ui/school/use-class';
import type { OpenedPiece } from '@/workers/piece';
import { BarLinks } from './BarLinks';

type Props = {
  readonly opened: OpenedPiece;
  /** The part that is shown, from 0; null for all. */
  readonly part: number | null;
  readonly onBar: (bar: number) => void;
};

/** Most notes against the signature that are listed one by one. */
const MOST_LISTED = 24;

/** What the signature does in a piece: what it alters, what never occurs, what differs from it, and where it changes. */
export function SignatureCard({ opened, part, onBar }: Props) {
  const w = useWords();
  const say = readWords(w);
  const { reading, numbers } = opened;
  const shown = part === null ? null : reading.parts[part];
  const altered = shown ? shown.altered.bySignature : reading.altered;
  const absent = shown ? shown.altered.absent : reading.absent;
  const parts = shown ? [shown] : reading.parts;
  const against = parts.flatMap((each) => each.altered.against);
  const names = [...new Set(against.map(({ note }) => note))];
  const signatures = (shown ?? reading.parts[0])?.signatures ?? [];
  const first = signatures[0]?.fifths ?? (0 as Fifths);
  return (
    <section aria-label={say.signature.title} className="card flex flex-col gap-2 p-4">
      <h2 className="font-serif text-large">{say.signature.title}</h2>
      <p>{sayAltered(w, altered, absent)}</p>
      {Math.abs(first) === 7 && <p>{first > 0 ? say.seven.sharps : say.seven.flats}</p>}
      {names.length === 0 ? (
        <p>{say.signature.none}</p>
      ) : (
        <ul aria-label={say.signature.against} className="flex flex-col gap-1">
          {names.map((note) => {
            const own = against.filter((each) => each.note === note);
            const bars = [...new Set(own.map(({ bar }) => numbers[bar] ?? bar + 1))].slice(0, MOST_LISTED);
            const count = own.reduce((sum, each) => sum + each.count, 0);
            return (
              <li key={w.note(note)}>
                {w.noteWithSign(note)} {count} <BarLinks bars={bars} onBar={onBar} />
              </li>
            );
          })}
        </ul>
      )}
      {signatures.slice(1).map(({ bar, fifths }, at) => {
        const before = signatures[at]?.fifths ?? (0 as Fifths);
        const naturals = naturalsBetween(before, fifths).map((each) => w.letter(each.letter));
        const number = numbers[bar] ?? bar + 1;
        return (
          <p key={bar}>
            {say.signature.changes(number, fifths)}{' '}
            {naturals.length > 0 && say.signature.naturals(naturals.join(', '))}{' '}
            <BarLinks bars={[number]} onBar={onBar} />
          </p>
        );
      })}
      {opened.octaves !== 0 && <p>{say.octaves(opened.octaves)}</p>}
      {opened.respelled > 0 && <p>{say.moved(opened.respelled)}</p>}
      {opened.warnings.map((warning) => (
        <p key={JSON.stringify(warning)} className="text-quiet text-small">
          {sayPieceWarning(warning)}
        </p>
      ))}
      <ul className="text-quiet flex flex-wrap gap-x-4 gap-y-1 text-small">
        <li className="flex items-center gap-1.5">
          <span aria-hidden="true" className="legend-ring" />
          {say.signature.legend.by}
        </li>
        <li className="flex items-center gap-1.5">
          <span aria-hidden="true" className="legend-box" />
          {say.signature.legend.against}
        </li>
      </ul>
    </section>
  );
}
