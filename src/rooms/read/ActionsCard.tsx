import { BookOpen, CircleHelp, PenLine, Save, Trash2 } from 'lucide-react';
import { readWords } from '@/core/words/screen/read';
import { useWords } from '@/ui/school/use-class';

type Props = {
  /** What can be done with the piece; left out where it cannot. */
  readonly onKeep: (() => void) | null;
  readonly onLog: (() => void) | null;
  readonly onAsk: (() => void) | null;
  readonly onWrite: (() => void) | null;
  readonly onDrop: (() => void) | null;
  /** What has just been done, or why something cannot be. */
  readonly told: string;
};

/** What can be done with the piece that is read. */
export function ActionsCard({ onKeep, onLog, onAsk, onWrite, onDrop, told }: Props) {
  const say = readWords(useWords()).actions;
  const all = [
    { name: say.keep, does: onKeep, Icon: Save },
    { name: say.log, does: onLog, Icon: BookOpen },
    { name: say.ask, does: onAsk, Icon: CircleHelp },
    { name: say.change, does: onWrite, Icon: PenLine },
    { name: say.drop, does: onDrop, Icon: Trash2 },
  ];
  return (
    <section aria-label={say.title} className="card flex flex-col gap-2 p-4">
      <h2 className="font-serif text-large">{say.title}</h2>
      <div className="flex flex-wrap gap-2">
        {all.map(({ name, does, Icon }) =>
          does ? (
            <button key={name} type="button" className="control" onClick={does}>
              <Icon className="size-4" aria-hidden="true" />
              {name}
            </button>
          ) : null,
        )}
      </div>
      <p role="status" className="text-small">
        {told}
      </p>
    </section>
  );
}
