import { Plus } from 'lucide-react';
import { useState } from 'react';
import { drillWords } from '@/core/words/screen/drill';
import { addingLevel, makingLadder } from '@/store/drilling';
import { newId } from '@/ui/new-id';
import { useWords } from '@/ui/school/use-class';
import { useSteady } from '@/ui/use-steady';
import { levelCode } from '../../address/drill/drill-address';
import { drillName } from '../drill-words';
import type { SideProps } from '../side-props';
import { LadderSection } from './LadderSection';
import type { LadderShown } from './ladder-of';

type Props = SideProps & { readonly ladders: readonly LadderShown[] };

/** Ladders of levels: made by the teacher from the sentence that stands, or ready. */
export function LaddersView({ here, sentence, learner, ladders, tell, onBegin }: Props) {
  const w = useWords();
  const say = drillWords(w).ladders;
  const [name, setName] = useState('');
  const { school } = here;
  const { add, copy } = useSteady({
    /** Puts the level that stands on top of a ladder, or makes a ladder of it. */
    add: (ladder: LadderShown | null) => {
      const title = name.trim() || drillName(w, sentence);
      const rung = { id: newId(), name: title.slice(0, 120), level: levelCode(sentence) };
      const id = newId();
      void school.change((data, now) => {
        const own = data.ladders.find((each) => each.id === ladder?.id);
        if (own) return addingLevel(own, rung, now);
        const made = { id, group: learner.group, name: say.own, opens: 'success' as const, levels: [rung] };
        return makingLadder(data, made, now);
      });
      setName('');
      tell(say.added(title));
    },
    /** Takes a ready ladder as one's own, to be changed. */
    copy: (ladder: LadderShown) => {
      const id = newId();
      const { name: title, opens, levels } = ladder;
      void school.change((data, now) =>
        makingLadder(data, { id, group: learner.group, name: title, opens, levels }, now),
      );
      tell(say.copied(title));
    },
  });
  const own = ladders.filter((each) => each.own !== null);
  return (
    <div className="flex min-h-0 grow flex-col gap-3 room:overflow-y-auto">
      {!sentence.due && (
        <section aria-label={say.make} className="card flex shrink-0 flex-col gap-2 px-4 py-3">
          <h2 className="text-small font-bold text-quiet">{say.make}</h2>
          <p className="text-small">{say.makeWhy}</p>
          <div className="flex flex-wrap items-end gap-2">
            <label className="flex grow basis-56 flex-col gap-1 text-small">
              {say.name}
              <input
                className="field"
                maxLength={120}
                autoComplete="off"
                placeholder={drillName(w, sentence)}
                value={name}
                onChange={({ target }) => setName(target.value)}
              />
            </label>
            {own.map((ladder) => (
              <button key={ladder.id} type="button" className="control" onClick={() => add(ladder)}>
                <Plus className="size-4" aria-hidden="true" />
                {say.addTo(ladder.name)}
              </button>
            ))}
            <button type="button" className="control" onClick={() => add(null)}>
              <Plus className="size-4" aria-hidden="true" />
              {say.addNew}
            </button>
          </div>
        </section>
      )}
      <div className="grid shrink-0 grid-cols-1 gap-3 room:grid-cols-2">
        {ladders.map((ladder) => (
          <LadderSection
            key={ladder.id}
            ladder={ladder}
            drills={learner.drills}
            school={school}
            onBegin={onBegin}
            onCopy={() => copy(ladder)}
          />
        ))}
      </div>
    </div>
  );
}
