import type * as z from 'zod';
import type { DrawnSign } from '@/core/mark/drawn';
import { type MarkProblem, markProblem } from '@/core/mark/markable';
import { type KeyAnswer, MARK_KINDS, type Marked } from '@/core/mark/questions';
import type { ScaleQuestion } from '@/core/mark/scale-question';
import { readEnglishNote } from '@/core/note/parse';
import { type Pitch, pitch } from '@/core/note/pitch';
import { fifths, type SpelledNote, spelled } from '@/core/note/spelled';
import { SCALE_IDS, scaleIdFrom } from '@/core/scale/pattern';
import { signOfCode } from '@/core/scale/printed';
import type { Settings } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { sayMarkProblem } from '@/core/words/say-mark-problem';
import { sayProblem } from '@/core/words/say-problem';
import { readKeyText } from './_key-text';
import { MARK_BODIES } from './_mark-schemas';

/** What is wrong with a question or an answer: the status, and each field with what was read. */
export type MarkRefusal = {
  readonly status: 400 | 422;
  readonly found: readonly { readonly pointer: string; readonly detail: string }[];
};

export type MarkReading =
  | { readonly ok: true; readonly marked: Marked }
  | ({ readonly ok: false } & MarkRefusal);

/** A field that was read and is not allowed; it ends the reading. */
class NotAllowed extends Error {
  constructor(
    readonly pointer: string,
    detail: string,
  ) {
    super(detail);
  }
}

function noteFrom(text: string, pointer: string): SpelledNote {
  const reading = readEnglishNote(text);
  if (!reading.ok) throw new NotAllowed(pointer, sayProblem(ENGLISH, reading.problem));
  return reading.note;
}

const notesFrom = (texts: readonly string[], pointer: string) =>
  texts.map((text, at) => noteFrom(text, `${pointer}/${at}`));

function pitchFrom(text: string, pointer: string): Pitch {
  const found = /^(.*?)(-?\d{1,2})$/u.exec(text.trim());
  if (!found?.[1])
    throw new NotAllowed(
      pointer,
      `'${text.slice(0, 40)}' has no octave. Write a pitch as Bb4; C4 is middle C.`,
    );
  return pitch(noteFrom(found[1], pointer), Number(found[2]));
}

/** A tonic and one of the nine scales. */
function scaleFrom({ tonic, scale }: { readonly tonic: string; readonly scale: string }) {
  const id = scaleIdFrom(scale) as ScaleQuestion['scale'];
  return {
    tonic: noteFrom(tonic, '#/question/tonic'),
    scale: SCALE_IDS.includes(id) ? id : ('major' as const),
  };
}

function drawnFrom(
  signs: readonly { readonly sign: string; readonly place?: string | undefined }[],
  pointer: string,
): readonly DrawnSign[] {
  return signs.map(({ sign, place }, at) => {
    const there = place === undefined ? null : pitchFrom(place, `${pointer}/${at}/place`);
    const alone = signOfCode(sign);
    if (alone !== null && there) return { sign: spelled(there.note.letter, alone), octave: there.octave };
    const note = noteFrom(sign, `${pointer}/${at}/sign`);
    if (there && there.note.letter !== note.letter)
      throw new NotAllowed(
        `${pointer}/${at}/place`,
        `${place} is no place for ${sign}: another letter stands there.`,
      );
    return { sign: note, octave: there?.octave ?? null };
  });
}

/** A key that was given as an answer; the mode may be unsaid. */
function keyAnswerFrom(text: string): KeyAnswer {
  const plain = text.trim();
  const small = /^[a-g]/u.test(plain);
  const alone = readEnglishNote(plain);
  if (alone.ok) return { key: { tonic: alone.note, scale: null }, small };
  const reading = readKeyText(plain);
  if (!reading.ok) throw new NotAllowed('#/answer/key', reading.why);
  return { key: { tonic: reading.read.tonic, scale: reading.read.scale }, small };
}

type Bodies = { readonly [Kind in keyof typeof MARK_BODIES]: z.infer<(typeof MARK_BODIES)[Kind]> };

function scaleMarked({ question, answer }: Bodies['scale'], melodicDown: Settings['melodicDown']): Marked {
  const { direction, signature, clef } = question;
  const notes = notesFrom(answer.notes, '#/answer/notes');
  for (const name of ['printed', 'octaves'] as const) {
    const given = answer[name];
    if (given && given.length !== notes.length)
      throw new NotAllowed(
        `#/answer/${name}`,
        `${given.length} were given for ${notes.length} notes; one for each note is needed.`,
      );
  }
  const printed = answer.printed?.map((sign) => (sign === null ? null : signOfCode(sign)));
  const drawn = answer.signature && drawnFrom(answer.signature, '#/answer/signature');
  return {
    kind: 'scale',
    question: { ...scaleFrom(question), direction, signature, clef: clef ?? null, melodicDown },
    answer: { notes, octaves: answer.octaves, printed, signature: drawn },
  };
}

function namingMarked<Kind extends 'name-key' | 'name-signature' | 'name-scale' | 'partner'>(
  kind: Kind,
  body: Bodies[Kind],
): Marked {
  switch (kind) {
    case 'name-key': {
      const { question, answer } = body as Bodies['name-key'];
      return {
        kind: 'name-key',
        question: { fifths: fifths(question.fifths), mode: question.mode },
        answer: keyAnswerFrom(answer.key),
      };
    }
    case 'name-signature': {
      const { question, answer } = body as Bodies['name-signature'];
      const signs = answer.accidentals ? notesFrom(answer.accidentals, '#/answer/accidentals') : null;
      return {
        kind: 'name-signature',
        question: scaleFrom(question),
        answer: { fifths: answer.fifths === undefined ? null : fifths(answer.fifths), signs },
      };
    }
    case 'name-scale': {
      const { question, answer } = body as Bodies['name-scale'];
      const notes = notesFrom(question.notes, '#/question/notes');
      return {
        kind: 'name-scale',
        question: { notes },
        answer: { ...keyAnswerFrom(answer.key), reasons: answer.reasons },
      };
    }
    default: {
      const { question, answer } = body as Bodies['partner'];
      const reading = readKeyText(question.key);
      if (!reading.ok) throw new NotAllowed('#/question/key', reading.why);
      const { tonic, mode } = reading.read.key;
      return {
        kind: 'partner',
        question: { relation: question.relation, tonic, mode },
        answer: keyAnswerFrom(answer.key),
      };
    }
  }
}

function otherMarked(kind: keyof Bodies, body: unknown): Marked {
  switch (kind) {
    case 'signature': {
      const { question, answer } = body as Bodies['signature'];
      return {
        kind,
        question: { ...scaleFrom(question), clef: question.clef },
        answer: drawnFrom(answer.signs, '#/answer/signs'),
      };
    }
    case 'order': {
      const { question, answer } = body as Bodies['order'];
      return {
        kind,
        question: { kind: question.signs, count: question.count },
        answer: notesFrom(answer.signs, '#/answer/signs'),
      };
    }
    case 'steps': {
      const { question, answer } = body as Bodies['steps'];
      const { scale } = scaleFrom({ tonic: 'C', scale: question.scale });
      return { kind, question: { scale, direction: question.direction }, answer: answer.steps };
    }
    case 'degree': {
      const { question, answer } = body as Bodies['degree'];
      const note = answer.note.trim() === '' ? null : noteFrom(answer.note, '#/answer/note');
      return { kind, question: { ...scaleFrom(question), degree: question.degree }, answer: note };
    }
    case 'chord': {
      const { question, answer } = body as Bodies['chord'];
      const { degree, size, wants } = question;
      const asked = { ...scaleFrom(question), degree, size, wants };
      if (wants === 'numeral') return { kind, question: asked, answer: { numeral: answer.numeral ?? '' } };
      return { kind, question: asked, answer: { notes: notesFrom(answer.notes ?? [], '#/answer/notes') } };
    }
    default: {
      const { question, answer } = body as Bodies['transpose'];
      const given = answer.pitch.trim() === '' ? null : pitchFrom(answer.pitch, '#/answer/pitch');
      return {
        kind: 'transpose',
        question: { pitch: pitchFrom(question.pitch, '#/question/pitch'), instrument: question.instrument },
        answer: given,
      };
    }
  }
}

function markedFrom(kind: keyof Bodies, body: unknown, melodicDown: Settings['melodicDown']): Marked {
  if (kind === 'scale') return scaleMarked(body as Bodies['scale'], melodicDown);
  if (kind === 'name-key' || kind === 'name-signature' || kind === 'name-scale' || kind === 'partner')
    return namingMarked(kind, body as Bodies[typeof kind]);
  return otherMarked(kind, body);
}

function problemAt(problem: MarkProblem): MarkRefusal {
  return { status: 422, found: [{ pointer: '#/question', detail: sayMarkProblem(problem) }] };
}

/** Whether a place of a body that does not fit is only a value that is not allowed, and not another shape. */
const isValue = (code: string) => code === 'invalid_value' || code === 'too_big' || code === 'too_small';

/** Reads a question with its answer: the shape, then each text, then whether it has an answer at all. */
export function readMarkBody(sent: unknown, melodicDown: Settings['melodicDown']): MarkReading {
  const kind = (sent as { question?: { kind?: unknown } } | null)?.question?.kind;
  const known = MARK_KINDS.find((each) => each === kind);
  if (!known) {
    const read =
      typeof kind === 'string'
        ? `'${kind.slice(0, 40)}' is no kind of question.`
        : 'A question with its kind is needed.';
    return {
      ok: false,
      status: typeof kind === 'string' ? 422 : 400,
      found: [{ pointer: '#/question/kind', detail: `${read} Kinds are ${MARK_KINDS.join(', ')}.` }],
    };
  }
  const checked = MARK_BODIES[known].safeParse(sent);
  if (!checked.success) {
    const found = checked.error.issues.map(({ path, message }) => ({
      pointer: `#/${path.join('/')}`,
      detail: message,
    }));
    return { ok: false, status: checked.error.issues.every(({ code }) => isValue(code)) ? 422 : 400, found };
  }
  try {
    const marked = markedFrom(known, checked.data, melodicDown);
    const problem = markProblem(marked);
    return problem ? { ok: false, ...problemAt(problem) } : { ok: true, marked };
  } catch (error) {
    if (!(error instanceof NotAllowed)) throw error;
    return { ok: false, status: 422, found: [{ pointer: error.pointer, detail: error.message }] };
  }
}
