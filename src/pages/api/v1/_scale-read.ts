import { readEnglishNote } from '@/core/note/parse';
import type { SpelledNote } from '@/core/note/spelled';
import { NAMED_SCALE_IDS, SCALE_ALIASES, scaleIdFrom } from '@/core/scale/pattern';
import { type ScaleReading, scaleNamed, scaleOfSteps } from '@/core/scale/scale';
import { readSteps } from '@/core/scale/typed-steps';
import { ENGLISH } from '@/core/words/class-words';
import { sayProblem } from '@/core/words/say-problem';
import { type Answer, refused } from './_respond';

type Found = Extract<ScaleReading, { readonly ok: true }> | Extract<Answer, { readonly ok: false }>;

/** The scale that a request asks for by its tonic and either its id or its steps, or why there is none. */
export function readScaleOf(values: ReadonlyMap<string, string>): Found {
  const tonic = readEnglishNote(values.get('tonic') ?? '');
  if (!tonic.ok) return failed(refused('tonic', sayProblem(ENGLISH, tonic.problem)));
  return readScale(tonic.note, values);
}

function readScale(tonic: SpelledNote, values: ReadonlyMap<string, string>): Found {
  const [named, typed] = [values.get('scale'), values.get('steps')];
  if ((named === undefined) === (typed === undefined)) {
    const given = named === undefined ? 'neither' : 'both';
    return failed(refused('scale', `Either scale or steps is needed; ${given} was given.`, 400));
  }
  if (typed !== undefined) {
    const steps = readSteps(typed.split(','));
    if (!steps.ok) return failed(refused('steps', sayProblem(ENGLISH, steps.problem)));
    const reading = scaleOfSteps(tonic, steps.steps);
    return reading.ok ? reading : failed(refused('tonic', sayProblem(ENGLISH, reading.problem)));
  }
  const read = (named ?? '').trim();
  const id = scaleIdFrom(read);
  if (!id) {
    const allowed = [...NAMED_SCALE_IDS, ...Object.keys(SCALE_ALIASES)].join(', ');
    return failed(refused('scale', `'${read.slice(0, 60)}' was read for scale. It can be ${allowed}.`));
  }
  const reading = scaleNamed(tonic, id);
  return reading.ok ? reading : failed(refused('tonic', sayProblem(ENGLISH, reading.problem)));
}

function failed(answer: Answer): Extract<Answer, { readonly ok: false }> {
  if (answer.ok) throw new RangeError('a refusal is no answer');
  return answer;
}
