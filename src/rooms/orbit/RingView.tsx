import { memo, type PointerEvent, type ReactNode, useMemo, useRef } from 'react';
import { CIRCLE } from '@/core/harmony/circle';
import { type Key, keyAt } from '@/core/harmony/key';
import { keyName } from '@/core/words/say-key';
import { orbitWords } from '@/core/words/screen/orbit';
import { spoken } from '@/core/words/spoken';
import { signCount } from '@/core/words/vocabulary';
import { placeName, ringScene, wayOf } from '@/engrave/ring';
import { nearestPlace, ringLayout } from '@/engrave/ring-layout';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { Hits } from '@/ui/surfaces/Hits';
import type { Change } from '../shell/address-store';
import type { Ring } from './ring-of';

type Props = {
  readonly ring: Ring;
  /** A place was pressed, or dragged over. */
  readonly onPlace: (count: number, change: Change) => void;
  readonly onPoint: (count: number | null) => void;
  /** The hand has let go. */
  readonly onRest: () => void;
  /** What stands in the middle. */
  readonly children: ReactNode;
};

/** The least room in the middle for words, as a radius in pixels. */
const SMALLEST_MIDDLE = 96;

/** The ring: every place can be pressed, walked to with the arrows, or dragged along. */
export const RingView = memo(function RingView({ ring, onPlace, onPoint, onRest, children }: Props) {
  const { w } = ring;
  const say = orbitWords(w);
  const { ref, room } = useRoom<HTMLDivElement>({ width: 736, height: 620 });
  const size = { width: room.width, height: Math.max(300, room.height) };
  const layout = useMemo(
    () => ringLayout(ring.size, wayOf(w), { width: size.width, height: size.height }),
    [ring.size, w, size.width, size.height],
  );
  const scene = useMemo(
    () => ringScene({ ...ring, width: size.width, height: size.height }),
    [ring, size.width, size.height],
  );
  // Where the middle is too small for words, they stand under the ring.
  const small = layout.middle < SMALLEST_MIDDLE;
  const places = layout.places.filter(({ count }) => ring.shown === null || ring.shown.includes(count));
  const hits = useMemo(
    () =>
      places
        .toSorted((a, b) => a.spoke - b.spoke || b.count - a.count)
        .map(({ count }) => ({
          id: String(count),
          ...layout.at(count),
          r: layout.place + 2,
          label: placeLabel(ring, count),
        })),
    [places, layout, ring],
  );
  const drag = useRef<{ readonly from: number; moved: boolean } | null>(null);
  const under = (event: PointerEvent<SVGElement>): number => {
    const box = event.currentTarget.getBoundingClientRect();
    const x = ((event.clientX - box.left) / box.width) * scene.width;
    const y = ((event.clientY - box.top) / box.height) * scene.height;
    return nearestPlace(layout, x, y);
  };
  const pressed = (event: PointerEvent<SVGElement>) => {
    if (!(event.target instanceof Element) || !event.target.closest('[data-hit]')) return;
    drag.current = { from: under(event), moved: false };
  };
  const moved = (event: PointerEvent<SVGElement>) => {
    if (!drag.current || event.buttons === 0) return;
    const count = under(event);
    if (!drag.current.moved && count === drag.current.from) return;
    if (!drag.current.moved) event.currentTarget.setPointerCapture(event.pointerId);
    drag.current.moved = true;
    onPlace(count, 'passing');
  };
  const released = () => {
    if (drag.current?.moved) onRest();
    drag.current = null;
  };
  return (
    <div className="flex min-h-0 grow flex-col">
      <ol className="sr-only" aria-label={say.ringList}>
        {hits.map(({ id, label }) => (
          <li key={id}>{spoken(label)}</li>
        ))}
      </ol>
      <div ref={ref} className="relative aspect-square min-h-0 grow room:aspect-auto">
        <SceneView
          id="ring"
          scene={scene}
          title={say.ringAs(say.readings[ring.reading])}
          description={places.map(({ count }) => placeLabel(ring, count)).join('; ')}
          className="scene touch-none"
          style={{ width: '100%', height: scene.height }}
          onPointerDown={pressed}
          onPointerMove={moved}
          onPointerUp={released}
          onPointerCancel={released}
        >
          <Hits
            hits={hits}
            onPoint={(id) => onPoint(id === null ? null : Number(id))}
            onPress={(id) => onPlace(Number(id), 'finished')}
          />
        </SceneView>
        {!small && (
          <div
            className="pointer-events-none absolute flex flex-col items-center justify-center gap-1 text-center *:pointer-events-auto"
            style={{
              left: layout.cx - layout.middle,
              top: layout.cy - layout.middle,
              width: layout.middle * 2,
              height: layout.middle * 2,
            }}
          >
            {children}
          </div>
        )}
      </div>
      {/* On a telephone its place is kept before it is known how large the ring is. */}
      <div className="flex flex-col items-center gap-1 text-center max-sm:min-h-27">{small && children}</div>
    </div>
  );
});

/** A place as a voice names it: its key, its minor, its number of signs; as notes and chords the name alone. */
function placeLabel(ring: Ring, count: number): string {
  const { w, reading, size, mode, minors, marks, minorMarks } = ring;
  // On twelve places the foot has both its names.
  const twin = size === 'twelve' ? (CIRCLE.find((place) => place.count === count)?.twin ?? null) : null;
  const counts = [count, ...(twin === null ? [] : [twin])];
  const nameAt = (of: Key['mode']) =>
    counts.flatMap((each) => {
      const key = keyAt(each, of);
      return key ? [keyName(w, key)] : [];
    });
  const badge = marks.get(count)?.badge;
  const minorBadge = minorMarks.get(count)?.badge;
  if (reading === 'notes')
    return [...counts.map((each) => placeName(w, each, 'major')), badge].filter(Boolean).join(', ');
  const name = nameAt(mode).join(', ');
  const small = minors ? [nameAt('minor').join(', '), minorBadge].filter(Boolean).join(' ') : '';
  if (reading === 'chords') return [name, badge, small].filter(Boolean).join(', ');
  return [name, ...counts.map(signCount), small].filter(Boolean).join(', ');
}
