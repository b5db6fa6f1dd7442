import { ArrowDown, ArrowUp, Check, Copy, Lock, Trash2 } from 'lucide-react';
import { OPENINGS, type Opening } from '@/core/practice/drill/ladder';
import { drillWords } from '@/core/words/screen/drill';
import type { Change } from '@/store/change';
import type { Drill } from '@/store/drill';
import { deletingLadder, droppingLevel, movingLevel, openingBy, renamingLadder } from '@/store/drilling';
import type { Ladder } from '@/store/ladder';
import { NAME_LIMIT } from '@/store/limits';
import { IconButton } from '@/ui/IconButton';
import { useWords } from '@/ui/school/use-class';
import type { SchoolHandle } from '@/ui/school/use-school';
import { TypedField } from '@/ui/TypedField';
import { drillOfLevel } from '../../address/drill/drill-address';
import type { DrillSentence } from '../../address/drill/drill-sentence';
import { type LadderShown, statesOf } from './ladder-of';

type Props = {
  readonly ladder: LadderShown;
  readonly drills: readonly Drill[];
  readonly school: SchoolHandle;
  readonly onBegin: (level: DrillSentence) => void;
  readonly onCopy: () => void;
};

/** A ladder: its levels with how far they are climbed; a teacher's own one can be changed. */
export function LadderSection({ ladder, drills, school, onBegin, onCopy }: Props) {
  const w = useWords();
  const say = drillWords(w);
  const { own, name, levels, opens } = ladder;
  const states = statesOf(ladder, drills);
  /** Changes the ladder as it stands when it is written. */
  const change = (make: (stands: Ladder, now: string) => Change) =>
    void school.change((data, now) => {
      const stands = data.ladders.find(({ id }) => id === own?.id);
      return stands ? make(stands, now) : { says: 'ladder-changed', edits: [] };
    });
  return (
    <section aria-label={say.ladders.named(name)} className="card flex flex-col gap-2 px-4 py-3">
      {own ? (
        <TypedField
          label={say.ladders.nameOf}
          value={own.name}
          limit={NAME_LIMIT}
          onType={(next) => change((stands, now) => renamingLadder(stands, next, now))}
          className="field font-serif text-large font-bold"
        />
      ) : (
        <h2 className="font-serif text-large font-bold">{name}</h2>
      )}
      {own ? (
        <label className="flex flex-wrap items-center gap-2 text-small">
          {say.ladders.opensBy}
          <select
            className="field w-auto!"
            value={opens}
            onChange={({ target }) =>
              change((stands, now) => openingBy(stands, target.value as Opening, now))
            }
          >
            {OPENINGS.map((each) => (
              <option key={each} value={each}>
                {say.openings[each]}
              </option>
            ))}
          </select>
        </label>
      ) : (
        <p className="text-small text-quiet">{say.ladders.readyWhy}</p>
      )}
      <ol className="flex flex-col gap-1">
        {levels.map((rung, at) => (
          <li key={rung.id} className="flex items-center gap-1.5">
            <button
              type="button"
              className="control grow justify-start text-left"
              disabled={states[at] === 'closed' && own === null}
              onClick={() => onBegin(drillOfLevel(rung.level, rung.name))}
            >
              {states[at] === 'passed' && <Check className="size-4 text-correct" aria-hidden="true" />}
              {states[at] === 'closed' && <Lock className="size-4" aria-hidden="true" />}
              <span className="grow">{rung.name}</span>
              <span className="text-small text-quiet">{say.ladders.states[states[at] ?? 'open']}</span>
            </button>
            {own && (
              <>
                <IconButton
                  icon={ArrowUp}
                  label={say.ladders.up(rung.name)}
                  onClick={() => change((stands, now) => movingLevel(stands, rung.id, -1, now))}
                />
                <IconButton
                  icon={ArrowDown}
                  label={say.ladders.down(rung.name)}
                  onClick={() => change((stands, now) => movingLevel(stands, rung.id, 1, now))}
                />
                <IconButton
                  icon={Trash2}
                  label={say.ladders.drop(rung.name)}
                  onClick={() => change((stands, now) => droppingLevel(stands, rung.id, now))}
                />
              </>
            )}
          </li>
        ))}
      </ol>
      {own ? (
        <button type="button" className="control self-start" onClick={() => change(deletingLadder)}>
          <Trash2 className="size-4" aria-hidden="true" />
          {say.ladders.delete}
        </button>
      ) : (
        <button type="button" className="control self-start" onClick={onCopy}>
          <Copy className="size-4" aria-hidden="true" />
          {say.ladders.copy}
        </button>
      )}
    </section>
  );
}
