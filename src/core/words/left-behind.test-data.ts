import type { SettingName } from '../school/settings';

/** Words of the usual school that must not be left where another one speaks. Choices themselves name all schools. */
export const LEFT_BEHIND: Partial<Record<SettingName, Readonly<Record<string, RegExp>>>> = {
  stepWords: {
    'tone-semitone': /\b(?:half|whole) steps?\b|Halbt|Ganzt/iu,
    german: /\b(?:half|whole) steps?\b|semitone|\btones?\b/iu,
    fractions: /\b(?:half|whole) steps?\b|semitone|Halbt|\btones?\b/iu,
  },
  noteNames: {
    german: /[A-H][♯♭♮𝄪𝄫]|\b(?:Do|Re|Fa|Sol|Si)\b/u,
    dutch: /[A-H][♯♭♮𝄪𝄫]|\bH\b/u,
    'fixed-do': /\b[A-H][♯♭♮𝄪𝄫]|\b[B-H]\b|\bA(?:$|[.,:;]| (?:and|to|becomes|up|is)\b)/u,
    'fixed-ut': /\bDo\b|\b[A-H][♯♭♮𝄪𝄫]/u,
  },
  relatives: {
    'tonic-minor': /parallel/iu,
    german: /\brelative (?:minor|key)|parallel (?:minor|major)/iu,
  },
  circle: { fourths: /circle of fifths/iu },
  keyNames: { german: /\b[A-H](?:is|es)? (?:major|minor)\b/u },
  degrees: { 'leading-note': /the 7th|leading tone/u, 'leading-tone': /the 7th|leading note/u },
};
