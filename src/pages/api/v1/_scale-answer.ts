import type * as z from 'zod';
import { USUAL_WAYS } from '@/core/derive/method';
import { areSameNotes, derive, methodsFor } from '@/core/derive/methods';
import { prove } from '@/core/derive/proof';
import { transposingInstrument } from '@/core/instrument/transposing';
import { asciiName, type Fifths } from '@/core/note/spelled';
import { scaleForInstrument } from '@/core/scale/for-instrument';
import { notesOf } from '@/core/scale/line';
import { signCode } from '@/core/scale/printed';
import { enharmonicTonic, type Scale } from '@/core/scale/scale';
import { accidentalsOf } from '@/core/scale/signature';
import { signatureWritten, type WrittenScale, writeOut } from '@/core/scale/written';
import type { Settings } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { sayCheck } from '@/core/words/say-check';
import { rotationName } from '@/core/words/say-scale';
import { stepText } from '@/core/words/say-step';
import { SCALE_WORDS } from '@/core/words/vocabulary';
import { FORMATS } from '@/workers/formats';
import { readQuery } from './_query';
import { type Answer, json, refused } from './_respond';
import { readScaleOf } from './_scale-read';
import { HIGHEST_OCTAVE, LOWEST_OCTAVE, type scaleAnswer, scaleParameters } from './_schemas';

const CHOICES = ['clef', 'direction', 'signature', 'modesWritten', 'format', 'instrument'] as const;

/** Answers GET /scale. */
export function answerScale(url: URL): Answer {
  const query = readQuery(url, Object.keys(scaleParameters), ['tonic']);
  if (!query.ok) return query;
  const { values } = query;

  const reading = readScaleOf(values);
  if (!('scale' in reading)) return reading;

  for (const name of CHOICES) {
    const parsed = scaleParameters[name].safeParse(values.get(name));
    if (!parsed.success) {
      const allowed = scaleParameters[name].unwrap().options.join(', ');
      return refused(name, `'${values.get(name)?.slice(0, 60)}' was read for ${name}. It can be ${allowed}.`);
    }
  }
  const octave = readOctave(values.get('octave'));
  if (typeof octave === 'object') return octave;

  const modesWritten = scaleParameters.modesWritten.parse(values.get('modesWritten'));
  const written = writeOut(reading.scale, {
    direction: scaleParameters.direction.parse(values.get('direction')),
    clef: scaleParameters.clef.parse(values.get('clef')),
    signature: scaleParameters.signature.parse(values.get('signature')),
    modesWritten,
    ...(octave === undefined ? {} : { octave }),
  });
  const format = FORMATS.find(({ code }) => code === values.get('format'));
  if (format?.write) return { ok: true, type: format.type, text: format.write(ENGLISH, written) };
  const document = scaleDocument(written, values.get('scale') ?? null, modesWritten);
  const instrument = values.get('instrument');
  if (instrument === undefined) return json(document);
  const read = writtenFor(reading.scale, instrument);
  return read ? json({ ...document, ...read }) : refused('instrument', NOT_WRITTEN);
}

const NOT_WRITTEN = 'The scale cannot be written for this instrument with one or two signs at a note.';

/** What an instrument reads where the scale sounds at concert pitch, or null where it cannot be spelled. */
function writtenFor(
  concert: Scale,
  id: string,
): Pick<z.infer<typeof scaleAnswer>, 'instrument' | 'semitones' | 'written'> | null {
  const instrument = transposingInstrument(id);
  const read = instrument && scaleForInstrument(concert, instrument);
  if (instrument && !read) return null;
  const { written, enharmonic } = read ?? { written: concert, enharmonic: false };
  return {
    instrument: id,
    semitones: instrument?.semitones ?? 0,
    written: {
      tonic: asciiName(written.tonic),
      scale: written.id,
      signature: signatureOf(written.signature),
      ascending: written.ascending.map(asciiName),
      descending: written.descending.map(asciiName),
      enharmonic,
    },
  };
}

function signatureOf(count: Fifths | null): z.infer<typeof scaleAnswer>['signature'] {
  return count === null ? null : { fifths: count, accidentals: accidentalsOf(count).map(asciiName) };
}

function readOctave(read: string | undefined): number | undefined | Answer {
  if (read === undefined) return undefined;
  if (!/^-?\d{1,3}$/u.test(read))
    return refused('octave', `'${read.slice(0, 60)}' is not a whole number.`, 400);
  const octave = Number(read);
  if (octave >= LOWEST_OCTAVE && octave <= HIGHEST_OCTAVE) return octave;
  return refused('octave', `Octave ${octave} was read. It can be ${LOWEST_OCTAVE} to ${HIGHEST_OCTAVE}.`);
}

/** Typed steps as they are sent, and the scale they are a rotation of. */
function stepsInFigures(steps: readonly number[]): string {
  const rotation = rotationName(ENGLISH, steps);
  return rotation ? `${steps.join(' ')} (${rotation})` : steps.join(' ');
}

function scaleDocument(
  written: WrittenScale,
  sent: string | null,
  modesWritten: Settings['modesWritten'],
): z.infer<typeof scaleAnswer> {
  const { scale, direction, clef, line, printed } = written;
  const notes = notesOf(scale, direction);
  const count = signatureWritten(scale, modesWritten);
  const twin = enharmonicTonic(scale);
  return {
    tonic: asciiName(scale.tonic),
    scale: sent?.trim() ?? scale.id,
    name: `${asciiName(scale.tonic)} ${scale.id ? SCALE_WORDS[scale.id] : stepsInFigures(scale.rising)}`,
    ascending: scale.ascending.map(asciiName),
    descending: scale.descending.map(asciiName),
    steps: { ascending: [...scale.rising], descending: [...scale.falling] },
    signature: signatureOf(count),
    theoretical: scale.theoretical,
    enharmonic: twin && asciiName(twin),
    clef,
    direction,
    octave: Math.min(...line.map(({ pitch }) => pitch.octave)),
    pitches: line.map(({ pitch }) => asciiName(pitch.note) + pitch.octave),
    printed: printed.map((sign) =>
      sign === null ? null : (signCode(sign) as 'n' | '#' | 'b' | '##' | 'bb'),
    ),
    methods: methodsFor(scale).flatMap((method) => {
      const derivation = derive(scale, direction, method, { ...USUAL_WAYS, modesWritten });
      if (!derivation) return [];
      const steps = derivation.steps.map(({ fact }) => ({ text: stepText(ENGLISH, fact) }));
      return [{ method, agrees: areSameNotes(derivation.answer, notes), steps }];
    }),
    checks: prove(scale, direction, notes).map((check) => ({
      check: check.check,
      holds: check.holds,
      text: sayCheck(ENGLISH, check),
    })),
  };
}
