import { type FocusEvent, type KeyboardEvent, memo, type SyntheticEvent, useState } from 'react';

import { spoken } from '@/core/words/spoken';

/** Something on a surface that can be pointed at. */
export type Hit = {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly r: number;
  /** Width and height where it is a box with its corner at the point, not a circle round it. */
  readonly box?: readonly [number, number];
  readonly label: string;
};

type Props = {
  /** What they are together, where that must be said. */
  readonly label?: string;
  readonly hits: readonly Hit[];
  readonly onPoint: (id: string | null) => void;
  readonly onPress?: (id: string) => void;
};

const WAYS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

function hitId(event: SyntheticEvent): string | null {
  const target = event.target instanceof Element ? event.target.closest('[data-hit]') : null;
  return target?.getAttribute('data-hit') ?? null;
}

/**
 * Real buttons over a drawing, as one stop of the Tab key: arrows walk them, pointing lights them, Enter or a click
 * presses them.
 */
export function Hits({ label, hits, onPoint, onPress }: Props) {
  const [stop, setStop] = useState(0);
  const last = hits.length - 1;
  const press = (event: SyntheticEvent) => {
    const id = hitId(event);
    if (id !== null) onPress?.(id);
  };
  const walk = (event: KeyboardEvent<SVGGElement>) => {
    const index = hits.findIndex(({ id }) => id === hitId(event));
    const to = event.key === 'Home' ? 0 : event.key === 'End' ? last : index + (WAYS[event.key] ?? 0);
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      press(event);
    } else if (to !== index || event.key in WAYS) {
      event.preventDefault();
      event.stopPropagation();
      const next = event.currentTarget.children[Math.max(0, Math.min(last, to))];
      if (next instanceof SVGElement) next.focus();
    }
  };
  const focus = (event: FocusEvent) => {
    setStop(hits.findIndex(({ id }) => id === hitId(event)));
    onPoint(hitId(event));
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: it only hears what the buttons inside it are told
    <g
      {...(label ? { role: 'group', 'aria-label': label, className: 'scene-keys' } : {})}
      onPointerOver={(event) => onPoint(hitId(event))}
      onPointerLeave={() => onPoint(null)}
      onFocus={focus}
      onBlur={() => onPoint(null)}
      onKeyDown={walk}
      onClick={press}
    >
      {hits.map((hit, index) => (
        <HitView key={hit.id} {...hit} stop={index === Math.max(0, Math.min(stop, last))} />
      ))}
    </g>
  );
}

const HitView = memo(function HitView({ id, x, y, r, box, label, stop }: Hit & { readonly stop: boolean }) {
  return (
    <g role="button" aria-label={spoken(label)} tabIndex={stop ? 0 : -1} className="scene-hit" data-hit={id}>
      {box ? (
        <rect className="scene-focus" x={x} y={y} width={box[0]} height={box[1]} rx={4} />
      ) : (
        <circle className="scene-focus" cx={x} cy={y} r={r} />
      )}
    </g>
  );
});
