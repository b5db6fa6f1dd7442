import { BOARD_WORDS } from '@/core/words/screen/board';
import { DrawnAt, scaleStyle } from '@/ui/scene/drawn-at';
import type { BoardAction } from './actions';
import { HandButton } from './HandButton';
import { usePointerMoves } from './use-window';

type Props = { readonly actions: readonly BoardAction[] };

/** How much larger than at a desk the buttons are: they are pressed on a wall as well. */
const LARGER = 2;

/** What can be done with the board, over its upper edge while the pointer moves or a button has the focus. */
export function Hands({ actions }: Props) {
  const moves = usePointerMoves();
  return (
    <div
      role="group"
      aria-label={BOARD_WORDS.hands.title}
      className="board-hands absolute inset-x-0 top-0 flex flex-wrap justify-end gap-1 bg-sheet p-2"
      data-shown={moves ? '' : undefined}
      style={scaleStyle(LARGER)}
    >
      <DrawnAt scale={LARGER}>
        {actions
          .filter(({ button }) => button)
          .map((action) => (
            <HandButton key={action.hint} {...action} small />
          ))}
      </DrawnAt>
    </div>
  );
}
