import type { MajorRule, Program } from '../machine/answer-operation';
import { all, changing, leavingOut } from './altering';

/** Naming by a wrong rule, for signatures of one kind: the note it leads to is named in the mode that was asked. */
export function namingBy(
  program: Program,
  kind: 'sharps' | 'flats',
  rules: readonly MajorRule[],
): readonly Program[] {
  const given = all(program, 'given-signs')[0]?.count ?? 0;
  const [say] = all(program, 'say-key');
  if (Math.sign(given) !== (kind === 'sharps' ? 1 : -1) || !say) return [];
  return rules.flatMap((rule) =>
    changing(program, 'find-major', (find) => ({ ...find, rule })).flatMap((found) => {
      const there = leavingOut(found, ({ op }) => op === 'to-mode');
      return there.length > 0 ? there : [found];
    }),
  );
}
