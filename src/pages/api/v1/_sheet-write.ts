import type { Answer } from '@/core/exercise/answer';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { asciiName } from '@/core/note/spelled';
import { scaleOfMode } from '@/core/scale/pattern';
import { signCode } from '@/core/scale/printed';
import { writeKeyText } from './_key-text';

/** A question as `POST /mark` takes it. */
export function writeQuestion(asked: MarkQuestion): Readonly<Record<string, unknown>> {
  const { kind } = asked;
  switch (kind) {
    case 'scale': {
      const { tonic, scale, direction, signature, clef } = asked.question;
      return { kind, tonic: asciiName(tonic), scale, direction, signature, ...(clef ? { clef } : {}) };
    }
    case 'signature': {
      const { tonic, scale, clef } = asked.question;
      return { kind, tonic: asciiName(tonic), scale, clef };
    }
    case 'name-key':
      return { kind, fifths: asked.question.fifths, mode: asked.question.mode };
    case 'name-signature':
      return { kind, tonic: asciiName(asked.question.tonic), scale: asked.question.scale };
    case 'order': {
      const { order } = asked.question;
      return { kind, signs: order < 0 ? 'flats' : 'sharps', count: Math.abs(order) };
    }
    case 'steps':
      return { kind, scale: asked.question.scale, direction: asked.question.direction };
    case 'name-scale':
      return { kind, notes: asked.question.notes.map(asciiName) };
    case 'partner': {
      const { relation, tonic, mode } = asked.question;
      return { kind, relation, key: writeKeyText(tonic, scaleOfMode(mode)) };
    }
    case 'degree': {
      const { tonic, scale, degree } = asked.question;
      return { kind, tonic: asciiName(tonic), scale, degree };
    }
    case 'chord': {
      const { tonic, scale, degree, size, wants } = asked.question;
      return { kind, tonic: asciiName(tonic), scale, degree, size, wants };
    }
    case 'dictation': {
      const { line, tonic, scale, clef, signature } = asked.question;
      return { kind, line, tonic: asciiName(tonic), scale, clef, signature };
    }
    case 'transpose': {
      const { pitch, instrument } = asked.question;
      return { kind, pitch: `${asciiName(pitch.note)}${pitch.octave}`, instrument };
    }
  }
}

/** An answer as `POST /mark` takes it. */
export function writeAnswer(asked: MarkQuestion, answer: Answer): Readonly<Record<string, unknown>> {
  switch (answer.is) {
    case 'blank':
      return {};
    case 'scale': {
      const { notes } = answer;
      const printed = notes.map(({ printed: sign }) =>
        sign === null || sign === undefined ? null : signCode(sign),
      );
      const known = notes.every(({ printed: sign }) => sign !== undefined);
      const octaves = notes.flatMap(({ octave }) => (octave === null ? [] : [octave]));
      return {
        notes: notes.map(({ note }) => asciiName(note)),
        ...(known ? { printed } : {}),
        ...(octaves.length === notes.length ? { octaves } : {}),
      };
    }
    case 'drawn':
      return {
        signs: answer.signs.map(({ sign, octave }) => ({
          sign: asciiName(sign),
          ...(octave === null ? {} : { place: `${sign.letter}${octave}` }),
        })),
      };
    case 'notes': {
      const names = answer.notes.map(asciiName);
      if (asked.kind === 'degree') return { note: names[0] ?? '' };
      return asked.kind === 'order' ? { signs: names } : { notes: names };
    }
    case 'key': {
      const { tonic, scale } = answer.key;
      return { key: scale ? writeKeyText(tonic, scale) : asciiName(tonic) };
    }
    case 'count':
      return {
        ...(answer.fifths === null ? {} : { fifths: answer.fifths }),
        ...(answer.signs ? { accidentals: answer.signs.map(asciiName) } : {}),
      };
    case 'steps':
      return { steps: answer.steps };
    case 'numeral':
      return { numeral: answer.text };
    case 'pitch':
      return { pitch: `${asciiName(answer.pitch.note)}${answer.pitch.octave}` };
  }
}
