import type * as z from 'zod';
import { signaturePlaces } from '@/core/instrument/signature-place';
import { CLEFS } from '@/core/instrument/staff';
import { asciiName, type Fifths, fifths } from '@/core/note/spelled';
import { accidentalsOf, isPrintable, ownersOf } from '@/core/scale/signature';
import { readQuery } from './_query';
import { type Answer, json, refused } from './_respond';
import { type signatureAnswer, signatureParameters } from './_schemas';

/** Answers GET /signature. */
export function answerSignature(url: URL): Answer {
  const names = Object.keys(signatureParameters);
  const query = readQuery(url, names, names);
  if (!query.ok) return query;
  const read = (query.values.get('fifths') ?? '').trim();
  if (!/^[+-]?\d{1,9}$/u.test(read))
    return refused('fifths', `'${read.slice(0, 60)}' is not a whole number.`, 400);
  // Minus zero is zero: an empty signature.
  const count = fifths(Number(read) || 0);
  if (!isPrintable(count)) {
    return refused('fifths', `${count} was read. A signature has −7 (seven flats) to 7 (seven sharps).`);
  }
  return json(signatureDocument(count));
}

function signatureDocument(count: Fifths): z.infer<typeof signatureAnswer> {
  const { major, minor, ...modes } = ownersOf(count);
  return {
    fifths: count,
    accidentals: accidentalsOf(count).map(asciiName),
    major: asciiName(major),
    minor: asciiName(minor),
    modes: Object.fromEntries(Object.entries(modes).map(([mode, owner]) => [mode, asciiName(owner)])),
    places: Object.fromEntries(
      CLEFS.map((clef) => [
        clef,
        signaturePlaces(count, clef).map(({ note, octave }) => asciiName(note) + octave),
      ]),
    ),
  };
}
