import { asciiName } from '@/core/note/spelled';
import { tuneTexts } from '@/core/play/tune';
import { type TuneCode, tuneText } from '@/core/play/tunes';
import { writeAskedScale } from '../address/asked-scale';
import type { PlaySentence } from '../address/play/play-address';

/** A scale on its tonic, in a code. */
function scaleCode({ tonic, scale }: Pick<PlaySentence, 'tonic' | 'scale'>): string {
  const query = new URLSearchParams({ tonic: asciiName(tonic) });
  writeAskedScale(query, scale);
  return query.toString();
}

/** An instrument and a scale: by which fingerings and what is said of the hands are remembered. */
export function aboutHand(sentence: PlaySentence): string {
  return `hand ${sentence.player} ${scaleCode(sentence)}`;
}

/** A pattern of a scale on an instrument: by which its variations and rounds are remembered. */
export function aboutLine(sentence: PlaySentence): string {
  return `line ${sentence.player} ${scaleCode(sentence)} ${sentence.pattern}`;
}

const TUNE = 'tune ';

/** A tune, by its name: the keys it was played in, and its text where it is one's own. */
export function aboutTune(code: TuneCode): string {
  return TUNE + tuneTexts(tuneText(code)).name.slice(0, 60);
}

/** Whether something is remembered of a tune. */
export function isAboutTune(about: string): boolean {
  return about.startsWith(TUNE);
}
