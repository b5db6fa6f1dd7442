import { useEffect, useMemo, useState } from 'react';
import type { SetWork } from '@/core/exercise/set/cell';
import { emptyPaper, type Paper } from '@/core/exercise/set/paper';
import type { AnswerSet } from '@/store/answer-set';

import type { Person } from '@/store/person';
import type { Here } from '../../shell/use-shell';
import { type JudgingNow, useJudging } from './use-judging';

/** A set with all that stands about it: whose it is, who wrote what, what it comes to. */
export type SetInHand = {
  readonly set: AnswerSet;
  readonly people: readonly Person[];
  readonly work: SetWork;
  readonly judging: JudgingNow;
  /** Whether its papers are read, and whether all that stands on them has been judged since it was opened. */
  readonly isHere: boolean;
  readonly isJudged: boolean;
  readonly cancel: () => void;
  readonly goOn: () => void;
  readonly seen: () => void;
};

/** Somebody who answered in class under a name that is none of the class, as a set has them. */
function asPerson({ id, name }: AnswerSet['guests'][number]): Person {
  return { v: 3, id, group: null, name, instrument: '', books: {}, order: 0, changedAt: '' };
}

/** The set in hand; its papers are held in memory while it is. */
export function useSetInHand({ school, w }: Here, set: AnswerSet): SetInHand {
  const { data } = school.state;
  const { watch } = school;
  useEffect(() => {
    watch('set', set.id);
    return () => watch('set', null);
  }, [watch, set.id]);
  const people = useMemo(
    () => [...data.people.filter((person) => person.group === set.group), ...set.guests.map(asPerson)],
    [data.people, set.group, set.guests],
  );
  const papers = useMemo(() => {
    const own = new Map(
      data.papers.flatMap((each) => (each.set === set.id ? [[each.person, each] as const] : [])),
    );
    return people.map(({ id }): Paper => own.get(id) ?? emptyPaper(id));
  }, [data.papers, people, set.id]);
  const stored = data.judgings.find((each) => each.set === set.id) ?? null;
  const { now, ...hands } = useJudging({ set, papers, judging: stored, settings: w.settings, school });
  const { questions, verdicts } = now;
  const work = useMemo(
    (): SetWork => ({ questions, papers, verdicts, decisions: set.decisions }),
    [questions, papers, verdicts, set.decisions],
  );
  const isHere = school.state.watched.set === set.id;
  const [isJudged, setJudged] = useState(false);
  // What comes afterwards is judged while it is looked at.
  if (!isJudged && isHere && (now.left === 0 || now.stopped !== null)) setJudged(true);
  return { set, people, work, judging: now, isHere, isJudged, ...hands };
}

/** The sets of a class, in the order in which they were made. */
export function setsOfGroup(sets: readonly AnswerSet[], group: string | null): readonly AnswerSet[] {
  return sets.filter((each) => each.group === group);
}
