import { BookmarkPlus, History } from 'lucide-react';
import { useState } from 'react';
import { sheetsWords } from '@/core/words/screen/sheets';
import { MenuButton } from '@/ui/menu/MenuButton';
import { useWords } from '@/ui/school/use-class';
import { goTo } from '../ask/go-to';
import type { HeldSheet } from './use-kept';

type Props = { readonly held: HeldSheet; readonly name: string };

/** What the sheet is kept as, whether it was changed since, and what it was before. */
export function KeptNote({ held: { item, changed, keepCopy }, name }: Props) {
  const w = useWords();
  const { panel: say } = sheetsWords(w);
  const [open, setOpen] = useState(false);
  if (!item) return null;
  const earlier = item.before.map((address, at) => ({
    id: address,
    label: say.earlierAt(at + 1),
    href: address,
  }));
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      <p className="grow">{changed ? say.keptOther(item.name) : say.kept(item.name)}</p>
      {changed && (
        <button type="button" className="control" onClick={() => void keepCopy(name)}>
          <BookmarkPlus className="size-4" aria-hidden="true" />
          {say.keepCopy}
        </button>
      )}
      {earlier.length > 0 && (
        <MenuButton
          open={open}
          onOpen={setOpen}
          align="end"
          groups={[{ title: null, items: earlier }]}
          onPick={goTo}
        >
          <History className="size-4" aria-hidden="true" />
          {say.earlier(earlier.length)}
        </MenuButton>
      )}
    </div>
  );
}
