import type { ClassWords } from '@/core/words/class-words';
import { readStaff } from '@/core/words/say-note';
import { CLEF_WORDS } from '@/core/words/vocabulary';
import { leastStaffWidth } from '@/engrave/staff-width';
import { useRoom } from '../scene/use-room';
import { useWords } from '../school/use-class';
import { Staff } from './Staff';
import type { SurfaceKit, SurfaceProps, SurfaceView } from './surface';
import { useEngraver } from './use-engraver';

const GUESS = { width: 736, height: 148 };

/** The staff in a box of its own, where a line too wide for it can be scrolled. */
function StaffSurface({ id, view, lit, onLit, hands, served }: SurfaceProps) {
  const w = useWords();
  const { onStaff, step } = view;
  const { ref, room } = useRoom<HTMLDivElement>(GUESS);
  const scene = useEngraver(onStaff, Math.max(room.width, leastStaffWidth(onStaff)), served);
  return (
    <div ref={ref} className="shrink-0 overflow-x-auto overflow-y-hidden">
      <Staff
        {...{ id, scene, step, lit, onLit }}
        description={speech(w, view)}
        written={onStaff}
        onPlace={hands.toPlace}
        room={room.width}
      />
    </div>
  );
}

function speech(w: ClassWords, { onStaff: { clef, atClef, line } }: SurfaceView): string {
  return readStaff(w, CLEF_WORDS[clef], atClef, line);
}

/** The staff of the clef that is asked for. */
export const STAFF_KIT: SurfaceKit = {
  View: StaffSurface,
  speech,
  scene: async (_, { onStaff }, width) => (await import('@/engrave/staff')).engraveStaff(onStaff, width),
  paper: async (_, { written }, width, blank) => {
    const { engraveStaff } = await import('@/engrave/staff');
    const { blankStaff } = await import('@/engrave/blank');
    const staff = engraveStaff(written, width);
    return blank ? blankStaff(staff) : staff;
  },
};
