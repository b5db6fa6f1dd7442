/** The day on the wall, as the calendar writes it: `2026-11-28`. */
export function today(): string {
  const now = new Date();
  const two = (part: number) => String(part).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
