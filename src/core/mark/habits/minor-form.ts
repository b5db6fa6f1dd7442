import type { ScaleQuestion } from '../scale-question';
import type { Moved, Working } from '../working';

export const isHarmonic = ({ scale }: ScaleQuestion) => scale === 'harmonic-minor';

export const isMelodic = ({ scale }: ScaleQuestion) => scale === 'melodic-minor';

export const isNatural = ({ scale }: ScaleQuestion) => scale === 'natural-minor';

export const comesDown = ({ direction }: ScaleQuestion) => direction !== 'up';

export const goesUp = ({ direction }: ScaleQuestion) => direction !== 'down';

/** The working with other degrees moved: harmonic both ways alike, melodic going up alone. */
export function moving(working: Working, question: ScaleQuestion, moved: Moved): Working {
  return isMelodic(question) ? { ...working, up: moved } : { ...working, up: moved, down: moved };
}
