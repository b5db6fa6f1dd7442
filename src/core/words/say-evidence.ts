import { type Key, keyNotes } from '../harmony/key';
import type { SpelledNote } from '../note/spelled';
import type { Evidence } from '../piece/key/evidence';
import type { ClassWords } from './class-words';
import { keyName } from './say-key';
import { capital, counted, signCount } from './vocabulary';

/** `once`, `twice`, `5 times`. */
function times(count: number): string {
  return count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`;
}

/** What a note is in a key: `the tonic`, `the 5th degree`, or that the key does not have it. */
function placeIn(w: ClassWords, key: Key, note: SpelledNote, degree: number | null): string {
  if (degree === null) return 'which the key does not have';
  return note === key.tonic ? 'the tonic' : `the ${w.degree(note, key.tonic)} of the key`;
}

/** A line of evidence for a key or against it, in the words of a class; where it stands is said by its bars. */
export function sayEvidence(w: ClassWords, key: Key, line: Evidence): string {
  switch (line.code) {
    case 'signature':
      return line.own
        ? `${capital(signCount(line.count))}: its own signature.`
        : `Its own signature would be ${signCount(line.wants)}; here it is ${signCount(line.count)}.`;
    case 'last-note':
      return `The last note is ${w.note(line.note)}, ${placeIn(w, key, line.note, line.degree)}.`;
    case 'last-bass':
      return `The lowest note at the end is ${w.note(line.note)}, ${placeIn(w, key, line.note, line.degree)}.`;
    case 'first-note':
      return `The first note is ${w.note(line.note)}, ${placeIn(w, key, line.note, line.degree)}.`;
    case 'first-bass':
      return `The first strong beat stands on ${w.note(line.note)}, ${placeIn(w, key, line.note, line.degree)}.`;
    case 'section-ends':
      return `Sections before the last end on ${w.note(line.note)}, the tonic.`;
    case 'home-chord':
      return `${line.percent} % of the time is spent on ${w.noteList(line.notes)}, the chord of its tonic.`;
    case 'all-fit':
      return key.mode === 'minor' ? 'Every note belongs to one of its forms.' : 'Every note belongs to it.';
    case 'outside':
      return `${counted(line.count, 'note', 'notes')} outside it: ${w.noteList(line.notes)}.`;
    case 'raised-seventh': {
      const home = line.home > 0 ? `, and goes to ${w.note(key.tonic)} ${times(line.home)}` : '';
      return `${w.noteWithSign(line.note)}, its raised 7th, occurs ${times(line.count)}${home}.`;
    }
    case 'raised-sixth':
      return `${w.noteWithSign(line.note)}, its raised 6th, occurs ${times(line.count)}: forms of minor mix.`;
    case 'never-raised':
      return `${w.noteWithSign(line.note)}, its 7th, is never raised.`;
    case 'bass-leaps':
      return `From ${w.note(line.from)} to ${w.note(line.to)}, from the 5th degree to the tonic, on a first beat: ${times(line.count)}.`;
    case 'cadence':
      return line.by === 'bass'
        ? `It closes from ${w.note(line.from)} to ${w.note(line.to)} in the bass.`
        : `It closes by step, from ${w.note(line.from)} to ${w.note(line.to)}.`;
    case 'missing':
      return `${w.noteWithSign(line.note)} never occurs; without it ${keyName(w, key)} cannot be told from ${keyName(w, { tonic: key.tonic, mode: line.instead })}.`;
    case 'own-note': {
      const other: Key = { tonic: key.tonic, mode: line.instead };
      const theirs = keyNotes(other)?.find(({ letter }) => letter === line.note.letter);
      const than = theirs ? `; ${keyName(w, other)} has ${w.noteWithSign(theirs)}` : '';
      return `${w.noteWithSign(line.note)} occurs ${times(line.count)}${than}.`;
    }
    case 'usual':
      return 'Major and minor are far more usual than the other modes.';
    case 'source-says':
      return `The file calls it ${line.mode}; files are often wrong in this.`;
  }
}
