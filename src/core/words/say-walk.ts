import { landingOf, lettersWalked, soundsWalked, spellingsOf, turnedRound, type Walk } from '../note/walk';
import type { Scale } from '../scale/scale';
import type { ClassWords } from './class-words';
import { scaleName } from './say-scale';
import { capital, numberWord, ordinal } from './vocabulary';

function names(w: ClassWords, sound: number): string {
  return spellingsOf(sound).map(w.note).join(' or ');
}

/** What a walk of letters passes, and both ways of counting it: the start is counted or it is not. */
function sayLetters(w: ClassWords, { from, count }: Walk): string {
  const walked = lettersWalked(from.letter, count);
  const last = walked.at(-1);
  if (!last) return '';
  const way = count > 0 ? 'up' : 'down';
  const steps = Math.abs(count);
  const noun = steps === 1 ? w.letterWord : w.letterWords;
  const wraps = walked.some((letter, at) => {
    const before = at === 0 ? from.letter : walked[at - 1];
    return count > 0 ? before === 'G' && letter === 'A' : before === 'A' && letter === 'G';
  });
  const round = wraps
    ? ` The alphabet goes round: after ${count > 0 ? `${w.letter('G')} comes ${w.letter('A')}` : `${w.letter('A')} comes ${w.letter('G')}`}.`
    : '';
  return `${capital(numberWord(steps))} ${noun} ${way} from ${w.letter(from.letter)}: ${walked.map(w.letter).join(' ')}. ${w.letter(last)} is number ${steps + 1}, counting ${w.letter(from.letter)} as 1.${round}`;
}

/** What a walk of half steps passes, where it lands, and which spelling the key calls for. */
function sayHalfSteps(w: ClassWords, walk: Walk, scale: Scale): string {
  const { from, count } = walk;
  const passed = soundsWalked(from, count);
  const { sound, inKey, spellings } = landingOf(walk, scale.ascending);
  const steps = Math.abs(count);
  const way = count > 0 ? 'up' : 'down';
  const noun = steps === 1 ? w.half : w.halves;
  const counted = `${capital(numberWord(steps))} ${noun} ${way} from ${w.note(from)}, not counting it, ${passed.length === 0 ? '' : `is ${inKey ? w.note(inKey) : names(w, sound)}`}.`;
  const others = spellings.filter((note) => note !== inKey);
  if (!inKey) return `${counted} ${scaleName(w, scale)} has no note there.`;
  return others.length === 0
    ? counted
    : `${counted} ${scaleName(w, scale)} calls for ${w.note(inKey)}, not ${others.map(w.note).join(' or ')}: the same key and the same fret.`;
}

/** A walk on the letter wheel in a sentence; nothing where nothing was walked. */
export function sayWalk(w: ClassWords, walk: Walk, scale: Scale): string {
  if (walk.count === 0) return '';
  return walk.unit === 'letters' ? sayLetters(w, walk) : sayHalfSteps(w, walk, scale);
}

/** The same walk the other way round, and what stays and what changes by it; nothing where there is none. */
export function sayTurned(w: ClassWords, walk: Walk): string {
  const other = turnedRound(walk);
  if (!other) return '';
  const { unit, count } = other;
  const steps = Math.abs(count);
  const way = count > 0 ? 'up' : 'down';
  if (unit === 'half-steps')
    return `Turned round it is ${numberWord(steps)} ${steps === 1 ? w.half : w.halves} ${way}: the note stays, the octave changes.`;
  const noun = steps === 1 ? w.letterWord : w.letterWords;
  return `Turned round it is ${numberWord(steps)} ${noun} ${way}, a ${ordinal(steps + 1)} for a ${ordinal(Math.abs(walk.count) + 1)}: the ${w.letterWord} stays, the octave changes.`;
}
