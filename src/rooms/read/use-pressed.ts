import { useEffect, useState } from 'react';
import { useSteady } from '@/ui/use-steady';
import type { ToneAnswer } from '@/workers/piece';
import type { PieceClient } from './piece-client';
import type { Pressed } from './score/pressed';

/** The note that is pressed, why it sounds so, and the bar that is pointed at; forgotten when the piece is read anew. */
export function usePressed(client: PieceClient, turn: number) {
  const [tone, setTone] = useState<{
    readonly of: number;
    readonly part: number;
    readonly said: ToneAnswer;
  } | null>(null);
  const [pointed, setPointed] = useState<{ readonly number: number; readonly press: number } | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another piece has other bars
  useEffect(() => setPointed(null), [turn]);
  const hands = useSteady({
    press: async ({ part, tone: nth }: { readonly part: number; readonly tone: number }) => {
      const said = await client.tone(part, nth);
      if (said) setTone({ of: turn, part, said });
    },
    point: (number: number) => setPointed((before) => ({ number, press: (before?.press ?? 0) + 1 })),
  });
  const stands = tone?.of === turn ? tone : null;
  const pressed: Pressed | null = stands && {
    part: stands.part,
    tone: stands.said.tone.tone,
    reaches: stands.said.reaches,
  };
  return { tone: stands?.said ?? null, pressed, pointed, ...hands };
}
