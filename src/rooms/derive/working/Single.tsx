import { memo, useMemo } from 'react';
import { barredFrom } from '@/core/derive/methods';
import type { Check } from '@/core/derive/proof';
import { deriveWords } from '@/core/words/screen/derive';
import type { Scene } from '@/engrave/scene';
import type { DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { useWords } from '@/ui/school/use-class';
import { surfacesOf } from '@/ui/surfaces/all';
import type { Lit } from '@/ui/surfaces/lit';
import { OnSurface } from '@/ui/surfaces/OnSurface';
import type { Surface, SurfaceHands } from '@/ui/surfaces/surface';
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
  /** The surfaces it is shown on, the large one first. */
  readonly on: readonly string[];
  readonly proof: readonly Check[];
  readonly actions: Actions;
  readonly lit: Lit | null;
  readonly onLit: (lit: Lit | null) => void;
  readonly onSay: (sentence: DeriveSentence) => void;
  readonly onWhy: () => void;
  /** A hand that slides the window has let go. */
  readonly onRest: () => void;
  readonly served: Scene | null;
};

/** One derivation on all surfaces, with its working and its proof. */
export function Single({ view, later, ...props }: Props) {
  const { actions, lit, onLit, onSay, onWhy, onRest, proof, served, on } = props;
  const hands = useMemo((): SurfaceHands => {
    const { toPlace, slide, relative, ways } = actions;
    return { toPlace, slide, relative, ways, rest: onRest };
  }, [actions, onRest]);
  const [first, ...below] = surfacesOf(on);
  const pointing = { lit, onLit, hands, served };
  return (
    <div className="grid min-h-0 grow gap-3 room:grid-cols-[minmax(0,1fr)_22.5rem]">
      <div className="flex min-h-0 min-w-0 flex-col gap-3">
        {first && (
          <section aria-label={first.label} className="card flex min-h-0 grow flex-col px-2 py-2 sm:px-4">
            <OnSurface surface={first} view={view} {...pointing} place="first" />
            <Caption {...later} lit={lit} onSay={onSay} onBeside={actions.beside} />
          </section>
        )}
        <Below view={later.view} {...pointing} surfaces={below} />
      </div>
      <Beside view={later.view} proof={proof} actions={actions} onWhy={onWhy} />
    </div>
  );
}

type BelowProps = Pick<Props, 'view' | 'lit' | 'onLit' | 'served'> & {
  readonly hands: SurfaceHands;
  readonly surfaces: readonly Surface[];
};

/** The surfaces below the first; they rest while it is drawn. */
const Below = memo(function Below({ surfaces, ...props }: BelowProps) {
  return surfaces.map((surface) => (
    <section key={surface.code} aria-label={surface.label} className="card px-2 py-1 sm:px-4">
      <OnSurface surface={surface} {...props} place="below" />
    </section>
  ));
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
