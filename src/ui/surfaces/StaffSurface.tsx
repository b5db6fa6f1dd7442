import { leastStaffWidth } from '@/engrave/staff-width';
import { useRoom } from '../scene/use-room';
import { Staff } from './Staff';
import type { SurfaceProps } from './surface';
import { useEngraver } from './use-engraver';

const GUESS = { width: 736, height: 148 };

/** The staff in a box of its own, where a line too wide for it can be scrolled. */
export function StaffSurface({ id, view, lit, onLit, hands, served, description }: SurfaceProps) {
  const { onStaff, step } = view;
  const { ref, room } = useRoom<HTMLDivElement>(GUESS);
  const scene = useEngraver(onStaff, Math.max(room.width, leastStaffWidth(onStaff)), served);
  return (
    <div ref={ref} className="shrink-0 overflow-x-auto overflow-y-hidden">
      <Staff
        {...{ id, scene, step, lit, onLit, description }}
        written={onStaff}
        onPlace={hands.toPlace}
        room={room.width}
      />
    </div>
  );
}
