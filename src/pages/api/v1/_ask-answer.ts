import type * as z from 'zod';
import { ask } from '@/core/ask/ask';
import type { AskReading } from '@/core/ask/reading';
import type { Key } from '@/core/harmony/key';
import { identify } from '@/core/identify/name-scale';
import { asciiName, type SpelledNote } from '@/core/note/spelled';
import { type AskedScale, isTyped } from '@/core/scale/asked';
import { scaleOfMode } from '@/core/scale/pattern';
import { ownerOf } from '@/core/scale/signature';
import { ENGLISH } from '@/core/words/class-words';
import { sayAskProblem, sayReading } from '@/core/words/say-ask';
import { ROOMS } from '@/rooms/all';
import { hrefOfReading } from '@/rooms/ask/href';
import { writeKeyText } from './_key-text';
import { readQuery } from './_query';
import { type Answer, json } from './_respond';
import { type askAnswer, askParameters } from './_schemas';

/** Answers GET /ask. */
export function answerAsk(url: URL): Answer {
  const query = readQuery(url, Object.keys(askParameters), ['q']);
  if (!query.ok) return query;
  const { readings, problem } = ask(ENGLISH, query.values.get('q') ?? '');
  const answer: z.infer<typeof askAnswer> = { readings: readings.map(readingDocument) };
  return json(problem ? { ...answer, notUnderstood: sayAskProblem(ENGLISH, problem) } : answer);
}

function keyText({ tonic, mode }: Key): string {
  return writeKeyText(tonic, scaleOfMode(mode));
}

type ReadingDocument = z.infer<typeof askAnswer>['readings'][number];

/** A scale as the API has it: its id, or null with its steps. */
function scaleFields(tonic: SpelledNote, scale: AskedScale): Partial<ReadingDocument> {
  return { tonic: asciiName(tonic), ...(isTyped(scale) ? { scale: null, steps: scale } : { scale }) };
}

function readingDocument(reading: AskReading): ReadingDocument {
  const base = {
    kind: reading.kind,
    text: sayReading(ENGLISH, reading),
    href: hrefOfReading(reading, ROOMS),
  };
  switch (reading.kind) {
    case 'scale':
    case 'compare':
    case 'play': {
      const { instrument } = reading.options;
      const read = scaleFields(reading.tonic, reading.scale);
      return { ...base, ...read, ...(instrument ? { instrument } : {}) };
    }
    case 'signature':
    case 'mark':
    case 'sheet-question':
      return { ...base, ...scaleFields(reading.tonic, reading.scale) };
    case 'key': {
      const owner = reading.mode && ownerOf(reading.fifths, reading.mode);
      const key = owner && reading.mode ? scaleFields(owner, scaleOfMode(reading.mode)) : {};
      return { ...base, fifths: reading.fifths, ...key };
    }
    case 'name': {
      const best = identify(reading.notes).names[0];
      return { ...base, ...(best ? scaleFields(best.tonic, best.scale) : {}) };
    }
    case 'route':
      return { ...base, from: keyText(reading.from), to: keyText(reading.to) };
    case 'chords':
    case 'circle':
      return { ...base, ...scaleFields(reading.key.tonic, scaleOfMode(reading.key.mode)) };
    case 'chord':
      return { ...base, root: asciiName(reading.root), chord: reading.quality };
    case 'order':
      return { ...base, fifths: reading.of === 'sharps' ? 7 : -7 };
    case 'degree':
      return { ...base, ...scaleFields(reading.tonic, reading.scale), note: asciiName(reading.note) };
    case 'interval':
      return { ...base, note: asciiName(reading.to) };
    case 'note':
      return { ...base, note: asciiName(reading.note) };
    case 'sheet':
    case 'place':
      return base;
  }
}
