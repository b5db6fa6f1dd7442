import { MOST_QUESTIONS, VERSIONS } from '../exercise/sheet/recipe';
import { TOPIC_IDS, type TopicId } from '../exercise/sheet/topic';
import { CLEFS } from '../instrument/staff';
import { known } from '../known';
import { NUMBER_LEXICON } from './lexicon';
import type { SheetPhrase } from './sheet-said';

/** Words that say what a sheet is to be on. */
const TOPIC_LEXICON: readonly (readonly [RegExp, TopicId])[] = [
  [/\bmajors?(?: scales?)?\b/u, 'majors'],
  [/\bminors?(?: (?:scales?|forms?))?\b/u, 'minors'],
  [/\bmod(?:es?|al)\b/u, 'modes'],
  [/\bsignatures? to complete\b/u, 'complete'],
  [/\b(?:key )?signatures\b/u, 'signatures'],
  [/\border of (?:signs|sharps|flats)\b/u, 'order'],
  [/\bstep(?:s| patterns?)\b/u, 'steps'],
  [/\bnaming scales?\b|\bname (?:the )?scales?\b/u, 'naming'],
  [/\b(?:related keys|relatives?|partners?|parallels?|enharmonics?)\b/u, 'partners'],
  [/\bdegrees?\b/u, 'degrees'],
  [/\bchords?\b|\btriads?\b/u, 'chords'],
  [/\btranspos\w+\b/u, 'transposing'],
  [/\b(?:find|finding|find the) mistakes?\b|\bmistakes\b/u, 'find-mistake'],
  [/\bwhich note(?: must change)?\b/u, 'which-note'],
  [/\bgaps?\b/u, 'gaps'],
  [/\blabel\w*\b/u, 'label'],
  [/\bdecisions?\b/u, 'path'],
  [/\b(?:both clefs|grand staff)\b/u, 'grand'],
];

const BEGINS = /\b(?:work)?sheets?\b|\bquestions\b/u;

function numberIn(word: string | undefined): number | null {
  if (word === undefined) return null;
  return /^\d{1,2}$/u.test(word) ? Number(word) : (known(NUMBER_LEXICON, word) ?? null);
}

/**
 * `sheet of 12 questions on minor scales and signatures up to four signs`, `10 questions on gaps in the bass clef,
 * version B`. Null for a line that asks for no sheet, or for none of these things.
 */
export function sheetPhrase(line: string): SheetPhrase | null {
  const text = line.toLowerCase().replace(/[,.]/gu, ' ').replace(/\s+/gu, ' ').trim();
  if (!BEGINS.test(text)) return null;
  const said = text
    .replace(/\bwith(?:out)? (?:a )?(?:key )?signature\b/gu, ' ')
    .replace(/\bup to \S+ (?:signs?|sharps?|flats?)\b/gu, ' ');
  const topics = TOPIC_IDS.filter((id) =>
    TOPIC_LEXICON.some(([words, topic]) => topic === id && words.test(said)),
  );
  const count = numberIn(/(\S+) questions?\b/u.exec(text)?.[1]);
  const most = numberIn(/\bup to (\S+) (?:signs?|sharps?|flats?)\b/u.exec(text)?.[1]);
  const version = /\bversion ([a-d])\b/u.exec(text)?.[1]?.toUpperCase();
  const clefs = CLEFS.filter((clef) => new RegExp(`\\b${clef}\\b`, 'u').test(text));
  if (topics.length === 0 && count === null && most === null && clefs.length === 0) return null;
  if ((count ?? 1) < 1 || (count ?? 1) > MOST_QUESTIONS || (most ?? 0) > 7) return null;
  return {
    count,
    topics,
    maxSigns: most,
    clefs,
    signature: /\bwithout (?:a )?(?:key )?signature\b/u.test(text)
      ? 'none'
      : /\bwith (?:a )?(?:key )?signature\b/u.test(text)
        ? 'written'
        : null,
    version: VERSIONS.find((each) => each === version) ?? null,
  };
}
