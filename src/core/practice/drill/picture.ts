import { SCALE_IDS } from '../../scale/pattern';
import { type DrillAsked, signsOfKey } from './asking';
import { type KnownCell, type KnownItem, picture } from './known';
import { keyFrom } from './question';
import { DRILL_ASK_IDS, DRILL_SKILLS, type DrillAskId, type DrillSkillId } from './skill';

/** What is known as rows of keys by columns of skills. */
export type Pictured = {
  readonly keys: readonly string[];
  readonly asks: readonly DrillAskId[];
  readonly cells: readonly KnownCell[];
};

/** Keys by their scale, each from most flats to most sharps; what is about no key last. */
function inKeyOrder(codes: readonly string[]): readonly string[] {
  const place = (code: string) => {
    const key = keyFrom(code);
    return key ? SCALE_IDS.indexOf(key.scale) * 100 + signsOfKey(key) : Number.POSITIVE_INFINITY;
  };
  return codes.toSorted((a, b) => place(a) - place(b) || (a < b ? -1 : 1));
}

/** The picture of what is known at a moment. */
export function pictured(items: readonly KnownItem[], now: number): Pictured {
  const cells = picture(items, now);
  return {
    keys: inKeyOrder([...new Set(cells.map(({ key }) => key))]),
    asks: DRILL_ASK_IDS.filter((id) => cells.some(({ ask }) => ask === id)),
    cells,
  };
}

/** Whether a cell is a weak spot: it is likely to be forgotten, or was wrong last. */
function isWeak({ likely, items }: KnownCell): boolean {
  return likely < SURE || items.some(({ lastWrong }) => lastWrong);
}

/** Below so sure a thing is a weak spot. */
const SURE = 0.85;

/** The weakest cells, the weakest first. */
export function weakest(cells: readonly KnownCell[], most: number): readonly KnownCell[] {
  const wrong = (cell: KnownCell) => (cell.items.some(({ lastWrong }) => lastWrong) ? 1 : 0);
  return cells
    .filter(isWeak)
    .toSorted((a, b) => wrong(b) - wrong(a) || a.likely - b.likely || (a.key < b.key ? -1 : 1))
    .slice(0, most);
}

function skillOf(ask: DrillAskId): DrillSkillId {
  const found = DRILL_SKILLS.find(({ one, other }) =>
    ([...one, ...other] as readonly DrillAskId[]).includes(ask),
  );
  return found?.id ?? 'signatures';
}

/** What practises just this weak spot: its skill, its scale, and keys with so many signs. */
export function exerciseFor({ key, ask, items }: KnownCell): DrillAsked {
  const of = keyFrom(key);
  const skill = skillOf(ask);
  const signs = of ? signsOfKey(of) : 4;
  const one = DRILL_SKILLS.find(({ id }) => id === skill)?.one as readonly DrillAskId[] | undefined;
  return {
    skills: [skill],
    way: one?.includes(ask) ? 'one' : 'other',
    answering: items.some(({ chosen }) => !chosen) ? 'write' : 'choose',
    side: signs > 0 ? 'sharps' : signs < 0 ? 'flats' : 'all',
    limits: { maxSigns: Math.max(1, Math.abs(signs)), scales: [of?.scale ?? 'major'], clefs: ['treble'] },
  };
}
