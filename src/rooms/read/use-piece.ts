import { useEffect, useRef, useState } from 'react';
import type { FileProblem } from '@/core/words/say-file';
import { useSteady } from '@/ui/use-steady';
import type { OpenedPiece, PieceShape, PieceSource } from '@/workers/piece';
import { PieceClient } from './piece-client';

export type PieceState =
  | { readonly stage: 'none' }
  | { readonly stage: 'opening'; readonly of: PieceSource }
  | { readonly stage: 'refused'; readonly of: PieceSource; readonly problem: FileProblem }
  /** `turn` counts up whenever it was read anew, so that pages of another are not mixed in. */
  | { readonly stage: 'open'; readonly of: PieceSource; readonly opened: OpenedPiece; readonly turn: number };

export type PieceHandle = { readonly state: PieceState; readonly client: PieceClient };

const NONE: PieceState = { stage: 'none' };

/**
 * A piece in the hands of a worker.
 *
 * @param source held steady while it is the same piece; null for none
 */
export function usePiece(source: PieceSource | null, shape: PieceShape): PieceHandle {
  const [client] = useState(() => new PieceClient());
  const [state, setState] = useState<PieceState>(NONE);
  const turn = useRef(0);
  const open = useRef<PieceSource | null>(null);
  useEffect(() => () => client.stop(), [client]);
  const take = useSteady({
    read: async (of: PieceSource, as: PieceShape) => {
      turn.current += 1;
      const mine = turn.current;
      const again = open.current === of;
      open.current = of;
      // What stands keeps standing while only its shape changes.
      if (!again) setState({ stage: 'opening', of });
      const opened = again ? await client.shape(as) : await client.open(of, as);
      if (turn.current !== mine) return;
      if (opened.ok) setState({ stage: 'open', of, opened, turn: mine });
      else {
        open.current = null;
        setState({ stage: 'refused', of, problem: opened.problem });
      }
    },
  });
  const { key, instrument } = shape;
  useEffect(() => {
    if (source) void take.read(source, { key, instrument });
    else {
      turn.current += 1;
      open.current = null;
      setState(NONE);
    }
  }, [source, key, instrument, take]);
  // What stands of another piece is nothing of this one.
  const stands = state.stage === 'none' || state.of === source;
  return { state: stands ? state : NONE, client };
}
