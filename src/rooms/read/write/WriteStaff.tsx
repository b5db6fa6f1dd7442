import { type KeyboardEvent, useMemo } from 'react';
import { heightAtPlace } from '@/core/instrument/staff';
import { LETTERS } from '@/core/note/letter';
import { spelled } from '@/core/note/spelled';
import type { Piece } from '@/core/piece/piece';
import {
  type BarEntry,
  chooseLength,
  dotted,
  inTriplets,
  movedBy,
  naturalled,
  putBarLine,
  putHeight,
  putLetter,
  putRest,
  signed,
  tiedOn,
  walked,
  withoutWord,
} from '@/core/piece/write/bar-entry';
import type { BarWord } from '@/core/piece/write/bar-word';
import type { ClassWords } from '@/core/words/class-words';
import { readWords } from '@/core/words/screen/read';
import { engraveScorePage } from '@/engrave/score/score-page';
import { scoreView } from '@/engrave/score/score-view';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly entry: BarEntry;
  readonly piece: Piece;
  readonly onEntry: (entry: BarEntry) => void;
};

/** The letter of a key, in the names of a class. */
function letterOf(w: ClassWords, key: string) {
  const pressed = key.toLowerCase();
  return (
    LETTERS.find((each) => w.letter(each).toLowerCase() === pressed) ??
    (w.letterWord === 'name' ? LETTERS.find((each) => each.toLowerCase() === pressed) : undefined)
  );
}

/** What a key writes; null for one that writes nothing. */
function keyed(entry: BarEntry, key: string): BarEntry | null {
  switch (key) {
    case '1':
    case '2':
    case '4':
    case '8':
      return chooseLength(entry, key);
    case '6':
      return chooseLength(entry, '16');
    case '3':
      return inTriplets(entry);
    case '.':
      return dotted(entry);
    case '#':
    case '+':
      return signed(entry, 1);
    case '-':
      return signed(entry, -1);
    case 'n':
      return naturalled(entry);
    case 'r':
      return putRest(entry);
    case 't':
    case '~':
      return tiedOn(entry);
    case '|':
      return putBarLine(entry);
    case 'ArrowUp':
      return movedBy(entry, 1);
    case 'ArrowDown':
      return movedBy(entry, -1);
    case 'ArrowLeft':
      return walked(entry, entry.at - 1);
    case 'ArrowRight':
      return walked(entry, entry.at + 1);
    case 'Home':
      return walked(entry, -1);
    case 'End':
      return walked(entry, entry.words.length - 1);
    case 'Backspace':
    case 'Delete':
      return withoutWord(entry);
    default:
      return null;
  }
}

/** A word of the bars as a voice says it. */
function sayWord(w: ClassWords, word: BarWord | undefined): string {
  const say = readWords(w).write;
  switch (word?.is) {
    case 'note': {
      const note = spelled(word.letter, word.sign ?? 0);
      return word.sign === null ? w.letter(word.letter) : w.spokenNote(note);
    }
    case 'rest':
      return say.rest;
    case 'bar':
      return say.barLine;
    case undefined:
      return '';
    default:
      return say.change;
  }
}

/** Bars written on the staff: letters, figures, signs and clicks; the note in hand stands in a light. */
export function WriteStaff({ entry, piece, onEntry }: Props) {
  const w = useWords();
  const say = readWords(w).write;
  const { ref, room } = useRoom<HTMLDivElement>({ width: 820, height: 320 });
  const width = Math.max(300, Math.min(980, room.width - 4));
  const page = useMemo(() => {
    const bars = piece.parts[0]?.bars.length ?? 0;
    return engraveScorePage(scoreView(piece), [{ part: 0, staff: 0 }], 0, bars, width);
  }, [piece, width]);
  const notes = entry.words.slice(0, entry.at + 1).filter((word) => word.is === 'note').length;
  const here = entry.words[entry.at];
  const lit = here?.is === 'note' ? page.heads[notes - 1] : undefined;
  const keys = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const letter = letterOf(w, event.key);
    const next = letter ? putLetter(entry, letter) : keyed(entry, event.key);
    if (!next) return;
    event.preventDefault();
    event.stopPropagation();
    onEntry(next);
  };
  const click = (event: React.MouseEvent<HTMLDivElement>) => {
    const svg = event.currentTarget.querySelector('svg');
    const box = page.bars.find((each) => {
      const at = svg?.getBoundingClientRect();
      if (!at) return false;
      const y = ((event.clientY - at.top) / at.height) * page.scene.height;
      return y >= each.y - 20 && y <= each.y + each.h + 20;
    });
    const at = svg?.getBoundingClientRect();
    if (!box || !at) return;
    const y = ((event.clientY - at.top) / at.height) * page.scene.height;
    // A bar's box begins fourteen pixels above the top line; ten pixels lie between two lines.
    const place = Math.round((box.y + 14 + 40 - y) / 5);
    const clef = piece.parts[0]?.bars[0]?.clefs[0]?.clef.clef ?? 'treble';
    onEntry(putHeight({ ...entry, at: entry.words.length - 1 }, heightAtPlace(place, clef)));
  };
  const words = entry.words.map((word) => sayWord(w, word)).join(', ') || say.empty;
  return (
    <div ref={ref} className="min-w-0">
      <div
        role="application"
        aria-label={`${say.pad}. ${words}`}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a drawing that takes keys and clicks as a whole
        tabIndex={0}
        className="min-h-36 rounded-control"
        onKeyDown={keys}
        onClick={click}
      >
        <SceneView
          id="written-bars"
          scene={page.scene}
          title={say.pad}
          description={words}
          style={{ width: page.scene.width, maxWidth: '100%', cursor: 'copy' }}
          under={lit && <circle className="scene-halo" data-lit="" cx={lit.x} cy={lit.y} r={14} />}
        />
      </div>
      <p role="status" className="sr-only">
        {sayWord(w, here)}
      </p>
    </div>
  );
}
