import type * as z from 'zod';
import {
  type FretSpan,
  fretPlaces,
  LAST_FRET,
  STRINGS,
  TUNING_IDS,
  type Tuning,
} from '@/core/instrument/fretboard';
import { tuningFrom } from '@/core/instrument/tuning';
import type { Pitch } from '@/core/note/pitch';
import { asciiName } from '@/core/note/spelled';
import type { Scale } from '@/core/scale/scale';
import { readQuery } from './_query';
import { type Answer, json, refused } from './_respond';
import { readScaleOf } from './_scale-read';
import { type fretsAnswer, fretsParameters } from './_schemas';

/** Answers GET /frets. */
export function answerFrets(url: URL): Answer {
  const query = readQuery(url, Object.keys(fretsParameters), ['tonic', 'tuning']);
  if (!query.ok) return query;
  const { values } = query;
  const reading = readScaleOf(values);
  if (!('scale' in reading)) return reading;
  const named = values.get('tuning') ?? '';
  const tuning = tuningFrom(named);
  if (!tuning) return refused('tuning', `'${named.slice(0, 60)}' was read for tuning. It can be ${ALLOWED}.`);
  const [from, to] = [readFret(values, 'from', 0), readFret(values, 'to', 4)];
  if (typeof from !== 'number') return from;
  if (typeof to !== 'number') return to;
  if (from > to)
    return refused('to', `Frets ${from} to ${to} were read. The first cannot lie above the last.`);
  return json(fretsDocument(reading.scale, tuning, { from, to }));
}

const ALLOWED = `${TUNING_IDS.join(', ')}, or ${STRINGS.fewest} to ${STRINGS.most} pitches from the lowest string, such as E2,A2,D3,G3,B3,E4`;

function readFret(values: ReadonlyMap<string, string>, name: 'from' | 'to', usual: number): number | Answer {
  const read = values.get(name)?.trim();
  if (read === undefined) return usual;
  if (!/^-?\d{1,9}$/u.test(read)) return refused(name, `'${read.slice(0, 60)}' is not a whole number.`, 400);
  const fret = Number(read);
  if (fret >= 0 && fret <= LAST_FRET) return fret;
  return refused(name, `Fret ${fret} was read. It can be 0 (the open string) to ${LAST_FRET}.`);
}

function fretsDocument(scale: Scale, tuning: Tuning, span: FretSpan): z.infer<typeof fretsAnswer> {
  const named = ({ note, octave }: Pitch) => asciiName(note) + octave;
  return {
    tuning: tuning.map(named),
    ...span,
    places: fretPlaces(scale, tuning, span).map(({ string, fret, pitch: at, degree }) => ({
      string,
      fret,
      note: asciiName(at.note),
      pitch: named(at),
      degree,
    })),
  };
}
