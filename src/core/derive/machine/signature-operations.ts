import { letterAfter } from '../../note/letter';
import { type SpelledNote, spelled, spelledOrNull } from '../../note/spelled';
import type { Of } from './operation';
import type { Run } from './run';

const MOST_SIGNS = 7;

export function toRelative(run: Run, { way }: Of<'to-relative'>): void {
  const { letters, semitones } = run.tables.relative;
  const from = run.counted?.tonic ?? run.asked.tonic;
  const up = way === 'up' ? 1 : -1;
  const major = run.above(from, up * letters, up * semitones);
  run.counted = { tonic: major, mode: 'major' };
  run.tell(() => ({ code: 'relative-major', tonic: from, major }));
}

export function toParent(run: Run, { degree, way }: Of<'to-parent'>): void {
  const { tonic, scale } = run.asked;
  const { tonic: parent, down } = run.parentOf(tonic, degree, way === 'down' ? 1 : -1);
  run.counted = { tonic: parent, mode: 'major' };
  if (scale) run.tell(() => ({ code: 'parent-degree', tonic, scale, parent, degree, down }));
}

/** The top of the circle: C among the majors, A among the minors on a circle of their own. */
const TOP = { major: spelled('C', 0), minor: spelled('A', 0) } as const;

export function countPlaces(run: Run, { mode }: Of<'count-places'>): void {
  const tonic = run.counted?.tonic ?? run.asked.tonic;
  run.count = run.fifthsTo(TOP[mode], tonic);
  const { count } = run;
  run.tell(() => ({ code: 'count-places', tonic, mode, count }));
}

export function flatter(run: Run, { places }: Of<'flatter'>): void {
  const major = run.count;
  run.count -= places;
  const { count } = run;
  run.tell(() => ({ code: 'less-three', tonic: run.asked.tonic, major, count }));
}

/** The nth sign of an order, from 0; past seven the letters come round again and take their second sign. */
function signAt(run: Run, kind: 1 | -1, nth: number): SpelledNote | null {
  const order = kind > 0 ? run.tables.sharps : run.tables.flats;
  const letter = order[nth % MOST_SIGNS];
  return letter ? spelledOrNull(letter, kind * (1 + Math.floor(nth / MOST_SIGNS))) : null;
}

/** As many signs of a kind as are counted, in order; of more than seven the last seven. */
export function signsOf(run: Run, count: number): readonly SpelledNote[] {
  const signs: SpelledNote[] = [];
  for (let nth = Math.max(0, Math.abs(count) - MOST_SIGNS); nth < Math.abs(count); nth += 1) {
    const sign = signAt(run, count > 0 ? 1 : -1, nth);
    if (sign) signs.push(sign);
    else run.impossible = true;
  }
  return signs;
}

/** How many signs are taken, flats negative; null where the order cannot be taken so. */
function countTaken({ count }: Run, { more, from, kind }: Of<'take-signs'>): number | null {
  // Nobody ignores signs where there are none.
  if (kind === 'none') return count === 0 ? null : 0;
  const wanted = kind === 'sharps' ? 1 : kind === 'flats' ? -1 : Math.sign(count);
  if (kind !== 'counted' && kind !== 'other') {
    // No signs have no kind, so that one too many may be either.
    if (count !== 0 && wanted !== Math.sign(count)) return null;
    return count + wanted * more;
  }
  const plain = kind === 'counted' && from === 'first' && more === 0;
  if (plain) return count;
  if (count === 0) return null;
  if (kind === 'other') return Math.abs(count) > MOST_SIGNS ? null : -(count + wanted * more);
  if (from !== 'first' && Math.abs(count) >= MOST_SIGNS) return null;
  return count + wanted * more;
}

/** From the end of the order backwards. */
function fromTheEnd(run: Run, count: number): readonly SpelledNote[] {
  const kind = count > 0 ? 1 : -1;
  return Array.from({ length: Math.abs(count) }, (_, at) => signAt(run, kind, MOST_SIGNS - 1 - at)).filter(
    (sign) => sign !== null,
  );
}

export function takeSigns(run: Run, operation: Of<'take-signs'>): void {
  const count = countTaken(run, operation);
  if (count === null) {
    run.impossible = true;
    return;
  }
  run.signs = operation.from === 'first' ? signsOf(run, count) : fromTheEnd(run, count);
  if (operation.from === 'last-in-order') run.signs = run.signs.toReversed();
  const { signs } = run;
  run.count = count;
  if (!run.isTelling) return;
  run.tell(() => ({ code: 'take-signs', signs, count }));
  const { scale, tonic } = run.asked;
  if (Math.abs(count) <= MOST_SIGNS || !scale) return;
  run.tell(() => ({ code: 'theoretical', count, scale, instead: practical(run, tonic, count) }));
}

/** The tonic that sounds the same and has a signature of seven signs or fewer, or null. */
function practical(run: Run, tonic: SpelledNote, count: number): SpelledNote | null {
  if (Math.abs(Math.abs(count) - 12) > MOST_SIGNS) return null;
  // An enharmonic neighbour lies a letter higher and sounds no higher, or a letter lower.
  const way = count > 0 ? 1 : -1;
  return spelledOrNull(letterAfter(tonic.letter, way), tonic.alteration - run.whiteKeys(tonic.letter, way));
}

export function putSigns(run: Run, { tonic }: Of<'put-signs'>): void {
  const { signs, asked } = run;
  for (const [at, sign] of signs.entries()) {
    const there = run.where(({ letter }) => letter === sign.letter);
    run.put = at + 1;
    run.write(there, sign);
    if (at === signs.length - 1) run.settle(run.everywhere);
    run.tell(() => ({ code: 'put-sign', sign, tonic: asked.tonic, here: there.length > 0 }), there);
  }
  if (tonic === 'kept') run.write(run.at(1), asked.tonic);
}
