import {
  ArrowLeft,
  ArrowRight,
  Eye,
  EyeOff,
  Hourglass,
  Keyboard,
  Layers,
  type LucideIcon,
  Maximize,
  Monitor,
  MonitorOff,
  MonitorUp,
  Moon,
  Square,
  Sun,
  Volume2,
  X,
} from 'lucide-react';
import { BOARD_WORDS } from '@/core/words/screen/board';
import type { BoardShow } from '../shell/board-kit';
import { type BoardCommand, type BoardState, isThinking } from './state';

/** Something hands can do with a board: a key, and a button with a word. */
export type BoardAction = {
  readonly label: string;
  readonly icon: LucideIcon;
  /** As it is shown, and all that does the same by `KeyboardEvent.key`. */
  readonly hint: string;
  readonly keys: readonly string[];
  /** Whether it has a button; the others are keys alone. */
  readonly button: boolean;
  readonly act: () => void;
};

/** What a board's hands need to know and can do. */
export type BoardHands = {
  /** Null before anything is known; then nothing can be done. */
  readonly state: BoardState | null;
  readonly show: BoardShow | null;
  readonly now: number;
  readonly send: (command: BoardCommand) => void;
  /** Sound of what stands: whether it sounds, and a press that starts or stops it; null where nothing is heard. */
  readonly sound: { readonly sounds: boolean; readonly toggle: () => void } | null;
  /** What this window can do beside; null for what it cannot. */
  readonly window: {
    readonly full: (() => void) | null;
    readonly second: (() => void) | null;
    readonly help: () => void;
    readonly close: (() => void) | null;
  };
};

const SAY = BOARD_WORDS.hands;

/** Commands that say all by their name. */
type Plain = Exclude<BoardCommand['ask'], 'show' | 'put' | 'point' | 'point-on'>;

/** Everything that can be done with a board in its window, in the order of the buttons. */
export function boardActions({
  state,
  show,
  now,
  send,
  sound,
  window: own,
}: BoardHands): readonly BoardAction[] {
  if (!state) return [];
  const ask = (command: Plain) => () => send({ ask: command });
  const action = (
    label: string,
    icon: LucideIcon,
    hint: string,
    keys: readonly string[],
    act: () => void,
    button = true,
  ): BoardAction => ({ label, icon, hint, keys, button, act });
  const views = show?.views ?? [];
  const named = views[(state.view + 1) % Math.max(1, views.length)];
  const thinks = isThinking(state, now);
  const night = state.light === 'night';
  return [
    action(SAY.back, ArrowLeft, '←', ['ArrowLeft', 'PageUp'], ask('back')),
    action(SAY.next, ArrowRight, '→', ['ArrowRight', 'PageDown', ' '], ask('next')),
    action(state.hidden ? SAY.show : SAY.hide, state.hidden ? Eye : EyeOff, 'H', ['h'], ask('hide')),
    action(
      state.blank ? SAY.unblank : SAY.blank,
      state.blank ? Monitor : MonitorOff,
      'B',
      ['b', '.'],
      ask('blank'),
    ),
    action(thinks ? SAY.thinkNo : SAY.think, Hourglass, 'T', ['t'], ask('think')),
    ...(named !== undefined && views.length > 1
      ? [action(SAY.view(named), Layers, 'S', ['s'], ask('view'))]
      : []),
    ...(sound
      ? [
          action(
            sound.sounds ? SAY.silence : SAY.listen,
            sound.sounds ? Square : Volume2,
            'L',
            ['l'],
            sound.toggle,
          ),
        ]
      : []),
    action(night ? SAY.day : SAY.night, night ? Sun : Moon, 'N', ['n'], ask('light')),
    ...(own.full ? [action(SAY.full, Maximize, 'F', ['f'], own.full)] : []),
    ...(own.second ? [action(SAY.window, MonitorUp, 'W', ['w'], own.second)] : []),
    action(SAY.keys, Keyboard, '?', ['?'], own.help),
    ...(own.close ? [action(SAY.close, X, 'Esc', ['Escape'], sound?.sounds ? sound.toggle : own.close)] : []),
    action('', ArrowLeft, 'Home', ['Home'], ask('question'), false),
    action('', ArrowRight, 'End', ['End'], ask('whole'), false),
    action('', ArrowRight, '↓', ['ArrowDown'], () => send({ ask: 'point-on', way: 1 }), false),
    action('', ArrowLeft, '↑', ['ArrowUp'], () => send({ ask: 'point-on', way: -1 }), false),
    action('', ArrowRight, '>', ['>'], ask('onward'), false),
    action('', ArrowLeft, '<', ['<'], ask('before'), false),
  ];
}
