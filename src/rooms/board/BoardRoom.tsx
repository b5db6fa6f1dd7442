import { useEffect, useState } from 'react';
import { BOARD_WORDS as SAY } from '@/core/words/screen/board';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { KeyList } from '@/ui/keys/KeyList';
import { SINGLE_KEYS, useSetting } from '@/ui/keys/use-setting';
import { Speaking } from '@/ui/school/use-class';
import { useSteady } from '@/ui/use-steady';
import { type BoardAddress, boardHref, readBoard } from '../address/board/board-address';
import { Notice } from '../shell/Notice';
import { DeskView } from './DeskView';
import { Hands } from './Hands';
import { Instead } from './Instead';
import { Stage } from './Stage';
import { useBoardOf } from './use-board-of';
import { useBoardSound } from './use-board-sound';
import { useHands } from './use-hands';
import { useAwake } from './use-window';
import { useWindows } from './use-windows';

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

function Board({ address, onAddress }: Props) {
  const { part, pair } = address;
  const board = useBoardOf(address, onAddress);
  const { w, school, state, on, now, kept, list, order } = board;
  const [help, setHelp] = useState(false);
  const [single, setSingle] = useSetting('moon-step:single-keys', SINGLE_KEYS);
  const awake = useAwake();
  const sound = useBoardSound(w, state?.address ?? null, on);
  const windows = useWindows(address, state, onAddress);
  const actions = useHands({
    ...{ part, state, now, windows },
    show: on?.show ?? null,
    send: order,
    sound: part === 'class' ? null : sound,
    single: single === 'on',
    onHelp: () => setHelp(true),
  });
  useEffect(() => {
    document.title = part === 'desk' ? SAY.desk.title : SAY.title;
  }, [part]);
  const empty = part !== 'class' && list !== null && list.length === 0;
  const nothing = board.alone ? SAY.waits : address.lesson === null ? SAY.noSuch : SAY.empty;
  return (
    <Speaking words={w}>
      <div data-live={state || board.alone || empty ? 'yes' : 'no'} className="contents">
        {empty || board.alone ? (
          <Instead text={nothing} away={!board.alone} />
        ) : state && part === 'desk' ? (
          <DeskView
            {...{ state, on, now, kept, actions, awake }}
            send={order}
            open={board.together && !windows.gone()}
            refused={windows.refused}
            onOpen={windows.open}
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
