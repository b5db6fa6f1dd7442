import barGlyphs from '../bar-glyphs.json';
import { giveOutlines } from '../glyphs';
import scoreGlyphs from '../score-glyphs.json';

/** Gives the outlines that scores are drawn with, to whatever lays one out or draws it. */
export function giveScoreOutlines(): void {
  giveOutlines(barGlyphs);
  giveOutlines(scoreGlyphs);
}
