import { useMemo } from 'react';
import { barredFrom } from '@/core/derive/methods';
import { deriveWords } from '@/core/words/screen/derive';
import type { Scene } from '@/engrave/scene';
import { leastStaffWidth } from '@/engrave/staff-width';
import type { DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import type { Lit } from '@/ui/surfaces/lit';
import { Rail } from '@/ui/surfaces/Rail';
import { Staff } from '@/ui/surfaces/Staff';
import { Stride } from '@/ui/surfaces/Stride';
import { useEngraver } from '@/ui/surfaces/use-engraver';
import { Proof } from '@/ui/working/Proof';
import { Working } from '@/ui/working/Working';
import type { Actions } from '../use-actions';
import { Caption } from './Caption';
import type { DeriveView } from './view';

type Props = {
  readonly sentence: DeriveSentence;
  readonly view: DeriveView;
  readonly actions: Actions;
  readonly lit: Lit | null;
  readonly onLit: (lit: Lit | null) => void;
  readonly onSay: (sentence: DeriveSentence) => void;
  readonly onWhy: () => void;
  /** A hand that slides the window has let go. */
  readonly onRest: () => void;
  readonly served: Scene;
  /** Whether the served staff is the one that is asked for. */
  readonly isServed: boolean;
};

const STAFF_GUESS = { width: 736, height: 148 };

/** One derivation on all surfaces, with its working and its proof. */
export function Single(props: Props) {
  const { sentence, view, actions, lit, onLit, served, isServed } = props;
  const { surfaces } = deriveWords(useWords());
  const { written, onStaff, derivation, step, scale, at } = view;
  const barred = useMemo(() => barredFrom(scale), [scale]);
  const { ref, room } = useRoom<HTMLDivElement>(STAFF_GUESS);
  const staff = useEngraver(onStaff, Math.max(room.width, leastStaffWidth(onStaff)), served, isServed);
  const pointing = { step, lit, onLit };
  return (
    <div className="grid min-h-0 grow gap-3 room:grid-cols-[minmax(0,1fr)_22.5rem]">
      <div className="flex min-h-0 min-w-0 flex-col gap-3">
        <section
          aria-label={surfaces.strideAndKeyboard}
          className="card flex min-h-0 grow flex-col px-2 py-2 sm:px-4"
        >
          <Stride {...pointing} written={written} derivation={derivation} onPlace={actions.toPlace} />
          <Caption lit={lit} view={view} sentence={sentence} onSay={props.onSay} onBeside={actions.beside} />
        </section>
        <section aria-label={surfaces.staff} className="card px-2 py-1 sm:px-4">
          <div ref={ref} className="overflow-x-auto overflow-y-hidden">
            <Staff
              {...pointing}
              scene={staff}
              written={onStaff}
              onPlace={actions.toPlace}
              room={room.width}
            />
          </div>
        </section>
        <section aria-label={surfaces.rail} className="card px-2 py-1 sm:px-4">
          <Rail
            {...pointing}
            scale={scale}
            line={written.line}
            onSlide={actions.slide}
            onRelative={actions.relative}
            onRest={props.onRest}
          />
        </section>
      </div>
      <div className="card flex min-h-0 flex-col gap-3 p-4">
        <Working
          derivation={derivation}
          barred={barred}
          at={at}
          onStep={actions.toStep}
          onMethod={actions.toMethod}
          onCompare={actions.compare}
          onWhy={props.onWhy}
          onHand={actions.byHand}
        />
        <Proof proof={view.proof} />
      </div>
    </div>
  );
}
