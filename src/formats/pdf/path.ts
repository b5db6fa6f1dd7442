/** Numbers of a path command, and which command it is. */
const COMMAND = /([a-zA-Z])([^a-zA-Z]*)/gu;
const NUMBER = /-?(?:\d+\.?\d*|\.\d+)/gu;

/** How many numbers a command takes. */
const TAKES: Readonly<Record<string, number>> = { m: 2, l: 2, h: 1, v: 1, c: 6, q: 4, a: 7, z: 0 };

type Point = readonly [number, number];

const round = (value: number) => String(Math.round(value * 1000) / 1000);

const curve = (...points: readonly Point[]) =>
  `${points.map(([x, y]) => `${round(x)} ${round(y)}`).join(' ')} c`;

/** A circular arc as curves of at most a quarter turn each (https://www.w3.org/TR/SVG11/implnote.html#ArcImplementationNotes). */
function arc(
  [x1, y1]: Point,
  radius: number,
  large: boolean,
  sweep: boolean,
  [x2, y2]: Point,
): readonly string[] {
  const [dx, dy] = [(x1 - x2) / 2, (y1 - y2) / 2];
  const half = Math.hypot(dx, dy);
  if (half === 0) return [];
  const r = Math.max(radius, half);
  const away = Math.sqrt(Math.max(0, r * r - half * half)) * (large === sweep ? -1 : 1);
  const centre: Point = [(x1 + x2) / 2 + (away * dy) / half, (y1 + y2) / 2 - (away * dx) / half];
  const from = Math.atan2(y1 - centre[1], x1 - centre[0]);
  let turn = Math.atan2(y2 - centre[1], x2 - centre[0]) - from;
  if (sweep && turn < 0) turn += 2 * Math.PI;
  if (!sweep && turn > 0) turn -= 2 * Math.PI;
  const parts = Math.max(1, Math.ceil(Math.abs(turn) / (Math.PI / 2) - 1e-9));
  const step = turn / parts;
  const k = (4 / 3) * Math.tan(step / 4);
  return Array.from({ length: parts }, (_, at) => {
    const [a, b] = [from + at * step, from + (at + 1) * step];
    const [ca, sa, cb, sb] = [Math.cos(a), Math.sin(a), Math.cos(b), Math.sin(b)];
    const on = (x: number, y: number): Point => [centre[0] + r * x, centre[1] + r * y];
    return curve(on(ca - k * sa, sa + k * ca), on(cb + k * sb, sb - k * cb), on(cb, sb));
  });
}

/**
 * SVG path data as the path operators of PDF (ISO 32000-1, 8.5.2), in the same coordinates. It reads what our drawings
 * have: lines, curves of both kinds, circular arcs. Throws on any other command.
 */
export function pathOperators(d: string): string {
  const written: string[] = [];
  let at: Point = [0, 0];
  let start: Point = [0, 0];
  for (const [, letter = '', rest = ''] of d.matchAll(COMMAND)) {
    const command = letter.toLowerCase();
    const takes = TAKES[command];
    if (takes === undefined) throw new RangeError(`no path command ${letter}`);
    const numbers = [...rest.matchAll(NUMBER)].map(([number]) => Number(number));
    const relative = letter === command;
    if (takes === 0) {
      written.push('h');
      at = start;
    }
    for (let first = 0; first < numbers.length; first += takes) {
      const n = numbers.slice(first, first + takes);
      const to = (index: number): Point => {
        const [x, y] = [n[index] ?? 0, n[index + 1] ?? 0];
        return relative ? [at[0] + x, at[1] + y] : [x, y];
      };
      const end: Point =
        command === 'h'
          ? [relative ? at[0] + (n[0] ?? 0) : (n[0] ?? 0), at[1]]
          : command === 'v'
            ? [at[0], relative ? at[1] + (n[0] ?? 0) : (n[0] ?? 0)]
            : to(takes - 2);
      const point = `${round(end[0])} ${round(end[1])}`;
      if (command === 'm' && first === 0) {
        written.push(`${point} m`);
        start = end;
      } else if (command === 'c') written.push(curve(to(0), to(2), end));
      else if (command === 'q') {
        const [cx, cy] = to(0);
        const near = ([x, y]: Point): Point => [x + ((cx - x) * 2) / 3, y + ((cy - y) * 2) / 3];
        written.push(curve(near(at), near(end), end));
      } else if (command === 'a') written.push(...arc(at, n[0] ?? 0, n[3] === 1, n[4] === 1, end));
      else written.push(`${point} l`);
      at = end;
    }
  }
  return written.join('\n');
}
