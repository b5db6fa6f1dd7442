import { useEffect, useMemo } from 'react';
import { drillsOf, SELF } from '@/store/drilling';
import { addingPerson, peopleOf } from '@/store/groups';
import { useStored } from '@/ui/keys/use-setting';
import { newId } from '@/ui/new-id';
import { schoolOfPage } from '@/ui/school/school-of-page';
import { useSteady } from '@/ui/use-steady';
import type { Here } from '../shell/use-shell';
import { newNameIn } from './drill-words';

const keyOfPage = () => `moon-step:learner:${typeof document === 'undefined' ? 'own' : schoolOfPage()}`;

/** Who answers in this browser: somebody of the class, somebody else who drills here, or whoever it belongs to. */
export function useLearner({ school, speech }: Here) {
  const [stored, store] = useStored(keyOfPage());
  const group = speech.group?.id ?? null;
  const { state, watch } = school;
  // Only what is looked at is looked at again when something was changed.
  const { people, drills: all } = state.data;
  const learners = useMemo(
    () => [...(group === null ? [] : peopleOf({ people }, group)), ...peopleOf({ people }, null)],
    [people, group],
  );
  const who = learners.some(({ id }) => id === stored) && stored !== null ? stored : SELF;
  useEffect(() => {
    watch('person', who);
    return () => watch('person', null);
  }, [watch, who]);
  const drills = useMemo(() => drillsOf({ drills: all }, who), [all, who]);
  const { choose, addToClass } = useSteady({
    choose: (picked: string) => {
      const name = newNameIn(picked);
      if (name === null) return store(picked);
      const id = newId();
      void school.change((records, now) => addingPerson(records, null, id, { name, instrument: '' }, now));
      store(id);
    },
    /** Takes somebody whose result was handed in into the class, or to those who drill here. */
    addToClass: (name: string): string => {
      const id = newId();
      void school.change((records, now) => addingPerson(records, group, id, { name, instrument: '' }, now));
      return id;
    },
  });
  return {
    ...{ who, learners, drills, choose, addToClass, group },
    name: learners.find(({ id }) => id === who)?.name ?? '',
    /** Whether all that is known of this learner has been read. */
    isRead: state.status === 'failed' || (state.status === 'ready' && state.watched.person === who),
  };
}

export type LearnerHandle = ReturnType<typeof useLearner>;
