import { memo } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { stepMoon } from '@/engrave/moon';
import { group } from '@/engrave/scene';
import { SceneView } from '../scene/SceneView';
import { useWords } from '../school/use-class';

type Props = {
  /** The steps that occur, as words of their semitones apart by blanks, so that equal ones are the same. */
  readonly steps: string;
};

/** What the step moons of a scale mean. */
export const MoonLegend = memo(function MoonLegend({ steps }: Props) {
  const w = useWords();
  return (
    <ul className="flex flex-wrap gap-x-4 gap-y-0.5">
      {steps
        .split(' ')
        .map(Number)
        .map((semitones) => (
          <li key={semitones} className="flex items-center gap-1.5">
            <SceneView
              id={`legend-${semitones}`}
              scene={{
                width: semitones === 3 ? 30 : 16,
                height: 16,
                groups: [group('moon', 'legend', stepMoon(semitones, semitones === 3 ? 15 : 8, 8, 6))],
              }}
              title={w.stepName(semitones)}
              description={deriveWords(w).surfaces.moonIs(w.stepName(semitones))}
              style={{ height: '1rem' }}
            />
            {w.stepName(semitones)} ({w.stepLetters(semitones)})
          </li>
        ))}
    </ul>
  );
});
