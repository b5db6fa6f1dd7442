import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { capital } from '../vocabulary';

function words(w: ClassWords) {
  return {
    parts: {
      concert: (scale: string) => `Concert pitch: ${scale}`,
      reads: (instrument: string, scale: string) => `${capital(instrument)} reads ${scale}`,
      choose: 'Say for which instrument: it reads the same scale in a key of its own.',
      cannot: 'This scale cannot be written for the instrument with one or two signs at a note.',
    },
    wheel: {
      title: 'Letter wheel',
      is: (line: string) =>
        `The ${w.letterWords} in a circle, ${w.letter('G')} next to ${w.letter('A')}: ${line}`,
      units: { letters: capital(w.letterWords), 'half-steps': capital(w.halves) },
      up: 'One further up',
      down: 'One further down',
      home: 'From the start',
      turn: 'Turn round',
      hint: (from: string) => `Walk from ${from} with + and −; press another note to begin there.`,
    },
    grand: {
      title: 'Grand staff',
      upper: 'upper staff',
      lower: 'lower staff',
      sign: (sign: string) => `${sign} in the signature`,
    },
    keyboard: {
      title: 'Keyboard',
      hands: { left: 'left hand', right: 'right hand' },
    },
    fretboard: {
      title: (shown: string) => `Fretboard, ${shown}`,
      span: 'Frets that are shown',
      lower: 'One fret lower',
      higher: 'One fret higher',
      wider: 'Wider',
      narrower: 'Narrower',
      oneString: 'One string',
      leftHanded: 'Left-handed',
    },
  };
}

/** The words of surfaces that are loaded when they are shown. */
export const surfaceWords = byClass(words);
