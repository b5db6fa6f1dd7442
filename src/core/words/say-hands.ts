import { type HandedOver, handedOver, onBlackKeys, twoHands } from '../instrument/two-hands';
import { fifths, fifthsOf, noteAtFifths } from '../note/spelled';
import { PATTERNS } from '../scale/pattern';
import { type Scale, scaleMoved } from '../scale/scale';
import { isPrintable } from '../scale/signature';
import type { ClassWords } from './class-words';
import { scaleName } from './say-scale';
import { capital, numberWord } from './vocabulary';

/** Black keys that a keyboard has in an octave. */
const ALL_BLACK = 5;

/** The position before: the same scale a fifth lower; null where it cannot be spelled or its signature printed. */
function before(scale: Scale): Scale | null {
  const tonic = noteAtFifths(fifthsOf(scale.tonic) - 1);
  const moved = tonic && scaleMoved(scale, tonic);
  if (!moved?.ok) return null;
  const { signature } = moved.scale;
  return signature === null || isPrintable(fifths(signature)) ? moved.scale : null;
}

function saysChange(w: ClassWords, { had, has }: HandedOver): string {
  return `${w.note(had)} becomes ${w.note(has)}`;
}

/** How two hands lie on a scale, and what differs from the position a fifth lower; nothing where there are no two tetrachords. */
export function sayHands(w: ClassWords, scale: Scale): readonly string[] {
  if (!twoHands(scale)) return [];
  const said = [
    'Left hand 5 4 3 2, right hand 2 3 4 5, no thumbs; the hands change between the 4th and the 5th note.',
  ];
  const position = before(scale);
  const over = position && handedOver(position, scale);
  if (position && over) {
    const notes = over.map(({ has }) => w.note(has)).join(' ');
    const changes = over.filter(({ had, has }) => had !== has).map((each) => saysChange(w, each));
    const change = changes.length > 0 ? `; ${changes.join(', ')}` : '';
    said.push(
      `Coming from ${scaleName(w, position)}, the left hand takes over ${notes} from the right${change}.`,
    );
  }
  return said;
}

/** How many black keys a scale has, in each of its octaves, and that the count says no more past five. */
export function sayBlackKeys(w: ClassWords, scale: Scale, octaves = 1): string {
  const black = onBlackKeys(scale);
  const each = octaves > 1 ? ' in each octave' : '';
  const count =
    black.length === 0
      ? 'No black keys'
      : `${capital(numberWord(black.length))} black key${black.length === 1 ? '' : 's'}${each}`;
  const said = black.length === 0 ? `${count}.` : `${count}: ${black.map(w.note).join(' ')}.`;
  if (black.length < ALL_BLACK) return said;
  const own = scale.id && scale.raised.length === 0 ? PATTERNS[scale.id].mode : null;
  return own
    ? `${said} The count stops at ${numberWord(ALL_BLACK)}: signatures of five, six and seven signs all have as many.`
    : `${said} There are no more.`;
}
