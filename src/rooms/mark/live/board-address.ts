import { type ClassGroup, sizeOf } from '@/core/exercise/set/class-groups';
import type { SetQuestion } from '@/core/exercise/set/question';
import { countsAt, type Desk } from '@/core/live/desk';
import { joinHref } from '../../address/join/join-address';
import { MARK_PATH } from '../../address/mark/mark-address';
import { pollHref } from '../../address/mark/poll-address';

/** Where a page lies, as far as phones have to know it. */
type Origin = Pick<Location, 'protocol' | 'hostname' | 'port' | 'origin'>;

/** The address at which phones join; null where no class is open. A page on this computer itself is reached by its network. */
export function joinLink(
  { link }: Pick<Desk, 'link'>,
  chosen: string | null,
  { protocol, hostname, port, origin }: Origin,
): string | null {
  if (!link) return null;
  const host = link.addresses.find((each) => each === chosen) ?? link.addresses[0];
  const isAway = !/^(?:localhost$|127\.|\[::1\]$)/u.test(hostname);
  const base = isAway || host === undefined ? origin : `${protocol}//${host}${port ? `:${port}` : ''}`;
  return base + joinHref(link.code);
}

type OnBoard = {
  readonly question: SetQuestion | undefined;
  readonly groups: readonly ClassGroup[];
  /** Null where names are not wanted. */
  readonly nameOf: ((person: string) => string) | null;
};

/** What the board shows of a lesson: the question, how many have answered, and once it is shown what the class thinks. */
export function onLiveBoard(desk: Desk, { question, groups, nameOf }: OnBoard): string {
  const { now } = desk;
  if (!question || !now) return MARK_PATH;
  const isShown = now.stage === 'show' || now.stage === 'closed';
  const inTime = isShown ? groups.filter((group) => sizeOf(group) > 0) : [];
  return pollHref({
    question: question.asked,
    counts: inTime.map((group) => [group.code, sizeOf(group)] as const),
    live: { stage: now.stage, ...countsAt(desk) },
    names: nameOf ? inTime.map(({ people }) => people.map(nameOf).join(', ')) : [],
  });
}
