import { BOARD_KEY, EVERY_KEY, LISTEN_KEY, WORK_KEYS } from '@/core/words/screen/bar';
import { KeyList } from '@/ui/keys/KeyList';
import { useWords } from '@/ui/school/use-class';
import { useDesk } from './house';
import type { Shell } from './use-shell';

type Props = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly shell: Shell;
  readonly single: boolean;
  readonly onSingle: (on: boolean) => void;
};

/** Every key of the room, for what stands in it. */
export function KeysSheet({ shell, ...rest }: Props) {
  const w = useWords();
  const desk = useDesk(shell.room, 'keys');
  if (!desk) return null;
  const { title, summary, list } = desk.keys(w, shell.searchNow());
  const all = [
    ...list,
    ...(shell.hasWork ? WORK_KEYS : []),
    ...(shell.hasBoard ? [BOARD_KEY] : []),
    ...(shell.hasWork && shell.room.sounds ? [LISTEN_KEY] : []),
    ...EVERY_KEY,
  ];
  return <KeyList {...rest} title={title} summary={summary} list={all} />;
}
