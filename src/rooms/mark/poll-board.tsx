import { useMemo } from 'react';
import { rightAnswer } from '@/core/exercise/kinds/all';
import { sayJoinCode } from '@/core/live/join-code';
import type { ClassWords } from '@/core/words/class-words';
import { sayTask } from '@/core/words/say-task';
import { setWords } from '@/core/words/screen/set';
import { QrCode } from '@/ui/QrCode';
import { GivenOn } from '@/ui/question/GivenOn';
import { useWords } from '@/ui/school/use-class';
import { readJoinShown, readPoll } from '../address/mark/poll-address';
import type { BoardShow, BoardViewProps } from '../shell/board-kit';
import { pollGroups, pollLines } from './poll-groups';

/** What the board gives out of what a class answered: the right answer, then a group a line, after the question alone. */
export function pollShow(w: ClassWords, search: string): BoardShow {
  const poll = readPoll(search);
  const words = setWords(w);
  const question = poll ? sayTask(w, { task: 'answer', question: poll.question }) : words.text;
  const live = poll?.live ?? null;
  const isOpen = live === null || live.stage === 'show' || live.stage === 'closed';
  const shown = poll && isOpen ? pollLines(w, poll, pollGroups(w, poll)) : [];
  const counted = live && !isOpen ? words.poll.answered(live.answered, live.of) : '';
  return {
    question,
    ...(live ? { under: live.stage === 'think' ? words.poll.think : counted } : {}),
    head: { name: question, rest: '' },
    layout: 'below',
    lines: poll ? shown : [{ text: words.onBoard, reason: null }],
    places: 0,
    views: [],
  };
}

/** How many there are in each group so far, over the answer that was given out last: the right one, or a group's above it. */
export function PollView({ search, given }: BoardViewProps) {
  const w = useWords();
  const poll = useMemo(() => readPoll(search), [search]);
  const groups = useMemo(() => (poll ? pollGroups(w, poll) : null), [w, poll]);
  if (!poll || !groups) return null;
  const { right, rightNames, others } = groups;
  const at = Math.min(others.length, Math.max(1, given) - 1);
  const group = at === 0 ? null : others[at - 1];
  const names = group ? group.names : rightNames;
  return (
    <div className="flex min-h-0 grow flex-col">
      <ol className="flex flex-wrap items-baseline gap-x-8 font-serif text-large leading-none font-bold">
        <li className={`text-correct ${at === 0 ? '' : 'opacity-60'}`}>{right} ✓</li>
        {others.slice(0, at).map(({ code, count }, place) => (
          <li key={code} className={place === at - 1 ? '' : 'opacity-60'}>
            {count}
          </li>
        ))}
      </ol>
      {names !== '' && <p className="truncate font-serif text-large leading-tight">{names}</p>}
      <div className="flex min-h-0 grow flex-col justify-center overflow-hidden">
        {group ? (
          <GivenOn asked={poll.question} given={group.answer} judged={group.judged} expected />
        ) : (
          <GivenOn
            asked={poll.question}
            given={rightAnswer(poll.question, w.settings)}
            judged={null}
            expected="alone"
          />
        )}
      </div>
    </div>
  );
}

/** How a class is joined, on the board. */
export function joinShow(w: ClassWords, search: string): BoardShow {
  const { code, link } = readJoinShown(search);
  const say = setWords(w).poll;
  const text = say.join(hostOf(link), sayJoinCode(code));
  return {
    question: text,
    head: { name: say.joinTitle, rest: '' },
    layout: 'below',
    lines: [{ text, reason: null }],
    places: 0,
    views: [],
  };
}

/** What is typed of an address: without how it begins and without what a code says. */
const hostOf = (link: string) => link.replace(/^https?:\/\//u, '').replace(/\?.*$/u, '');

export function JoinView({ search }: BoardViewProps) {
  const say = setWords(useWords()).poll;
  const { code, link } = readJoinShown(search);
  return (
    <div className="flex min-h-0 grow items-center justify-center gap-12">
      <div className="flex w-80 shrink-0 flex-col">
        <QrCode text={link} title={say.qr} long={say.noQr} />
      </div>
      <p className="flex min-w-0 flex-col gap-3 font-serif text-sentence">
        <span className="wrap-anywhere">{hostOf(link)}</span>
        <span className="text-board font-bold tracking-widest">{sayJoinCode(code)}</span>
      </p>
    </div>
  );
}
