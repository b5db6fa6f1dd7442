import type { Score } from '../mark/judging/marks';

/** Marks as a teacher writes them: `7 of 8`, `7½ of 8`. */
export function sayMarks({ got, of }: Score): string {
  const whole = Math.floor(got);
  const half = got - whole === 0.5 ? '½' : '';
  return `${whole === 0 && half ? '' : whole}${half} of ${of}`;
}
