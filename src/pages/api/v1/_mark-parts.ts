import * as z from 'zod';
import type { AnswerOf } from '@/core/exercise/answer';
import type { Fields } from '@/core/exercise/kinds/fields';
import type { DrawnSign } from '@/core/mark/judging/drawn';
import { readEnglishNote } from '@/core/note/parse';
import { type Pitch, pitch } from '@/core/note/pitch';
import { type SpelledNote, spelled } from '@/core/note/spelled';
import { SCALE_ALIASES, SCALE_IDS, scaleIdFrom } from '@/core/scale/pattern';
import { signOfCode } from '@/core/scale/printed';
import { ENGLISH } from '@/core/words/class-words';
import { sayProblem } from '@/core/words/say-problem';
import { readKeyText } from './_key-text';

/** The most notes of one answer, and the longest text. */
export const MOST_PARTS = 1000;
const TEXT = 2000;

/** What questions and answers are made of. */
export const text = z.string().max(TEXT);
const note = text.meta({ description: 'A note: Bb, F#, F##, Ebb', example: 'Bb' });
export const notes = z.array(note).max(MOST_PARTS);
export const scale = z.enum([...SCALE_IDS, ...Object.keys(SCALE_ALIASES)]);
export const key = text.meta({
  description: 'A key as text; the mode may be left out',
  example: 'Eb major',
});
export const onScale = { tonic: note, scale };
export const sign = z.enum(['n', '#', 'b', '##', 'bb']);
export const drawnSign = z.strictObject({
  sign: text.meta({
    description: 'The sign with its letter, Bb, or the sign alone where its place is given',
  }),
  place: z.optional(text.meta({ description: 'Letter and octave of its place on the staff', example: 'B4' })),
});

/** A field that was read and is not allowed; it ends the reading. */
export class NotAllowed extends Error {
  constructor(
    readonly pointer: string,
    detail: string,
  ) {
    super(detail);
  }
}

export function noteFrom(read: string, pointer: string): SpelledNote {
  const reading = readEnglishNote(read);
  if (!reading.ok) throw new NotAllowed(pointer, sayProblem(ENGLISH, reading.problem));
  return reading.note;
}

export function notesFrom(texts: readonly string[], pointer: string): readonly SpelledNote[] {
  return texts.map((each, at) => noteFrom(each, `${pointer}/${at}`));
}

export function pitchFrom(read: string, pointer: string): Pitch {
  const found = /^(.*?)(-?\d{1,2})$/u.exec(read.trim());
  if (!found?.[1])
    throw new NotAllowed(
      pointer,
      `'${read.slice(0, 40)}' has no octave. Write a pitch as Bb4; C4 is middle C.`,
    );
  return pitch(noteFrom(found[1], pointer), Number(found[2]));
}

/** One of the nine scales by its id or another name of it. */
export function scaleFrom(read: string): Fields['scale'] {
  const id = scaleIdFrom(read);
  return SCALE_IDS.find((each) => each === id) ?? 'major';
}

/** A tonic and one of the nine scales. */
export function keyFrom(sent: { readonly tonic: string; readonly scale: string }) {
  return { tonic: noteFrom(sent.tonic, '#/question/tonic'), scale: scaleFrom(sent.scale) };
}

/** Signs as they were drawn: with their letter, or alone where their place is given. */
export function drawnFrom(
  signs: readonly { readonly sign: string; readonly place?: string | undefined }[],
  pointer: string,
): readonly DrawnSign[] {
  return signs.map((sent, at) => {
    const there = sent.place === undefined ? null : pitchFrom(sent.place, `${pointer}/${at}/place`);
    const alone = signOfCode(sent.sign);
    if (alone !== null && there) return { sign: spelled(there.note.letter, alone), octave: there.octave };
    const named = noteFrom(sent.sign, `${pointer}/${at}/sign`);
    if (there && there.note.letter !== named.letter)
      throw new NotAllowed(
        `${pointer}/${at}/place`,
        `${sent.place} is no place for ${sent.sign}: another letter stands there.`,
      );
    return { sign: named, octave: there?.octave ?? null };
  });
}

/** A key that was given as an answer; the mode may be unsaid. */
export function keyAnswerFrom(read: string, reasons: AnswerOf<'key'>['reasons'] = []): AnswerOf<'key'> {
  const plain = read.trim();
  const small = /^[a-g]/u.test(plain);
  const alone = readEnglishNote(plain);
  if (alone.ok) return { is: 'key', key: { tonic: alone.note, scale: null }, small, reasons };
  const reading = readKeyText(plain);
  if (!reading.ok) throw new NotAllowed('#/answer/key', reading.why);
  return { is: 'key', key: { tonic: reading.read.tonic, scale: reading.read.scale }, small, reasons };
}
