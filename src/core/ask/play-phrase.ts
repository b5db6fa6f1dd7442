import { A_TUNE, type AskedPattern, readCell } from '../play/pattern';
import { TEMPO } from '../play/performance';
import type { PlayRange } from '../play/placed';
import { shippedTune, TUNE_IDS, type TuneId } from '../play/tunes';
import type { PlaySaid } from './reading';

/** Words for patterns. */
const PATTERN_LEXICON: readonly (readonly [RegExp, AskedPattern])[] = [
  [/\b(?:in )?(?:thirds|3rds)\b/u, 'thirds'],
  [/\b(?:in )?(?:fourths|4ths)\b/u, 'fourths'],
  [/\b(?:in )?triads\b/u, 'triads'],
  [/\b(?:in )?(?:turns|with turns)\b/u, 'turns'],
  [/\b(?:in )?(?:fours|four notes)\b/u, 'four-notes'],
  [/\bup and down\b/u, 'scale'],
];

const RANGE_LEXICON: readonly (readonly [RegExp, PlayRange])[] = [
  [/\b(?:one|1|an) octave\b/u, 'one'],
  [/\b(?:two|2) octaves\b/u, 'two'],
  [/\b(?:the )?(?:whole|full) range\b/u, 'range'],
];

/** Players that are no transposing instrument. */
const PLAYER_LEXICON: readonly (readonly [RegExp, string])[] = [
  [/\b(?:for|on) (?:the )?flute\b/u, 'flute'],
  [/\b(?:for|on) (?:the )?clarinet\b/u, 'clarinet'],
  [/\b(?:for )?(?:the )?soprano voice\b/u, 'soprano'],
  [/\b(?:for )?(?:the )?alto voice\b/u, 'alto'],
  [/\b(?:for )?(?:the )?tenor voice\b/u, 'tenor'],
  [/\b(?:for )?(?:the )?bass voice\b/u, 'bass'],
  [/\b(?:for )?(?:a )?young voices?\b/u, 'young-voice'],
];

/** Tunes by their names, an article or 'as' before them. */
const TUNE_LEXICON: readonly (readonly [RegExp, TuneId])[] = TUNE_IDS.map((id) => {
  const name = shippedTune(id).name.toLowerCase().replace(/^the /u, '');
  return [new RegExp(`\\b(?:as )?(?:the )?${name}\\b`, 'u'), id];
});

/** Degrees of a cell: `1 2 3 1`, `1-3-5`. */
const CELL = /\b(?:as )?([1-9](?:[ -][1-9]){1,11})\b/u;

/** The first word of a list that stands in a line, and the line without it. */
function taken<Value>(line: string, list: readonly (readonly [RegExp, Value])[]): [Value | null, string] {
  const found = list.find(([words]) => words.test(line));
  return found ? [found[1], line.replace(found[0], ' ')] : [null, line];
}

export type PlayPhrase = { readonly said: PlaySaid; readonly rest: string };

/**
 * `play E major in thirds, two octaves, at 72`: what is said of how it is played, and the rest of the line, which is
 * about the scale. Null for a line that does not begin with `play`.
 */
export function playPhrase(text: string): PlayPhrase | null {
  const line = text.toLowerCase().replace(/[,.]/gu, ' ').replace(/\s+/gu, ' ').trim();
  if (!line.startsWith('play ')) return null;
  const begun = line.slice(5);
  const tempo = /\b(?:at|tempo) (\d{2,3})\b/u.exec(begun);
  const beats = Number(tempo?.[1] ?? 0);
  const timed = tempo ? begun.replace(tempo[0], ' ') : begun;
  const [tune, withoutTune] = taken(timed, TUNE_LEXICON);
  const [range, withoutRange] = taken(withoutTune, RANGE_LEXICON);
  const [player, withoutPlayer] = taken(withoutRange, PLAYER_LEXICON);
  const [named, withoutPattern] = taken(withoutPlayer, PATTERN_LEXICON);
  const cell = named ? null : CELL.exec(withoutPattern);
  const read = cell ? readCell(cell[1] ?? '') : null;
  const typed = read?.ok ? read.asked : null;
  return {
    said: {
      pattern: tune ? A_TUNE : (named ?? typed),
      ...{ tune, range, player },
      tempo: tempo && beats >= TEMPO.least && beats <= TEMPO.most ? beats : null,
    },
    rest: typed && cell ? withoutPattern.replace(cell[0], ' ') : withoutPattern,
  };
}
