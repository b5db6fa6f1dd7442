import type { AskPlace, AskReading } from '@/core/ask/reading';
import { asciiName, fifths } from '@/core/note/spelled';
import { writeAddress } from '../derive/sentence/address';
import { type DeriveSentence, FIRST_SENTENCE, fitting } from '../derive/sentence/sentence';
import { FIRST_QUESTIONS, writeQuestion } from '../derive/sentence/write-question';
import { ORBIT_PATH, orbitHref } from '../orbit/orbit-address';
import { FIRST } from '../orbit/orbit-sentence';

const PLACES: Readonly<Record<AskPlace, string>> = {
  class: '/class',
  people: '/class?part=people',
  backup: '/class?part=safe',
  signatures: '/class?part=3',
  writing: '/class?part=4',
  // How many keys and in which order is the class's own.
  keyBook: `${ORBIT_PATH}?see=book`,
  blankCircle: `${ORBIT_PATH}?see=fill`,
  buildCircle: `${ORBIT_PATH}?see=build&step=1`,
  mark: '/mark',
};

/** The sentence a reading builds; what it leaves open is as in the sentence that stands. */
function sentenceOf(
  reading: Extract<AskReading, { readonly kind: 'scale' | 'compare' }>,
  now: DeriveSentence,
): DeriveSentence {
  const { tonic, scale, options } = reading;
  const beside = reading.kind === 'scale' ? null : reading.beside;
  return fitting({
    ...now,
    ...options,
    tonic,
    scale,
    step: null,
    beside:
      beside === null
        ? null
        : typeof beside === 'string'
          ? { kind: 'method', method: beside }
          : { kind: 'scale', ...beside },
  });
}

/** The address that answers a reading. */
export function hrefOfReading(reading: AskReading, now: DeriveSentence = FIRST_SENTENCE): string {
  switch (reading.kind) {
    case 'scale':
    case 'compare':
      return `/derive${writeAddress(sentenceOf(reading, now))}`;
    case 'key':
      return `/derive${writeQuestion({ ...FIRST_QUESTIONS.key, fifths: reading.fifths, asked: reading.mode ?? 'every' })}`;
    case 'signature':
      return `/derive${writeQuestion({ ...FIRST_QUESTIONS.signature, tonic: reading.tonic, scale: reading.scale })}`;
    case 'name':
      return `/derive${writeQuestion({ ...FIRST_QUESTIONS.name, notes: reading.notes })}`;
    case 'route':
      return orbitHref({ ...FIRST.route, from: reading.from, to: reading.to });
    case 'chords':
      return orbitHref({ ...FIRST.chords, key: reading.key, size: reading.size });
    case 'chord':
      return orbitHref({ ...FIRST.spell, root: reading.root, quality: reading.quality });
    case 'note':
      return orbitHref({ kind: 'notes', note: reading.note });
    case 'order':
      return `/derive${writeQuestion({ ...FIRST_QUESTIONS.key, fifths: fifths(reading.of === 'sharps' ? 7 : -7), asked: 'every' })}`;
    case 'degree':
      return `/derive${writeAddress(fitting({ ...now, tonic: reading.tonic, scale: reading.scale, step: null, beside: null }))}`;
    case 'interval':
      return orbitHref({ kind: 'notes', note: reading.to });
    case 'circle':
      return orbitHref({ kind: 'keys', key: reading.key });
    case 'mark': {
      const { direction, clef, signature } = reading.options;
      const asked = { tonic: asciiName(reading.tonic), scale: String(reading.scale) };
      const options = Object.entries({ direction, clef, signature }).flatMap(([name, value]) =>
        value ? [[name, value]] : [],
      );
      return `/mark?${new URLSearchParams({ kind: 'scale', ...asked, ...Object.fromEntries(options) })}`;
    }
    case 'place':
      return PLACES[reading.place];
  }
}
