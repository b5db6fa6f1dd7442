import { asciiName, type SpelledNote } from '@/core/note/spelled';
import { type AskedScale, isTyped, scaleAsked } from '@/core/scale/asked';
import { PATTERNS } from '@/core/scale/pattern';
import type { Scale } from '@/core/scale/scale';
import { taughtTonics } from '@/core/scale/taught';
import { TONICS } from '@/core/scale/tonic';
import type { ClassWords } from '@/core/words/class-words';
import { sayProblem } from '@/core/words/say-problem';
import { deriveWords } from '@/core/words/screen/derive';
import { signCount } from '@/core/words/vocabulary';
import type { Word, WordOption } from '@/ui/sentence/words';

function tonicDetail(w: ClassWords, scale: Scale, taught: boolean): string {
  const { details } = deriveWords(w);
  if (scale.signature === null) return '';
  const signs = scale.signature === 0 ? details.noSigns : signCount(scale.signature);
  if (scale.theoretical) return details.theoretical;
  return taught ? signs : `${signs}, ${details.notTaught}`;
}

function matchNote(w: ClassWords, note: SpelledNote, typed: string): number {
  const reading = w.read(typed);
  if (reading.ok) return reading.note === note ? 1 : 0.6 * startsWith(w, note, typed);
  return 0.6 * startsWith(w, note, typed);
}

function startsWith(w: ClassWords, note: SpelledNote, typed: string): number {
  const wanted = typed.trim().toLowerCase();
  const spoken = w.spokenNote(note).toLowerCase();
  return wanted !== '' && (spoken.startsWith(wanted) || spoken.replaceAll(' ', '').startsWith(wanted))
    ? 1
    : 0;
}

/** The tonics on which a scale can be spelled: those that are taught, then the others. */
function tonicOptions(w: ClassWords, tonic: SpelledNote, asked: AskedScale): readonly WordOption[] {
  const keyed = isTyped(asked) ? 'major' : PATTERNS[asked].mode;
  const taught = taughtTonics(keyed, w.settings);
  const others = [tonic, ...TONICS].filter((note) => !taught.includes(note));
  return [...taught, ...new Set(others)].flatMap((note): WordOption[] => {
    const reading = scaleAsked(note, asked);
    if (!reading.ok) return [];
    const match = (typed: string) => matchNote(w, note, typed);
    const detail = tonicDetail(w, reading.scale, taught.includes(note));
    return [
      { value: asciiName(note), text: w.keyTonic(note, keyed === 'minor' ? keyed : 'major'), detail, match },
    ];
  });
}

/** The tonic of a scale: those that are taught first, then every other one on which it can be spelled. */
export function tonicWord(w: ClassWords, tonic: SpelledNote, asked: AskedScale): Word {
  const say = deriveWords(w);
  const keyed = isTyped(asked) ? 'major' : PATTERNS[asked].mode;
  const mode = keyed === 'minor' ? 'minor' : 'major';
  let made: readonly WordOption[] | null = null;
  return {
    id: 'tonic',
    label: say.words.tonic,
    key: 'T',
    value: asciiName(tonic),
    text: w.keyTonic(tonic, mode),
    // Every key is spelled for its list; most changes of key open none.
    get options() {
      made ??= tonicOptions(w, tonic, asked);
      return made;
    },
    unmatched: (typed) => {
      const reading = w.read(typed);
      return reading.ok ? say.noTonic(w.note(reading.note)) : sayProblem(w, reading.problem);
    },
  };
}
