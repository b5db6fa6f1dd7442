import { useEffect, useState } from 'react';
import { wanted } from '../parts/wanted';

/** What draws staves, by what is drawn on them. */
export type StaffEngraver = Pick<
  typeof import('@/engrave/staff'),
  | 'engraveLines'
  | 'engraveNotes'
  | 'engraveRow'
  | 'engraveSignature'
  | 'engraveSigns'
  | 'engraveStaff'
  | 'STAFF_BOTTOM'
  | 'STAFF_PLACE'
>;

/** The engraver of staves, once it has been loaded; null until then. */
export function useStaffEngraver(): StaffEngraver | null {
  const [engraver, setEngraver] = useState<StaffEngraver | null>(null);
  useEffect(() => {
    let stands = true;
    void wanted('surface', () => import('@/engrave/staff')).then(
      ({
        engraveLines,
        engraveNotes,
        engraveRow,
        engraveSignature,
        engraveSigns,
        engraveStaff,
        STAFF_BOTTOM,
        STAFF_PLACE,
      }) => {
        if (stands)
          setEngraver({
            engraveLines,
            engraveNotes,
            engraveRow,
            engraveSignature,
            engraveSigns,
            engraveStaff,
            STAFF_BOTTOM,
            STAFF_PLACE,
          });
      },
    );
    return () => {
      stands = false;
    };
  }, []);
  return engraver;
}
