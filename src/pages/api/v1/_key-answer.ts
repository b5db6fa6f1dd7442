import type * as z from 'zod';
import { chordsOfScale } from '@/core/harmony/family';
import { enharmonicKey } from '@/core/harmony/key';
import { type Neighbour, neighbourOf } from '@/core/harmony/neighbour';
import { asciiName } from '@/core/note/spelled';
import { relatedKeys } from '@/core/scale/related';
import { scaleNamed } from '@/core/scale/scale';
import { accidentalsOf, isPrintable, signatureOf } from '@/core/scale/signature';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { type KeyText, readKeyText } from './_key-text';
import { readQuery } from './_query';
import { type Answer, json, refused } from './_respond';
import { type keyAnswer, keyParameters } from './_schemas';

type KeyDocument = z.infer<typeof keyAnswer>;

/** Numerals without the flats of minor: i ii° III iv v VI VII. */
const SCHOOL = { ...USUAL_SETTINGS, mediant: 'plain' } as const;

/** Answers GET /key. */
export function answerKey(url: URL): Answer {
  const query = readQuery(url, Object.keys(keyParameters), ['name']);
  if (!query.ok) return query;
  const reading = readKeyText(query.values.get('name') ?? '');
  if (!reading.ok) return refused('name', reading.why);
  return json(keyDocument(reading.read));
}

function neighbourDocument(
  found: Neighbour | null,
  { scale }: KeyText,
): KeyDocument['neighbours']['clockwise'] {
  if (!found) return null;
  const { key, newNote, degree } = found;
  const theoretical = !isPrintable(signatureOf(key.tonic, key.mode));
  const base = { tonic: asciiName(key.tonic), scale, newNote: asciiName(newNote), degree };
  const twin = theoretical ? enharmonicKey(key) : null;
  return theoretical ? { ...base, theoretical, enharmonic: twin && asciiName(twin.tonic) } : base;
}

function keyDocument(read: KeyText): KeyDocument {
  const { tonic, scale, key } = read;
  const reading = scaleNamed(tonic, scale);
  if (!reading.ok) throw new RangeError('read as a key that can be spelled');
  const { ascending, signature, theoretical } = reading.scale;
  const related = (relation: 'relative' | 'parallel' | 'enharmonic') => {
    const found = relatedKeys(reading.scale).find((each) => each.relation === relation);
    return found ? { tonic: asciiName(found.tonic), scale: found.scale } : null;
  };
  const count = signature ?? signatureOf(tonic, key.mode);
  return {
    tonic: asciiName(tonic),
    scale,
    name: ENGLISH.scale(tonic, scale),
    signature: { fifths: count, accidentals: accidentalsOf(count).map(asciiName) },
    notes: ascending.slice(0, 7).map(asciiName),
    relative: related('relative'),
    parallel: related('parallel'),
    enharmonic: related('enharmonic'),
    theoretical,
    neighbours: {
      clockwise: neighbourDocument(neighbourOf(key, 1), read),
      anticlockwise: neighbourDocument(neighbourOf(key, -1), read),
    },
    chords: chordsOfScale(ascending.slice(0, 7), 'triads', SCHOOL).map(({ numeral, chord }) => ({
      numeral,
      root: asciiName(chord.root),
      quality: chord.quality,
      notes: chord.notes.map(asciiName),
    })),
  };
}
