import { useEffect, useMemo, useRef, useState } from 'react';
import { BOARD_WORDS as SAY } from '@/core/words/screen/board';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { KeyList } from '@/ui/keys/KeyList';
import { type KeyActions, useKeys } from '@/ui/keys/use-keys';
import { SINGLE_KEYS, useSetting } from '@/ui/keys/use-setting';
import { Speaking } from '@/ui/school/use-class';
import { useSteady } from '@/ui/use-steady';
import { asDesk, type BoardAddress, boardHref, NO_BOARD, readBoard } from '../address/board/board-address';
import { Notice } from '../shell/Notice';
import { useHere } from '../shell/use-shell';
import { boardActions } from './actions';
import { DeskView } from './DeskView';
import { Hands } from './Hands';
import { Instead } from './Instead';
import { Stage } from './Stage';
import { type BoardCommand, opened, thinkingSeconds } from './state';
import { useBoard } from './use-board';
import { useLesson } from './use-lesson';
import { useOnBoard } from './use-on-board';
import { useAwake, useFullScreen, useNow } from './use-window';

/** The board: what a class sees, alone in this window, or in another one that a desk drives. */
export function BoardRoom() {
  const [address, setAddress] = useState(() => readBoard(window.location.search));
  const { toAddress } = useSteady({
    toAddress: (next: BoardAddress) => {
      window.history.replaceState(null, '', boardHref(next));
      setAddress(next);
    },
  });
  return (
    <ErrorBoundary what={SAY.board} size="room">
      <Board key={address.part} address={address} onAddress={toAddress} />
    </ErrorBoundary>
  );
}

type Props = { readonly address: BoardAddress; readonly onAddress: (address: BoardAddress) => void };

/** By what a window knows its own board again: that of a pair, or of what it was opened for. */
function nameOf({ pair, part, show, lesson }: BoardAddress): string {
  return part === 'alone' ? (show ?? `lesson ${lesson}`) : `${pair} ${part}`;
}

function Board({ address, onAddress }: Props) {
  const { w, school } = useHere();
  const { part, pair } = address;
  const { kept, list } = useLesson(address, school.state);
  const thinking = thinkingSeconds(w.settings);
  const begin = useMemo(() => {
    const first = list?.find(({ id }) => id === address.item) ?? list?.[0];
    return first ? opened(first, 'night', { thinking, now: Date.now() }) : null;
  }, [list, address.item, thinking]);
  const { state, send, together, alone } = useBoard({
    name: nameOf(address),
    pair: part === 'alone' ? null : pair,
    follows: part === 'class',
    begin,
  });
  const on = useOnBoard(w, state?.address ?? null);
  const now = useNow(part === 'desk' || (state !== null && state.thinkUntil !== null));
  const [help, setHelp] = useState(false);
  const [refused, setRefused] = useState(false);
  const [single, setSingle] = useSetting('moon-step:single-keys', SINGLE_KEYS);
  const [full, toFull] = useFullScreen();
  const popup = useRef<Window | null>(null);
  useAwake();
  useEffect(() => {
    document.title = part === 'desk' ? SAY.desk.title : SAY.title;
  }, [part]);
  // Whoever loads the page anew is at the same sentence of the lesson.
  const item = state?.item ?? null;
  useEffect(() => {
    if (part === 'class' || item === null || address.lesson === null) return;
    window.history.replaceState(null, '', boardHref({ ...address, item }));
  }, [part, item, address]);

  // Nothing stands in the address that a class is not to see.
  const [only] = list ?? [];
  useEffect(() => {
    if (address.show === null || !only || only.address === address.show) return;
    onAddress({ ...address, show: only.address });
  }, [address, only, onAddress]);

  const order = (command: BoardCommand) =>
    send(command, {
      lines: on?.show.lines.length ?? null,
      places: on?.show.places ?? 0,
      views: on?.show.views.length ?? 0,
      list: list ?? [],
      thinking,
      now: Date.now(),
    });
  const openWindow = (of: string) => {
    const href = boardHref({ ...NO_BOARD, part: 'class', pair: of });
    popup.current = window.open(href, `moon-step-board-${of}`, 'popup,width=1280,height=800');
    setRefused(popup.current === null);
  };
  const close = () => {
    popup.current?.close();
    if (window.history.length > 1 && document.referrer.startsWith(window.location.origin))
      window.history.back();
    else window.location.assign(state?.address ?? '/');
  };
  const second = () => {
    const desk = asDesk(address);
    if (desk.pair === null) return;
    openWindow(desk.pair);
    onAddress(desk);
  };
  const actions = state
    ? boardActions({
        state,
        show: on?.show ?? null,
        now,
        send: order,
        window: {
          full: part === 'desk' ? null : () => toFull(!full),
          second: part === 'alone' ? second : null,
          help: () => setHelp(true),
          close: part === 'class' ? null : close,
        },
      })
    : [];
  const first = useRef(true);
  useKeys(
    Object.fromEntries(
      actions.flatMap(({ keys, act }) =>
        keys.map((key) => [
          key,
          () => {
            // Only a hand may ask for the whole screen, so the first press on the board does.
            if (part !== 'desk' && first.current && key !== 'Escape' && key !== 'f') toFull(true);
            first.current = false;
            act();
          },
        ]),
      ),
    ) satisfies KeyActions,
    single === 'on',
  );
  const empty = part !== 'class' && list !== null && list.length === 0;
  return (
    <Speaking words={w}>
      <div data-live={state || alone || empty ? 'yes' : 'no'} className="contents">
        {empty || alone ? (
          <Instead
            text={alone ? SAY.waits : address.lesson === null ? SAY.noSuch : SAY.empty}
            away={!alone}
          />
        ) : state && part === 'desk' ? (
          <DeskView
            {...{ state, on, now, kept, actions, together, refused }}
            list={list ?? []}
            send={order}
            onOpen={() => pair && openWindow(pair)}
            pair={pair ?? ''}
          />
        ) : (
          state && (
            <main className="relative h-dvh grow text-ink" data-light={state.light}>
              <Stage {...{ state, on, now }} least={1} onPoint={(lit) => order({ ask: 'point', lit })} />
              <Hands actions={actions} />
            </main>
          )
        )}
        <Notice problems={[]} state={school.state} />
        <KeyList
          {...SAY.keys}
          open={help}
          onOpen={setHelp}
          single={single === 'on'}
          onSingle={(on) => setSingle(on ? 'on' : 'off')}
        />
      </div>
    </Speaking>
  );
}
