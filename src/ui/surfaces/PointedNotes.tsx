import type { ReactNode } from 'react';
import type { PlacedNote } from '@/core/scale/line';
import type { Scene } from '@/engrave/scene';
import { SceneView } from '../scene/SceneView';
import { Hits } from './Hits';
import { type Lit, litNotes, lookOf } from './lit';

type Props = {
  readonly id: string;
  readonly scene: Scene;
  readonly title: string;
  readonly description: string;
  readonly line: readonly PlacedNote[];
  readonly lit: Lit | null;
  readonly onLit: (lit: Lit | null) => void;
  /** How large a note is to the hand, in pixels. */
  readonly r: number;
  /** What is heard at a note: its group in the drawing, and the place of the line it shows. */
  readonly label: (key: string, place: number) => string;
  readonly onPress: (place: number) => void;
};

/** A drawing on which a note has places of its own, each to be pointed at and pressed; a lit note lights in all of them. */
export function PointedNotes(props: Props): ReactNode {
  const { id, scene, title, description, line, lit, onLit, r, label, onPress } = props;
  const drawn = scene.groups.flatMap(({ key, part, place, x, y }) =>
    part === 'note' && place !== null ? [{ key, place, x, y }] : [],
  );
  const placeOf = (key: string) => drawn.find((each) => each.key === key)?.place ?? null;
  return (
    <SceneView
      {...{ id, scene, title, description }}
      style={{ maxHeight: '100%', width: '100%' }}
      look={lookOf(litNotes(lit, line), line)}
    >
      <Hits
        hits={drawn.map(({ key, place, x, y }) => ({ id: key, x, y, r, label: label(key, place) }))}
        onPoint={(key) => {
          const place = key === null ? null : placeOf(key);
          onLit(place === null ? null : { kind: 'place', place });
        }}
        onPress={(key) => {
          const place = placeOf(key);
          if (place !== null) onPress(place);
        }}
      />
    </SceneView>
  );
}
