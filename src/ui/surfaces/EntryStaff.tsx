import type { KeyboardEvent, MouseEvent, ReactNode } from 'react';
import { type Clef, heightAtPlace } from '@/core/instrument/staff';
import type { Scene } from '@/engrave/scene';
import type { Looks } from '../scene/drawing';
import { SceneView } from '../scene/SceneView';
import type { StaffEngraver } from './use-staff-engraver';

type Props = {
  readonly id: string;
  readonly engraver: StaffEngraver | null;
  readonly scene: Scene | null;
  readonly title: string;
  /** What stands on it, for a voice. */
  readonly description: string;
  readonly onKeys: (event: KeyboardEvent) => void;
  readonly clef?: Clef;
  /** A line or a space of the staff was pressed, as a height in letters above C0. */
  readonly onHeight: (height: number) => void;
  /** A note was pressed, by its place; left out, the place on the staff counts there too. */
  readonly onHead?: (place: number) => void;
  readonly look?: Looks;
  /** Drawn under the marks. */
  readonly under?: ReactNode;
  /** Width in pixels; null for the room there is. */
  readonly width: number | null;
  /** What can be pointed at on it. */
  readonly children?: ReactNode;
};

/** A staff that takes clicks and keys. */
export function EntryStaff(props: Props) {
  const { id, engraver, scene, title, description, onKeys, onHeight, onHead, look, under, width, children } =
    props;
  const click = (event: MouseEvent<HTMLDivElement>) => {
    const head = event.target instanceof Element ? event.target.closest('[data-hit]') : null;
    if (onHead && head) return onHead(Number(head.getAttribute('data-hit')));
    const svg = event.currentTarget.querySelector('svg');
    if (!svg || !engraver || !scene) return;
    const box = svg.getBoundingClientRect();
    const y = ((event.clientY - box.top) / box.height) * scene.height;
    const place = Math.round((engraver.STAFF_BOTTOM - y) / engraver.STAFF_PLACE);
    onHeight(heightAtPlace(place, props.clef ?? 'treble'));
  };
  return (
    <div
      role="application"
      aria-label={[title, description].filter(Boolean).join('. ')}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a drawing that takes keys and clicks as a whole
      tabIndex={0}
      className="min-h-32 overflow-x-auto rounded-control"
      onKeyDown={onKeys}
      onClick={click}
    >
      {scene && (
        <SceneView
          id={id}
          scene={scene}
          title={title}
          description={description}
          style={{ width: width ?? '100%', maxWidth: 'none', cursor: 'copy' }}
          {...(look ? { look } : {})}
          under={under}
        >
          {children}
        </SceneView>
      )}
    </div>
  );
}
