import { useEffect, useState } from 'react';

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
    let wanted = true;
    void import('@/engrave/staff').then(
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
        if (wanted)
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
      wanted = false;
    };
  }, []);
  return engraver;
}
