import { memo } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { stepMoon } from '@/engrave/moon';
import { group } from '@/engrave/scene';
import { SceneView } from '../scene/SceneView';
import { useWords } from '../school/use-class';

type Props = {
  /** The gaps that occur, each its semitones and its name, as one text, so that equal ones are the same. */
  readonly gaps: string;
};

/** The gaps of a line as the legend takes them: whole steps first. */
export function legendGaps(names: ReadonlyMap<number, string>): string {
  return [2, 1, 3, 4].flatMap((size) => (names.has(size) ? [`${size} ${names.get(size)}`] : [])).join('|');
}

/** What the step moons of a scale mean. */
export const MoonLegend = memo(function MoonLegend({ gaps }: Props) {
  const w = useWords();
  return (
    <ul className="flex flex-wrap gap-x-4 gap-y-0.5">
      {gaps.split('|').map((gap) => {
        const semitones = Number(gap.slice(0, 1));
        const name = gap.slice(2);
        const wide = semitones > 2;
        return (
          <li key={gap} className="flex items-center gap-1.5">
            <SceneView
              id={`legend-${semitones}`}
              scene={{
                width: wide ? 30 : 16,
                height: 16,
                groups: [group('moon', 'legend', stepMoon(semitones, wide ? 15 : 8, 8, 6))],
              }}
              title={name}
              description={deriveWords(w).surfaces.moonIs(name)}
              style={{ height: '1rem' }}
            />
            {name} ({w.stepLetters(semitones)})
          </li>
        );
      })}
    </ul>
  );
});
