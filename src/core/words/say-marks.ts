import type { Score } from '../mark/judging/marks';

/** A number of marks with its half: `7½`, `½`. */
export function half(marks: number): string {
  const whole = Math.floor(marks);
  const rest = marks - whole === 0.5 ? '½' : '';
  return `${whole === 0 && rest ? '' : whole}${rest}`;
}

/** Marks as a teacher writes them: `7 of 8`, `7½ of 8`. */
export function sayMarks({ got, of }: Score): string {
  return `${half(got)} of ${half(of)}`;
}
