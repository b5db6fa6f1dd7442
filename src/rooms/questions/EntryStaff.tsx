import type { KeyboardEvent, MouseEvent, ReactNode } from 'react';
import { heightAtPlace } from '@/core/instrument/staff';
import type { Scene } from '@/engrave/scene';
import type { Looks } from '@/ui/scene/drawing';
import { SceneView } from '@/ui/scene/SceneView';
import type { StaffEngraver } from '@/ui/surfaces/use-staff-engraver';

type Props = {
  readonly id: string;
  readonly engraver: StaffEngraver | null;
  readonly scene: Scene | null;
  readonly title: string;
  /** What stands on it, for a voice. */
  readonly description: string;
  readonly onKeys: (event: KeyboardEvent) => void;
  /** A line or a space of the treble staff was pressed, as a height in letters above C0. */
  readonly onHeight: (height: number) => void;
  readonly look?: Looks;
  /** Drawn under the marks. */
  readonly under?: ReactNode;
  /** Width in pixels; null for the room there is. */
  readonly width: number | null;
  /** What can be pointed at on it. */
  readonly children?: ReactNode;
};

/** A treble staff that takes clicks and keys. */
export function EntryStaff(props: Props) {
  const { id, engraver, scene, title, description, onKeys, onHeight, look, under, width, children } = props;
  const click = (event: MouseEvent<HTMLDivElement>) => {
    const svg = event.currentTarget.querySelector('svg');
    if (!svg || !engraver || !scene) return;
    const box = svg.getBoundingClientRect();
    const y = ((event.clientY - box.top) / box.height) * scene.height;
    const place = Math.round((engraver.STAFF_BOTTOM - y) / engraver.STAFF_PLACE);
    onHeight(heightAtPlace(place, 'treble'));
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
