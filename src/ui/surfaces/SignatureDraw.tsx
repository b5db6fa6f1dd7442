import { Delete, Trash2 } from 'lucide-react';
import { type KeyboardEvent, useMemo, useState } from 'react';
import { MOST_DRAWN, placeInSignature } from '@/core/identify/drawn-signature';
import { letterAtHeight } from '@/core/identify/note-entry';
import { signaturePlaces } from '@/core/instrument/signature-place';
import type { Clef } from '@/core/instrument/staff';
import { LETTERS } from '@/core/note/letter';
import { heightOf, type Pitch, pitch } from '@/core/note/pitch';
import { type Alteration, type Fifths, spelled } from '@/core/note/spelled';
import { questionWords } from '@/core/words/screen/questions';
import type { GroupLook } from '@/ui/scene/drawing';
import { useWords } from '@/ui/school/use-class';
import { EntryStaff } from '@/ui/surfaces/EntryStaff';
import { useStaffEngraver } from '@/ui/surfaces/use-staff-engraver';

type Props = {
  readonly count: Fifths;
  readonly clef?: Clef;
  /** Signs that are no signature, or null where those of the count stand. */
  readonly drawn: readonly Pitch[] | null;
  /** Signs the working points at, from 0; those of a wrong drawing are wrong. */
  readonly pointed: readonly number[];
  readonly onDraw: (signs: readonly Pitch[]) => void;
  /** A key that draws nothing. */
  readonly onOtherKey?: (event: KeyboardEvent) => void;
};

/** Room in pixels for one staff with a signature. */
const WIDTH = 300;

function atHeight(height: number, sign: Alteration): Pitch {
  return pitch(spelled(letterAtHeight(height), sign), Math.floor(height / 7));
}

/** The treble staff on which the signs of a signature are drawn one by one, rightly or not. */
export function SignatureDraw({ count, clef = 'treble', drawn, pointed, onDraw, onOtherKey }: Props) {
  const w = useWords();
  const say = questionWords(w);
  const engraver = useStaffEngraver();
  const placed = useMemo(() => drawn ?? signaturePlaces(count, clef), [drawn, count, clef]);
  const [kind, setKind] = useState<1 | -1>(count > 0 ? 1 : -1);
  const scene = useMemo(() => engraver?.engraveSigns(clef, placed, WIDTH) ?? null, [engraver, placed, clef]);
  const add = (sign: Pitch) => placed.length < MOST_DRAWN && onDraw([...placed, sign]);
  const last = placed.at(-1);
  const move = (by: 1 | -1) => {
    if (last) onDraw([...placed.slice(0, -1), atHeight(heightOf(last) + by, last.note.alteration)]);
  };
  const takeBack = () => placed.length > 0 && onDraw(placed.slice(0, -1));
  const done = (key: string): boolean => {
    const letter = LETTERS.find((each) => w.letter(each).toLowerCase() === key.toLowerCase());
    if (letter) add(placeInSignature(spelled(letter, kind), clef));
    else if (key === '#' || key === '+') setKind(1);
    else if (key === '-') setKind(-1);
    else if (key === 'ArrowUp') move(1);
    else if (key === 'ArrowDown') move(-1);
    else if (key === 'Backspace') takeBack();
    else return false;
    return true;
  };
  const keys = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (!done(event.key)) return onOtherKey?.(event);
    event.preventDefault();
    event.stopPropagation();
  };
  const look = ({ part, key }: { readonly part: string; readonly key: string }): GroupLook => {
    const at = Number(key.replace('sign-', ''));
    const here = part === 'sign' && pointed.length < 7 && pointed.includes(at);
    return { 'data-wrong': here && drawn ? '' : undefined, 'data-decides': here && !drawn ? '' : undefined };
  };
  return (
    <section aria-label={say.drawn.title} className="flex min-w-0 flex-col gap-1">
      <div role="group" aria-label={say.drawn.signs} className="flex flex-wrap gap-1.5">
        {([1, -1] as const).map((sign) => (
          <button
            key={sign}
            type="button"
            className="control"
            aria-pressed={kind === sign}
            onClick={() => setKind(sign)}
          >
            {sign > 0 ? `♯ ${say.entry.sharp}` : `♭ ${say.entry.flat}`}
          </button>
        ))}
        <button type="button" className="control" onClick={takeBack}>
          <Delete className="size-4" aria-hidden="true" />
          {say.entry.back}
        </button>
        <button type="button" className="control" onClick={() => onDraw([])}>
          <Trash2 className="size-4" aria-hidden="true" />
          {say.entry.clear}
        </button>
      </div>
      {/* Its place is kept while it is on its way. */}
      <div className="max-w-lg" style={engraver ? undefined : { aspectRatio: '300 / 122' }}>
        <EntryStaff
          id="draw-signature"
          engraver={engraver}
          scene={scene}
          title={say.drawn.staff}
          description={placed.map(({ note }) => w.spokenNote(note)).join(', ')}
          clef={clef}
          width={null}
          onKeys={keys}
          onHeight={(height) => add(atHeight(height, kind))}
          look={look}
        />
      </div>
      <p className="text-small text-quiet">{say.drawn.hint}</p>
    </section>
  );
}
