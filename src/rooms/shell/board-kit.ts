import type { ComponentType } from 'react';
import type { Sound } from '@/core/play/performance';
import type { ClassWords } from '@/core/words/class-words';
import type { SaidStep } from '@/core/words/say-method';
import type { Lit } from '@/ui/surfaces/lit';

/** What the board gives out of a sentence, one line a press, after the question alone. */
export type BoardShow = {
  /** What stands alone at first. */
  readonly question: string;
  /** What stands under the question as long as it is alone; left out for how to go on. */
  readonly under?: string;
  /** What stands over the drawing: what it is, and what of it; null where its lines say so. */
  readonly head: { readonly name: string; readonly rest: string } | null;
  /** Where the line in hand stands: under the drawing, or beside one that is as wide as high. */
  readonly layout: 'below' | 'beside';
  /** The drawing stands as each of them leaves it; none where the question is all that there is. */
  readonly lines: readonly SaidStep[];
  /** How many notes can be pointed at, one after the other. */
  readonly places: number;
  /** What it can be shown on, one after the other; nothing where there is one way alone. */
  readonly views: readonly string[];
};

export type BoardViewProps = {
  readonly search: string;
  /** How many lines have been given out, at least one. */
  readonly given: number;
  /** Which of its views is shown, from 0. */
  readonly view: number;
  readonly lit: Lit | null;
  readonly onLit: (lit: Lit | null) => void;
};

/** What a room draws and says of its sentences on the board, loaded when it is shown there. */
export type BoardKit = {
  readonly show: (w: ClassWords, search: string) => BoardShow;
  /** What is heard of it; null where nothing of the room is. */
  readonly heard: ((w: ClassWords, search: string) => readonly Sound[]) | null;
  readonly View: ComponentType<BoardViewProps>;
};

/** How a room's sentences stand on the board. */
export type BoardDesk = {
  /** The query without what a class is not to see, such as whose answer it is, and without how far it was shown. */
  readonly forClass: (search: string) => string;
  readonly kit: () => Promise<BoardKit>;
};

/** A query without how far it was shown on the screen: a board begins with the question. */
export function withoutStep(search: string): string {
  const query = new URLSearchParams(search);
  query.delete('step');
  return query.size === 0 ? '' : `?${query}`;
}
