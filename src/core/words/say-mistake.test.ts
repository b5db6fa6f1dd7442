import { describe, expect, it } from 'vitest';
import { caseOf } from '../exercise/answer-case';
import { answerCode, questionCode } from '../exercise/code';
import { everyQuestion } from '../exercise/every-question.test-data';
import { handIn } from '../exercise/hand-in';
import { KIND_IDS, taskOf } from '../exercise/kinds/all';
import { keyAsked, type practiceFor } from '../exercise/practice';
import { answersOf } from '../mark/explain/made';
import { type MistakeId, mistakesIn } from '../mark/mistakes/all';
import { USUAL_SETTINGS } from '../school/settings';
import { ENGLISH } from './class-words';
import { CLAIMS, falseClaims, KEY, keyIn, NEVER, noteIn, type Said } from './mistake-claims.test-data';
import { sayMistake } from './say-mistake';

describe('what is said of an answer', () => {
  it.each(KIND_IDS)('is true of it, for every mistake, in %s', (kind) => {
    const wrong: string[] = [];
    const claims = new Map<string, number>();
    for (const asked of everyQuestion(kind).filter((_, at) =>
      kind === 'chord' || kind === 'scale' ? at % 5 === 0 : true,
    )) {
      const task = taskOf(asked, USUAL_SETTINGS);
      const practiced = new Map<MistakeId, ReturnType<typeof practiceFor>>();
      for (const mistake of mistakesIn(task.scope)) {
        for (const { written } of answersOf(mistake, task).slice(0, 4)) {
          const answer = handIn(asked, written);
          const about = caseOf(asked, answer, USUAL_SETTINGS);
          const practice = practiced.get(mistake.id) ?? keyAsked(asked);
          practiced.set(mistake.id, practice);
          const { name, why, say, cure } = sayMistake(ENGLISH, mistake.id, about, practice);
          const text = `${name}. ${why} ${say}`;
          const said: Said = { id: mistake.id, asked, about, written, right: task.right, text };
          const found = falseClaims(said);
          for (const [pattern] of CLAIMS) {
            const made = [...text.matchAll(pattern)].length;
            if (made > 0) claims.set(pattern.source, (claims.get(pattern.source) ?? 0) + made);
          }
          const strange = [...text.matchAll(new RegExp(KEY, 'gu'))]
            .map(([key]) => key)
            .filter(
              (key) => !keyIn(said, key) && key !== ENGLISH.key(noteIn(key.split(' ')[0] ?? 'C'), 'major'),
            );
          if (found.length + strange.length > 0 || NEVER.test(`${text} ${cure}`) || why === '')
            wrong.push(
              `${questionCode(asked)} ${answerCode(answer)} ${mistake.id}: ${[...found, ...strange].join('; ')} in ‘${text}’`,
            );
        }
      }
    }
    console.info(`${kind}: ${[...claims.values()].reduce((sum, count) => sum + count, 0)} claims checked`);
    expect(wrong.slice(0, 8)).toEqual([]);
  });
});
