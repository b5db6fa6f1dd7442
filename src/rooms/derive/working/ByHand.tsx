import { useMemo, useState } from 'react';
import {
  type HandMove,
  handCode,
  moving,
  readHand,
  taking,
  takingBack,
  UNTOUCHED,
} from '@/core/derive/by-hand/hand';
import { type MoveFact, viewByHand } from '@/core/derive/by-hand/view';
import { sayHand, sayMove } from '@/core/words/say-by-hand';
import { DERIVE_SHEETS } from '@/core/words/screen/derive-sheets';
import { spoken } from '@/core/words/spoken';
import type { DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import { useKeys } from '@/ui/keys/use-keys';
import { useWords } from '@/ui/school/use-class';
import { surfaceOf } from '@/ui/surfaces/all';
import type { Lit } from '@/ui/surfaces/lit';
import { OnSurface } from '@/ui/surfaces/OnSurface';

import type { SurfaceHands } from '@/ui/surfaces/surface';
import { HandStride } from './HandStride';
import type { DeriveView } from './view';

type Props = {
  readonly sentence: DeriveSentence;
  /** The moves so far, as their code. */
  readonly hand: string;
  readonly view: DeriveView;
  readonly lit: Lit | null;
  readonly onLit: (lit: Lit | null) => void;
  /** Moves were made or taken back; null where the working is to be shown again. */
  readonly onHand: (hand: string | null) => void;
};

const NO_HANDS: SurfaceHands = {
  toPlace: () => {},
  slide: null,
  relative: null,
  ways: () => {},
  rest: () => {},
};

/** Two tetrachords mended by hand: a note is tried, told whether it fits, and taken or put back. */
export function ByHand({ sentence, hand: code, view, lit, onLit, onHand }: Props) {
  const w = useWords();
  const say = DERIVE_SHEETS.hand;
  const staff = surfaceOf('staff');
  const [refused, setRefused] = useState(false);
  const { scale, written } = view;
  const hand = useMemo(() => readHand(code) ?? UNTOUCHED, [code]);
  const shown = useMemo(
    () => viewByHand(scale, sentence.direction, hand) ?? viewByHand(scale, sentence.direction, UNTOUCHED),
    [scale, sentence.direction, hand],
  );
  const last = shown?.moves.at(-1);
  const trying = hand.tried.length > 0 ? last : undefined;
  const fits = trying?.verdict === 'fits';
  const done = shown?.wrong.length === 0;

  const move = (next: HandMove) => {
    const moved = moving(hand, next);
    const possible = viewByHand(scale, sentence.direction, moved) !== null;
    setRefused(!possible);
    if (possible) onHand(handCode(moved));
  };
  const take = () => {
    if (fits) onHand(handCode(taking(hand)));
  };
  const back = () => {
    setRefused(false);
    const before = takingBack(hand);
    if (before) onHand(handCode(before));
  };
  useKeys(
    {
      'mod+z': back,
      Escape: () => (trying ? back() : onHand(null)),
    },
    true,
  );
  if (!shown) return null;
  const stands = sayHand(w, shown);
  const taken = shown.moves.slice(0, hand.taken.length);
  return (
    <div className="grid min-h-0 grow gap-3 room:grid-cols-[minmax(0,1fr)_22.5rem]">
      <div className="contents min-h-0 min-w-0 flex-col gap-3 room:flex">
        <section aria-label={say.stride} className="card flex min-h-0 grow flex-col px-2 py-2 sm:px-4">
          <HandStride written={written} hand={shown} onMove={move} onTake={take} />
          <p className="px-2 pb-1 text-small text-quiet">
            {sentence.signature === 'written' ? `${say.how} ${say.atNotes}` : say.how}
          </p>
        </section>
        <section
          aria-label={staff.label}
          className="card order-last min-w-0 px-2 py-1 room:order-none sm:px-4"
        >
          <OnSurface
            {...{ lit, onLit }}
            surface={staff}
            view={{ ...view, onStaff: written, step: shown.now }}
            hands={NO_HANDS}
            served={null}
            place="below"
          />
        </section>
      </div>
      <section aria-labelledby="hand-title" className="card flex min-h-0 flex-col gap-3 p-4">
        <h2 id="hand-title" className="font-serif text-large leading-tight font-bold">
          {say.title}
        </h2>
        <p>
          {stands.text} <span className={done ? 'text-correct' : ''}>{stands.reason}</span>
        </p>
        <ol className="min-h-0 overflow-y-auto">
          {taken.map((fact, at) => (
            <li key={`${at}-${fact.move.to.letter}`} className="flex gap-2 py-1">
              <span className="w-5 text-right text-small text-quiet">{at + 1}</span>
              <span>{sayMove(w, fact).text}</span>
            </li>
          ))}
        </ol>
        {trying && <Tried fact={trying} fits={fits} onTake={take} onBack={back} />}
        {refused && <p className="text-small text-wrong">{say.none}</p>}
        <div className="mt-auto flex flex-wrap gap-1.5">
          <button type="button" className="control" disabled={!takingBack(hand)} onClick={back}>
            {say.undo}
            <kbd className="key ml-2" aria-hidden="true">
              Ctrl Z
            </kbd>
          </button>
          <button type="button" className="control" onClick={() => onHand(null)}>
            {say.working}
          </button>
        </div>
        <p className="sr-only" role="status">
          {spoken(trying ? `${sayMove(w, trying).text} ${sayMove(w, trying).reason}` : (stands.reason ?? ''))}
        </p>
      </section>
    </div>
  );
}

type TriedProps = {
  readonly fact: MoveFact;
  readonly fits: boolean;
  readonly onTake: () => void;
  readonly onBack: () => void;
};

/** The note that is tried, whether it fits, and what can be done with it. */
function Tried({ fact, fits, onTake, onBack }: TriedProps) {
  const w = useWords();
  const say = DERIVE_SHEETS.hand;
  const { text, reason } = sayMove(w, fact);
  return (
    <div className="rounded-control bg-now px-3 py-2">
      <p className="text-small font-bold text-quiet">{say.tried}</p>
      <p className="font-semibold">{text}</p>
      <p className={fits ? 'text-correct' : fact.verdict === 'fails' ? 'text-wrong' : ''}>
        <span aria-hidden="true">{fits ? '✓ ' : fact.verdict === 'fails' ? '✗ ' : '→ '}</span>
        {reason}
      </p>
      <div className="mt-2 flex flex-wrap gap-1.5">
        {fits && (
          <button type="button" className="control bg-ink! text-sheet!" onClick={onTake}>
            {say.take}
            <kbd className="key ml-2" aria-hidden="true">
              ⏎
            </kbd>
          </button>
        )}
        <button type="button" className="control" onClick={onBack}>
          {say.putBack}
          <kbd className="key ml-2" aria-hidden="true">
            Esc
          </kbd>
        </button>
      </div>
    </div>
  );
}
