import { Plus } from 'lucide-react';
import { SETTING_GROUPS } from '@/core/school/setting-list';
import type { SettingName } from '@/core/school/settings';
import { classRoomWords } from '@/core/words/screen/class';
import type { Group } from '@/store/group';
import { peopleOf } from '@/store/groups';
import { GROUP_NAME_LIMIT } from '@/store/limits';
import type { SchoolState } from '@/store/school-state';
import { useWords } from '@/ui/school/use-class';
import { TypedField } from '@/ui/TypedField';
import { PeoplePart } from './PeoplePart';
import type { Part } from './parts';
import { SafePart } from './SafePart';
import { SayingsCard } from './SayingsCard';
import { type Refused, SettingCard } from './SettingCard';
import type { ClassActions } from './use-class-actions';

type Props = {
  readonly part: Part;
  readonly state: SchoolState;
  /** Whether there is a class; without one only backups can be seen to. */
  readonly known: boolean;
  /** Null until the records are known. */
  readonly group: Group | null;
  readonly refused: Refused | null;
  readonly actions: ClassActions;
  readonly onPart: (part: Part) => void;
  readonly onNew: () => void;
  readonly onLeave: () => void;
  readonly onFile: () => void;
};

/** The group where the sayings for the two orders stand as well. */
const SIGNATURES: (typeof SETTING_GROUPS)[number]['code'] = 'signatures';

/** The parts of the room beside the one that stands open. */
export function ClassParts(props: Props) {
  const { part, state, known, group, refused, actions, onPart, onNew, onLeave, onFile } = props;
  const say = classRoomWords(useWords());
  return (
    <div className="grid min-h-0 grow gap-4 wide:grid-cols-[13rem_minmax(0,1fr)]">
      <div className="flex flex-col gap-3">
        <nav aria-label={say.partsLabel} className="flex flex-wrap gap-1 wide:flex-col">
          {(known ? SETTING_GROUPS : []).map(({ code, title }) => (
            <PartButton
              key={code}
              label={title}
              now={part.kind === 'settings' && part.group === code}
              onClick={() => onPart({ kind: 'settings', group: code })}
            />
          ))}
          {(known ? (['people', 'safe'] as const) : (['safe'] as const)).map((kind) => (
            <PartButton
              key={kind}
              label={say.parts[kind]}
              now={part.kind === kind}
              onClick={() => onPart({ kind })}
            />
          ))}
        </nav>
        <div className="flex flex-wrap gap-1.5 border-t border-rule pt-3 wide:flex-col wide:items-stretch">
          {group && (
            <div className="text-small text-quiet">
              {say.nameLabel}
              <TypedField
                label={say.nameLabel}
                value={group.name}
                limit={GROUP_NAME_LIMIT}
                onType={actions.rename}
                className="field text-body text-ink"
              />
            </div>
          )}
          <button type="button" className="control" onClick={onNew}>
            <Plus className="size-4" aria-hidden="true" />
            {say.newGroup}
          </button>
          {known && (
            <>
              <button type="button" className="control" onClick={actions.makeLike}>
                {say.likeThis}
              </button>
              <button type="button" className="control" onClick={actions.remove}>
                {say.deleteGroup}
              </button>
            </>
          )}
        </div>
      </div>
      <div className="-mr-2 min-h-0 overflow-y-auto pr-2">
        {part.kind === 'settings' && (
          <div className="gap-3 wide:columns-2">
            {settingsOf(part.group).map((name) => (
              <SettingCard
                key={name}
                name={name}
                refused={refused?.name === name ? refused : null}
                onChoose={actions.set}
                onBoth={actions.setBoth}
                onLeave={onLeave}
              />
            ))}
            {part.group === SIGNATURES && group && (
              <SayingsCard group={group} onType={actions.say} onWhom={actions.sayFor} />
            )}
          </div>
        )}
        {part.kind === 'people' && group && (
          <PeoplePart
            people={peopleOf(state.data, group.id)}
            onAdd={actions.addPerson}
            onEdit={actions.editPerson}
            onErase={actions.erasePerson}
          />
        )}
        {part.kind === 'safe' && (
          <SafePart
            state={state}
            name={group?.name ?? null}
            onSave={actions.save}
            onOpen={onFile}
            onClear={actions.clear}
          />
        )}
      </div>
    </div>
  );
}

function settingsOf(group: string): readonly SettingName[] {
  const found = SETTING_GROUPS.find(({ code }) => code === group);
  return Object.keys(found?.settings ?? {}) as readonly SettingName[];
}

type ButtonProps = { readonly label: string; readonly now: boolean; readonly onClick: () => void };

function PartButton({ label, now, onClick }: ButtonProps) {
  return (
    <button
      type="button"
      aria-current={now ? 'true' : undefined}
      className={`rounded-control px-3 py-1.5 text-left ${now ? 'bg-ink font-semibold text-sheet' : 'hover:bg-now'}`}
      onClick={onClick}
    >
      {label}
    </button>
  );
}
