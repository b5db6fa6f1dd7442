import { useMemo, useState } from 'react';
import type { Scene } from '@/engrave/scene';
import { deriveHref } from '@/rooms/address/derive/derive-address';
import { besideOf, type DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import { surfacesShown } from '@/rooms/address/derive/shown';
import type { Change } from '@/rooms/shell/address-store';
import { useKeys } from '@/ui/keys/use-keys';
import { part } from '@/ui/parts/part';
import { useWords } from '@/ui/school/use-class';
import { surfacesOf, surfacesOfClass, USUAL_SURFACES } from '@/ui/surfaces/all';
import { type Lit, sameLit } from '@/ui/surfaces/lit';
import { useAfterPaint } from '@/ui/use-after-paint';
import { useSeen } from '@/ui/use-seen';
import { useSteady } from '@/ui/use-steady';
import { Single } from './Single';
import { useActions } from './use-actions';
import { methodsDisagree, proofOf, viewOf } from './view';

const Compare = part('compare', () => import('./Compare').then((module) => module.Compare));
const ByHand = part('hand', () => import('./ByHand').then((module) => module.ByHand));
const Disagreement = part('disagreement', () =>
  import('./Disagreement').then((module) => module.Disagreement),
);
const WhySheet = part('why', () => import('./WhySheet').then((module) => module.WhySheet));

/** Fetches what a derivation is drawn on, so that it stands at once and nothing moves. */
export async function prepareSurfaces(codes: readonly string[] = USUAL_SURFACES): Promise<void> {
  await Promise.all(surfacesOf(codes).map(({ View }) => View.prepare()));
}

export type WorkProps = {
  readonly sentence: DeriveSentence;
  readonly say: (sentence: DeriveSentence, change: Change) => void;
  /** A hand that passed from sentence to sentence has let go. */
  readonly onRest: () => void;
  /** Opens a word of the sentence. */
  readonly onWord: (id: string) => void;
  readonly single: boolean;
  readonly served: Scene;
  /** Whether the served staff is the one that is asked for. */
  readonly isServed: boolean;
};

/** What becomes of a sentence: its derivation on every surface, its working, and what stands beside it. */
export function Work({ sentence, say, onRest, onWord, single, served, isServed }: WorkProps) {
  const w = useWords();
  const view = useMemo(() => viewOf(sentence, w.settings), [sentence, w]);
  const other = useMemo(() => {
    const beside = besideOf(sentence);
    return beside && viewOf(beside, w.settings);
  }, [sentence, w]);
  // The stride is drawn at once, all else one frame later.
  const now = useMemo(() => ({ sentence, view, other }), [sentence, view, other]);
  const later = useAfterPaint(now);
  const { direction } = later.sentence;
  const proof = useMemo(() => proofOf(later.view, direction), [later.view, direction]);
  const otherProof = useMemo(() => later.other && proofOf(later.other, direction), [later.other, direction]);
  const wrong = [
    ...(methodsDisagree(proof) ? [later.view] : []),
    ...(later.other && otherProof && methodsDisagree(otherProof) ? [later.other] : []),
  ];
  const [why, setWhy] = useState(false);
  const [lit, setLit] = useState<Lit | null>(null);
  const actions = useActions({ sentence, view, other, say });
  const whySeen = useSeen(why);
  const hands = useSteady({
    point: (next: Lit | null) => setLit((now) => (sameLit(now, next) ? now : next)),
    showWhy: () => setWhy(true),
    sayAgain: (next: DeriveSentence) => say(next, 'finished'),
  });
  useKeys(
    {
      m: sentence.beside ? () => onWord('method') : actions.nextMethod,
      v: sentence.beside ? () => onWord('beside') : actions.compare,
      h: actions.byHand,
      y: hands.showWhy,
      ArrowRight: actions.stepOn,
      ArrowLeft: actions.stepBack,
      Home: actions.firstStep,
      End: actions.lastStep,
    },
    single,
  );
  const shared = { sentence, view, lit, onLit: hands.point };
  return (
    <div className="contents">
      {wrong.length > 0 && <Disagreement views={wrong} address={deriveHref(sentence)} />}
      {sentence.hand !== null ? (
        <ByHand {...shared} hand={sentence.hand} onHand={actions.hand} />
      ) : other ? (
        <Compare
          {...shared}
          other={other}
          onStep={actions.toStep}
          onAlone={actions.alone}
          onWhy={hands.showWhy}
        />
      ) : (
        <Single
          {...shared}
          later={later}
          on={surfacesShown(sentence, surfacesOfClass(w.settings))}
          proof={proof}
          actions={actions}
          onSay={hands.sayAgain}
          onWhy={hands.showWhy}
          onRest={onRest}
          served={isServed ? served : null}
        />
      )}
      {whySeen && <WhySheet open={why} onOpen={setWhy} scale={view.scale} method={sentence.method} />}
    </div>
  );
}
