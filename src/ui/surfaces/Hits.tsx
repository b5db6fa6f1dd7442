import { type KeyboardEvent, useState } from 'react';

/** Something on a surface that can be pointed at. */
export type Hit = {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly r: number;
  readonly label: string;
};

type Props = {
  readonly hits: readonly Hit[];
  readonly onPoint: (id: string | null) => void;
  readonly onPress?: (id: string) => void;
};

const WAYS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/**
 * Real buttons over a drawing, as one stop of the Tab key: arrows walk them, pointing lights them, Enter or a click
 * presses them.
 */
export function Hits({ hits, onPoint, onPress }: Props) {
  const [stop, setStop] = useState(0);
  const last = hits.length - 1;
  const walk = (event: KeyboardEvent<SVGGElement>, index: number) => {
    const to = event.key === 'Home' ? 0 : event.key === 'End' ? last : index + (WAYS[event.key] ?? 0);
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      const hit = hits[index];
      if (hit) onPress?.(hit.id);
    } else if (to !== index || event.key in WAYS) {
      event.preventDefault();
      event.stopPropagation();
      const next = event.currentTarget.parentElement?.children[Math.max(0, Math.min(last, to))];
      if (next instanceof SVGElement) next.focus();
    }
  };
  return (
    <g onPointerLeave={() => onPoint(null)}>
      {hits.map((hit, index) => (
        <g
          key={hit.id}
          role="button"
          aria-label={hit.label}
          tabIndex={index === Math.min(stop, last) ? 0 : -1}
          className="scene-hit"
          onPointerEnter={() => onPoint(hit.id)}
          onFocus={() => {
            setStop(index);
            onPoint(hit.id);
          }}
          onBlur={() => onPoint(null)}
          onKeyDown={(event) => walk(event, index)}
          onClick={() => onPress?.(hit.id)}
        >
          <circle className="scene-focus" cx={hit.x} cy={hit.y} r={hit.r} />
        </g>
      ))}
    </g>
  );
}
