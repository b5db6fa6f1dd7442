import type { AnswerOperation } from '../machine/answer-operation';
import { adding, all } from './altering';
import { mistake, RANKS } from './mistake';

/** Put the raised 7th into the signature of a minor key, or the raised 6th and 7th. */
export const raisedInSignature = mistake({
  id: 'raised-in-signature',
  rank: RANKS.form,
  scopes: ['signature', 'name-signature'],
  alters: (program) =>
    all(program, 'start')[0]?.asked.key?.mode === 'minor'
      ? [[7], [6, 7]].flatMap((degrees) =>
          adding(
            program,
            'write-signs',
            degrees.map((degree): AnswerOperation => ({ op: 'sign-raised', degree })),
          ),
        )
      : [],
  example: { asked: 'signature.A.harmonic-minor.treble', answered: 'G#' },
});
