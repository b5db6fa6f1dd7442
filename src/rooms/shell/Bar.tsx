import {
  BookmarkPlus,
  Ellipsis,
  FileInput,
  Keyboard,
  Moon,
  Presentation,
  Share2,
  Square,
  SquareLibrary,
  Sun,
  Volume2,
} from 'lucide-react';
import { type ComponentProps, memo, useEffect, useState } from 'react';
import { BAR_WORDS as SAY } from '@/core/words/screen/bar';
import type { SchoolState } from '@/store/school-state';
import { BarButton } from '@/ui/BarButton';
import { MenuButton } from '@/ui/menu/MenuButton';
import type { MenuGroup } from '@/ui/menu/menu';
import { wanted } from '@/ui/parts/wanted';
import { ClassMenu } from '@/ui/school/ClassMenu';
import { useWords } from '@/ui/school/use-class';
import { AskLine } from '../ask/AskLine';
import { useDesk } from './house';
import type { Listening } from './listen';
import type { Room } from './room';
import { PRINT_KEYS, type Shares } from './shares';
import type { Shell } from './use-shell';

/** Before the id of what is to be heard, among what can be picked of a menu. */
const LISTEN = 'listen:';
const SILENCE = 'silence';

/** What can be heard of what stands; null while it is on its way, or was not asked for. */
function useListenings({ sounds }: Room, search: string | null): readonly Listening[] | null {
  const w = useWords();
  const [found, setFound] = useState<{ readonly of: string; readonly list: readonly Listening[] } | null>(
    null,
  );
  useEffect(() => {
    if (search === null || !sounds) return;
    let stands = true;
    void wanted('sound', sounds).then((of) => stands && setFound({ of: search, list: of(w, search) }));
    return () => {
      stands = false;
    };
  }, [sounds, search, w]);
  return found && found.of === search ? found.list : null;
}

/** Something that can be done from the line on top: a button on a desk, a line of the menu on a telephone. */
export type Action = ComponentProps<typeof BarButton> & { readonly id: string };

type Props = {
  readonly shell: Shell;
  /** What can be done in this room alone. */
  readonly own: readonly Action[];
};

/**
 * The line on top of a room: whose class this is, the ask line, and what can be done with what stands. Every action shows
 * its key. On a telephone the actions lie in one menu.
 */
export const Bar = memo(function Bar({ shell, own }: Props) {
  const w = useWords();
  const { room, searchNow, sheet, light, speech, school, hasWork, hasBoard, actions, said, listens } = shell;
  const night = light === 'night';
  const asksShares = sheet === 'share' || sheet === 'more';
  const desk = useDesk(room, 'share', asksShares);
  const shares = asksShares ? (desk?.shares?.(w, searchNow()) ?? null) : null;
  const asksSounds = hasWork && room.sounds !== null && (sheet === 'listen' || sheet === 'more');
  const listenings = useListenings(room, asksSounds ? searchNow() : null);
  const hears = hasWork && room.sounds !== null;
  const { state } = school;
  const list: readonly Action[] = [
    ...own,
    ...(hasWork
      ? [{ id: 'keep', label: SAY.keep, hint: 'K', icon: BookmarkPlus, onClick: actions.keep }]
      : []),
    {
      id: 'shelf',
      label: SAY.shelf(state.data.kept.length),
      hint: 'L',
      icon: SquareLibrary,
      onClick: () => actions.toSheet('shelf'),
    },
    ...(hasBoard
      ? [{ id: 'board', label: SAY.board, hint: 'Z', icon: Presentation, onClick: actions.toBoard }]
      : []),
    { id: 'file', label: SAY.openFile, hint: 'O', icon: FileInput, brief: true, onClick: actions.chooseFile },
    {
      id: 'light',
      label: night ? SAY.day : SAY.night,
      hint: 'N',
      icon: night ? Sun : Moon,
      brief: true,
      onClick: actions.otherLight,
    },
    {
      id: 'keys',
      label: SAY.keys,
      hint: '?',
      icon: Keyboard,
      brief: true,
      onClick: () => actions.toSheet('keys'),
    },
  ];
  const pick = (id: string) => {
    if (id === SILENCE) return actions.silence();
    const action = list.find((each) => each.id === id);
    const heard = listenings?.find((each) => LISTEN + each.id === id);
    if (action) action.onClick();
    else if (heard) actions.listen(heard);
    else void actions.share(id);
  };
  const shareGroups = hasWork ? groupsOf(shares) : [];
  const listenGroup = listenings ? soundsOf(listenings) : null;
  const silence = { id: SILENCE, label: SAY.stopSound, hint: '.' };
  const items = list.map(({ id, label, hint, disabled }) => ({ id, label, hint, disabled }));
  // Sharing stands after the shelf.
  const shareAt = list.findIndex(({ id }) => id === 'shelf') + 1;
  const button = ({ id, ...each }: Action) => <BarButton key={id} {...each} />;
  return (
    <header className="flex items-center gap-1.5 border-b border-rule px-3 py-2 sm:flex-wrap sm:px-6">
      <ClassMenu group={speech.group} groups={state.data.groups} onChoose={speech.choose} />
      <AskLine />
      <p
        role="status"
        className={`max-w-60 text-small font-semibold max-sm:fixed max-sm:bottom-20 max-sm:left-1/2 max-sm:z-20 max-sm:w-max max-sm:-translate-x-1/2 max-sm:rounded-control max-sm:border max-sm:border-rule max-sm:bg-sheet max-sm:px-3 max-sm:py-1.5 max-sm:empty:hidden ${said || state.saving !== 'saved' ? '' : 'max-sm:hidden'} ${said ? '' : 'min-w-13'}`}
      >
        {state.saving === 'saved' && said ? said : sayState(state)}
      </p>
      <div className="hidden sm:contents">
        {list.slice(0, shareAt).map(button)}
        {hasWork && (
          <MenuButton
            open={sheet === 'share'}
            onOpen={(open) => actions.toSheet(open ? 'share' : null)}
            align="end"
            aria-keyshortcuts="X"
            groups={shareGroups}
            onPick={pick}
          >
            <Share2 className="size-4" aria-hidden="true" />
            {SAY.share}
            <kbd className="key" aria-hidden="true">
              X
            </kbd>
          </MenuButton>
        )}
        {hears &&
          (listens ? (
            <BarButton label={SAY.stopSound} hint="." icon={Square} brief onClick={actions.silence} />
          ) : (
            <MenuButton
              open={sheet === 'listen'}
              onOpen={(open) => actions.toSheet(open ? 'listen' : null)}
              align="end"
              aria-label={SAY.listen}
              aria-keyshortcuts="."
              groups={listenGroup && [listenGroup]}
              onPick={pick}
            >
              <Volume2 className="size-4" aria-hidden="true" />
              <kbd className="key" aria-hidden="true">
                .
              </kbd>
            </MenuButton>
          ))}
        {list.slice(shareAt).map(button)}
      </div>
      <MenuButton
        className="sm:hidden"
        open={sheet === 'more'}
        onOpen={(open) => actions.toSheet(open ? 'more' : null)}
        align="end"
        aria-label={SAY.more}
        groups={
          hasWork && !shareGroups
            ? null
            : [
                { title: null, items: listens ? [silence, ...items] : items },
                ...(listenGroup && hears ? [{ ...listenGroup, title: SAY.listen }] : []),
                ...(shareGroups ?? []),
              ]
        }
        onPick={pick}
      >
        <Ellipsis className="size-5" aria-hidden="true" />
      </MenuButton>
    </header>
  );
});

/** What the database has confirmed, in a word; problems are told in full elsewhere. */
function sayState({ saving, status, waiting }: SchoolState): string {
  if (typeof saving === 'object') return waiting > 0 ? SAY.states.notSaved : '';
  if (saving === 'saving') return SAY.states.saving;
  return status === 'opening' ? SAY.states.opening : SAY.states.saved;
}

/** What can be heard, as lines of a menu; one that says so where nothing can. */
function soundsOf(list: readonly Listening[]): MenuGroup {
  const items = list.map(({ id, label }) => ({ id: LISTEN + id, label }));
  const nothing = { id: 'nothing', label: SAY.nothingSounds, disabled: true };
  return { title: null, items: items.length > 0 ? items : [nothing] };
}

function groupsOf(shares: Shares | null): readonly MenuGroup[] | null {
  if (!shares) return null;
  const { list, names } = shares;
  const { copies, prints, files } = SAY.shareTitles;
  const group = (title: string, ids: readonly string[]): MenuGroup => ({
    title,
    items: ids.map((id) => ({
      id,
      label: names[id] ?? id,
      ...(PRINT_KEYS[id] ? { hint: PRINT_KEYS[id] } : {}),
    })),
  });
  return [group(copies, list.copies), group(prints, list.prints), group(files, list.files)];
}
