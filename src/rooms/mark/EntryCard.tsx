import { lazy, type ReactNode, Suspense, useState } from 'react';
import { markWords } from '@/core/words/screen/mark';
import { EntryPads } from '@/ui/entry/EntryPads';
import type { EntryProps } from '@/ui/entry/entry-props';
import { TypedAnswer } from '@/ui/entry/TypedAnswer';
import { useWords } from '@/ui/school/use-class';

const FileAnswer = lazy(() => import('./FileAnswer').then((module) => ({ default: module.FileAnswer })));

/** Where an answer is entered: typed, on a staff, on a keyboard, from a file, or from the right answer. */
export function EntryCard(props: EntryProps) {
  const w = useWords();
  const say = markWords(w).entry;
  const { asked, onGiven, onRight, onBlank } = props;
  const [file, setFile] = useState(false);
  return (
    <section
      aria-label={say.title}
      className="card flex min-w-0 flex-col gap-2 px-4 py-3"
      onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && props.onRest()}
    >
      <div className="flex flex-wrap items-center gap-1.5">
        <TypedAnswer {...props} />
        {onRight && (
          <Action hint="R" onClick={onRight}>
            {say.right}
          </Action>
        )}
        <Action hint="B" onClick={onBlank}>
          {say.blank}
        </Action>
      </div>
      <EntryPads {...props} onFile={() => setFile(true)} />
      <Suspense>
        {file && <FileAnswer onGiven={onGiven} onDone={() => setFile(false)} asked={asked} />}
      </Suspense>
    </section>
  );
}

function Action({
  hint,
  onClick,
  children,
}: {
  readonly hint: string;
  readonly onClick: () => void;
  readonly children: ReactNode;
}) {
  return (
    <button type="button" className="control" onClick={onClick}>
      {children}
      <kbd className="key" aria-hidden="true">
        {hint}
      </kbd>
    </button>
  );
}
