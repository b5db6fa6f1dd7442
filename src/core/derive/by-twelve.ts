import { type SpelledNote, semitonesAbove } from '../note/spelled';
import { chromaticBetween } from '../scale/chromatic';
import type { Direction } from '../scale/line';
import type { Scale } from '../scale/scale';
import { scaleNamed } from '../scale/scale';
import type { Derivation } from './derivation';
import { Working } from './working';

/**
 * The chromatic scale from the notes of its key: these stand, and each whole step between two of them is divided.
 * Rising the lower note is raised, coming down the upper one is lowered.
 */
export function deriveTwelve(scale: Scale, direction: Direction): Derivation {
  const { tonic } = scale;
  const reading = scaleNamed(tonic, 'major');
  if (!reading.ok) throw new RangeError('a chromatic scale that can be spelled has its key');
  const key = reading.scale.ascending;
  const working = new Working(scale, direction, 'step-pattern');
  const top = scale.ascending.length - 1;
  const placesOf = (index: number, falling: boolean) =>
    working.line.flatMap((each, place) => {
      const at = each.falling ? (direction === 'both' ? 2 * top - place : top - place) : place;
      return at === index && each.falling === falling ? [place] : [];
    });
  const inKey = working.line.flatMap(({ pitch }, place) => (key.includes(pitch.note) ? [place] : []));
  working.decide({ code: 'key-notes', tonic, notes: key }, inKey);

  const whole: { readonly low: SpelledNote; readonly high: SpelledNote; readonly index: number }[] = [];
  const half: (readonly [SpelledNote, SpelledNote])[] = [];
  let index = 0;
  for (const [at, high] of key.entries()) {
    const low = key[at - 1];
    if (!low) continue;
    const size = semitonesAbove(low, high);
    if (size === 2) whole.push({ low, high, index: index + 1 });
    else half.push([low, high]);
    index += size;
  }
  const fill = (falling: boolean) => {
    for (const { low, high, index: place } of falling ? [...whole].reverse() : whole) {
      const to = chromaticBetween({ from: low, to: high, falling });
      const refused = chromaticBetween({ from: low, to: high, falling: !falling });
      if (to) working.decide({ code: 'between', low, high, to, falling, refused }, placesOf(place, falling));
    }
  };
  if (direction !== 'down') fill(false);
  if (direction !== 'up') fill(true);
  working.say({ code: 'no-between', pairs: half });
  return working.finish();
}
