import { memo, useMemo } from 'react';
import { barredFrom } from '@/core/derive/methods';
import type { Check } from '@/core/derive/proof';
import { deriveWords } from '@/core/words/screen/derive';
import type { Scene } from '@/engrave/scene';
import { leastStaffWidth } from '@/engrave/staff-width';
import type { DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import type { Lit } from '@/ui/surfaces/lit';
import { Rail } from '@/ui/surfaces/Rail';
import { Staff } from '@/ui/surfaces/Staff';
import { Stride } from '@/ui/surfaces/Stride';
import { useEngraver } from '@/ui/surfaces/use-engraver';
import { Proof } from '@/ui/working/Proof';
import { Working } from '@/ui/working/Working';
import { Caption } from './Caption';
import type { Actions } from './use-actions';
import type { DeriveView } from './view';

type Later = { readonly sentence: DeriveSentence; readonly view: DeriveView };

type Props = {
  readonly view: DeriveView;
  /** The same one frame late: what stands beside the stride follows it. */
  readonly later: Later;
  readonly proof: readonly Check[];
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
export function Single({ view, later, ...props }: Props) {
  const { actions, lit, onLit, onSay, onWhy, proof } = props;
  const { surfaces } = deriveWords(useWords());
  return (
    <div className="grid min-h-0 grow gap-3 room:grid-cols-[minmax(0,1fr)_22.5rem]">
      <div className="flex min-h-0 min-w-0 flex-col gap-3">
        <section
          aria-label={surfaces.strideAndKeyboard}
          className="card flex min-h-0 grow flex-col px-2 py-2 sm:px-4"
        >
          <ErrorBoundary what={surfaces.stride} size="card" about={view}>
            <Stride
              step={view.step}
              lit={lit}
              onLit={onLit}
              written={view.written}
              derivation={view.derivation}
              onPlace={actions.toPlace}
            />
          </ErrorBoundary>
          <Caption {...later} lit={lit} onSay={onSay} onBeside={actions.beside} />
        </section>
        <Below {...props} view={later.view} />
      </div>
      <Beside view={later.view} proof={proof} actions={actions} onWhy={onWhy} />
    </div>
  );
}

type BelowProps = Pick<Props, 'view' | 'actions' | 'lit' | 'onLit' | 'onRest' | 'served' | 'isServed'>;

/** The staff and the rail; they rest while the stride is drawn. */
const Below = memo(function Below({ view, actions, lit, onLit, onRest, served, isServed }: BelowProps) {
  const { surfaces } = deriveWords(useWords());
  const { written, onStaff, step, scale } = view;
  const { ref, room } = useRoom<HTMLDivElement>(STAFF_GUESS);
  const staff = useEngraver(onStaff, Math.max(room.width, leastStaffWidth(onStaff)), served, isServed);
  const pointing = { step, lit, onLit };
  return (
    <>
      <section aria-label={surfaces.staff} className="card px-2 py-1 sm:px-4">
        <ErrorBoundary what={surfaces.staff} size="card" about={view}>
          <div ref={ref} className="overflow-x-auto overflow-y-hidden">
            <Staff
              {...pointing}
              scene={staff}
              written={onStaff}
              onPlace={actions.toPlace}
              room={room.width}
            />
          </div>
        </ErrorBoundary>
      </section>
      <section aria-label={surfaces.rail} className="card px-2 py-1 sm:px-4">
        <ErrorBoundary what={surfaces.rail} size="card" about={view}>
          <Rail
            {...pointing}
            scale={scale}
            line={written.line}
            onSlide={actions.slide}
            onRelative={actions.relative}
            onRest={onRest}
          />
        </ErrorBoundary>
      </section>
    </>
  );
});

type BesideProps = Pick<Props, 'view' | 'proof' | 'actions' | 'onWhy'>;

/** The working and the proof; they rest while the stride is drawn. */
const Beside = memo(function Beside({ view, proof, actions, onWhy }: BesideProps) {
  const barred = useMemo(() => barredFrom(view.scale), [view.scale]);
  const { surfaces } = deriveWords(useWords());
  return (
    <div className="card flex min-h-0 flex-col gap-3 p-4">
      <ErrorBoundary what={surfaces.method} size="card" about={view}>
        <Working
          derivation={view.derivation}
          barred={barred}
          at={view.at}
          onStep={actions.toStep}
          onMethod={actions.toMethod}
          onCompare={actions.compare}
          onWhy={onWhy}
          onHand={actions.byHand}
        />
        <Proof proof={proof} />
      </ErrorBoundary>
    </div>
  );
});
