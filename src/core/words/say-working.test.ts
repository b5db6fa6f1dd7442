import { describe, expect, it } from 'vitest';
import { questionCode } from '../exercise/code';
import { everyQuestion } from '../exercise/every-question.test-data';
import { KIND_IDS, type MarkQuestion, rightAnswer } from '../exercise/kinds/all';
import { CHOICES, type Settings, USUAL_SETTINGS } from '../school/settings';
import { wordsOf } from './class-words';
import { sayGiven } from './say-given';
import { sayWorking } from './say-working';
import { capital } from './vocabulary';

const SCHOOLS: readonly Settings[] = CHOICES.reasonBy.flatMap((reasonBy) =>
  (['english', 'german'] as const).map((noteNames) => ({ ...USUAL_SETTINGS, reasonBy, noteNames })),
);

/** Words of a text, as notes stand among them. */
const wordsIn = (text: string) => new Set(text.split(/[\s,.;:()–-]+/u));

/** What a working must have said by its end, by the answer that is right. */
function unsaid(asked: MarkQuestion, school: Settings): readonly string[] {
  const w = wordsOf(school);
  const right = rightAnswer(asked, school);
  const lines = sayWorking(w, asked);
  const text = lines.join(' ');
  switch (right.is) {
    case 'scale': {
      const altered = right.notes.flatMap(({ note }) => (note.alteration === 0 ? [] : w.note(note)));
      return altered.filter((name) => !wordsIn(text).has(name));
    }
    case 'drawn':
    case 'count': {
      const signs = right.is === 'drawn' ? right.signs.map(({ sign }) => sign) : (right.signs ?? []);
      const last = lines.at(-1) ?? '';
      if (signs.length === 0) return /^No sharps and no flats/u.test(last) ? [] : [last];
      return signs.map((note) => w.note(note)).filter((name) => !wordsIn(last).has(name));
    }
    case 'key': {
      const name = sayGiven(w, asked, right);
      return text.toLowerCase().includes(name.toLowerCase()) ? [] : [capital(name)];
    }
    default:
      return ['nothing is worked out here'];
  }
}

const WORKED = ['scale', 'signature', 'name-signature', 'name-key', 'name-scale'];

describe('the whole working in a key', () => {
  it.each(KIND_IDS)('of %s comes to the right answer in every table, and is whole sentences', (kind) => {
    const wrong: string[] = [];
    for (const asked of everyQuestion(kind)) {
      for (const school of SCHOOLS) {
        const lines = sayWorking(wordsOf(school), asked);
        if (!WORKED.includes(kind)) {
          expect(lines).toEqual([]);
          continue;
        }
        const bad = lines.filter(
          (line) => !/^\S.*[.?]$/u.test(line) || /undefined|null|NaN| {2}/u.test(line),
        );
        const missing = unsaid(asked, school);
        if (lines.length === 0 || bad.length > 0 || missing.length > 0)
          wrong.push(`${questionCode(asked)} ${school.reasonBy}: ${[...bad, ...missing].join('; ')}`);
      }
    }
    expect(wrong.slice(0, 5)).toEqual([]);
  });
});
