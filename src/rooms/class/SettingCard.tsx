import { memo, useId } from 'react';
import { impossiblePairs, makingRoomFor, type PairProblem } from '@/core/school/pairs';
import { CHOICES, SETTINGS, type SettingName, withSetting } from '@/core/school/settings';
import { wordsOf } from '@/core/words/class-words';
import { sayPair } from '@/core/words/say-pair';
import { classRoomWords } from '@/core/words/screen/class';
import { settingExample } from '@/core/words/setting-example';
import { useWords } from '@/ui/school/use-class';

/** A choice that was refused because of another one. */
export type Refused = { readonly name: SettingName; readonly value: string; readonly pair: PairProblem };

type Props = {
  readonly name: SettingName;
  readonly refused: Refused | null;
  readonly onChoose: (name: SettingName, value: string) => void;
  readonly onBoth: (refused: Refused) => void;
  readonly onLeave: () => void;
};

/** One matter with its choices, each with a live example in its own words. */
export const SettingCard = memo(function SettingCard({ name, refused, onChoose, onBoth, onLeave }: Props) {
  const w = useWords();
  const id = useId();
  const say = classRoomWords(w);
  const setting = SETTINGS[name];
  return (
    <fieldset className="card mb-3 break-inside-avoid p-3">
      <legend className="float-left mb-1.5 w-full font-serif text-large font-bold">{setting.title}</legend>
      <div className="clear-both grid gap-1">
        {CHOICES[name].map((value) => {
          const chosen = w.settings[name] === value;
          const example = settingExample(
            wordsOf(makingRoomFor(withSetting(w.settings, name, value), name)),
            setting,
          );
          return (
            <label
              key={value}
              className={`flex cursor-pointer gap-2.5 rounded-control px-2 py-1 ${chosen ? 'bg-now' : 'hover:bg-now'}`}
            >
              <input
                type="radio"
                className="mt-1 size-4 shrink-0"
                name={`${id}-${name}`}
                checked={chosen}
                aria-describedby={`${id}-${value}`}
                onChange={() => onChoose(name, value)}
              />
              <span>
                <span className={chosen ? 'font-semibold' : ''}>{setting.choices[value]}</span>
                <span id={`${id}-${value}`} className="block font-serif text-small text-quiet">
                  {example}
                </span>
              </span>
            </label>
          );
        })}
      </div>
      {refused && (
        <div role="alert" className="mt-2 border-t border-rule px-2 pt-2 text-small">
          <p className="mb-2">{sayPair(refused.pair)}</p>
          <button type="button" className="control mr-2" onClick={() => onBoth(refused)}>
            {say.chooseBoth}
          </button>
          <button type="button" className="control" onClick={onLeave}>
            {say.leave}
          </button>
        </div>
      )}
    </fieldset>
  );
});

/** The first pair that a choice would make impossible, or null. */
export function refusal(
  settings: Parameters<typeof impossiblePairs>[0],
  name: SettingName,
): PairProblem | null {
  return impossiblePairs(settings).find(({ one, other }) => one === name || other === name) ?? null;
}
