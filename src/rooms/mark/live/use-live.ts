import { useMemo, useState } from 'react';
import { countsAt, guestId } from '@/core/live/desk';
import { guestIsStudent } from '@/store/answer-sets';
import { useSteady } from '@/ui/use-steady';
import { joinShownHref } from '../../address/mark/poll-address';
import { speaksCode } from '../../address/speaks';
import type { Here } from '../../shell/use-shell';
import type { SetInHand } from '../set/use-set';
import { joinLink, onLiveBoard } from './board-address';
import { useDesk } from './use-desk';
import { useLiveBoard } from './use-live-board';
import { useRounds } from './use-rounds';
import { useAnswers, useTally } from './use-tally';
import { useWriting } from './use-writing';

/** The lesson in class: what is asked, who answers what, and what the board shows of it. */
export function useLive(here: Here, held: SetInHand) {
  const { w, school } = here;
  const { set, work } = held;
  const students = useMemo(
    () => school.state.data.people.filter(({ group }) => group === set.group),
    [school.state.data.people, set.group],
  );
  const handle = useDesk(set.id, speaksCode(w.settings));
  const { desk } = handle;
  useWriting(held, desk, students, school);
  const question = work.questions.find(({ id }) => id === desk.now?.question);
  const { marking, voices, groups, usual, isAsked } = useAnswers(here, held, question);
  const [host, setHost] = useState<string | null>(null);
  const [named, setNamed] = useState(false);
  const [joining, setJoining] = useState(false);
  const [hidden, setHidden] = useState(false);
  const onAsk = () => setJoining(false);
  const rounds = useRounds(here, held, { handle, question, marking, isAsked, onAsk });
  const { stage, oral } = rounds;
  const tally = useTally(here, held, question);
  const nameOf = (id: string) => held.people.find((person) => person.id === id)?.name ?? '';
  const link = joinLink(desk, host, window.location);
  const isShown = stage === 'show' || stage === 'closed';
  const board = useLiveBoard(w, set.id, {
    address:
      joining && link && desk.link
        ? joinShownHref({ code: desk.link.code, link })
        : onLiveBoard(desk, { question, groups, nameOf: named ? nameOf : null }),
    round: joining ? 'join' : `${desk.now?.round ?? 0}`,
    shown: joining || isShown,
    until: desk.now?.until ?? null,
  });
  const steer = useSteady({
    next: () => {
      if (joining) setJoining(false);
      else if (stage === null) rounds.hands.following();
      else if (stage === 'think') rounds.hands.stage('answer');
      else if (stage === 'answer') rounds.hands.stage('show');
      else if (board.given < board.lines) board.send({ ask: 'next' });
    },
    back: () => board.given > 1 && board.send({ ask: 'back' }),
    open: (list: boolean) => void handle.hands.open(list ? students.map(({ name }) => name) : []),
    know: (person: string, student: string) => {
      handle.hands.know(person, student);
      void school.change((data, now) => guestIsStudent(data, set.id, guestId(person), student, now));
    },
    names: () => setNamed(!named),
    join: () => link && setJoining(!joining),
    hide: () => setHidden(!hidden),
    host: setHost,
  });
  return {
    ...{ handle, desk, students, question, voices, groups, usual, oral, board, stage, link, isAsked },
    ...{ named, joining, hidden, nameOf, counts: countsAt(desk), calls: tally.calls },
    steer: { ...steer, ...rounds.hands, ...tally.hands },
  };
}

export type Live = ReturnType<typeof useLive>;
