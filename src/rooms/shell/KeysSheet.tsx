import { useEffect, useState } from 'react';
import { EVERY_KEY, WORK_KEYS } from '@/core/words/screen/bar';
import { KeyList } from '@/ui/keys/KeyList';
import { wanted } from '@/ui/parts/wanted';
import { useWords } from '@/ui/school/use-class';
import type { Desk } from './room';
import type { Shell } from './use-shell';

type Props = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly shell: Shell;
  readonly single: boolean;
  readonly onSingle: (on: boolean) => void;
};

/** The desk of the room in hand; null while it is on its way. */
function useDesk(shell: Shell): Desk | null {
  const [desk, setDesk] = useState<Desk | null>(null);
  useEffect(() => {
    void wanted('keys', shell.room.desk).then(setDesk);
  }, [shell.room]);
  return desk;
}

/** Every key of the room, for what stands in it. */
export function KeysSheet({ shell, ...rest }: Props) {
  const w = useWords();
  const desk = useDesk(shell);
  if (!desk) return null;
  const { title, summary, list } = desk.keys(w, shell.searchNow());
  const all = [...list, ...(shell.hasWork ? WORK_KEYS : []), ...EVERY_KEY];
  return <KeyList {...rest} title={title} summary={summary} list={all} />;
}
