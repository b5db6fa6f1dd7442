import type { SignsReadOff } from '../harmony/circle';
import { type Key, relativeKey, signatureOfKey } from '../harmony/key';
import type { Neighbour, Way } from '../harmony/neighbour';
import { soundingPivots } from '../harmony/pivot';
import { letterOfPlace, noteOfPlace } from '../harmony/place-name';
import { distanceOf, sharedNotes } from '../harmony/shared';
import { fifths, pitchClass, spelled } from '../note/spelled';
import { accidentalsOf } from '../scale/signature';
import type { ClassWords } from './class-words';
import { modeKey } from './say-signature';
import { capital, numberWord, signCount } from './vocabulary';

/** A key in the words of a class: `A♭ major`, `f`, `D dorian`. */
export function keyName(w: ClassWords, { tonic, mode }: Key): string {
  return modeKey(w, tonic, mode);
}

/** `one place`, `five places`. */
export function placesWord(count: number): string {
  return `${numberWord(count)} ${count === 1 ? 'place' : 'places'}`;
}

/** Round the circle as it is drawn: in fourths it turns the other way. */
export function roundWord(w: ClassWords, way: Way): string {
  const clockwise = way > 0 === (w.settings.circle === 'fifths');
  return clockwise ? 'clockwise' : 'anticlockwise';
}

/**
 * What is new in a neighbour, and on which degree of it and of its relative: `D major has C♯ for C♮: its 7th, the 2nd of
 * B minor.`
 */
export function sayNeighbour(w: ClassWords, { key, newNote, oldNote }: Neighbour): string {
  const { hints } = w.settings;
  const change = `${keyName(w, key)} has ${w.noteWithSign(newNote)} for ${w.noteWithSign(oldNote)}`;
  if (hints === 'child') return `${change}.`;
  const other = relativeKey(key);
  const there = other ? `, the ${w.degree(newNote, other.tonic)} of ${keyName(w, other)}` : '';
  const stays = hints === 'student' ? ' The other six stay.' : '';
  return `${change}: its ${w.degree(newNote, key.tonic)}${there}.${stays}`;
}

/** How a key's number of signs is counted from C: `Three places clockwise from C: three sharps.` */
export function sayCounted(w: ClassWords, key: Key): string {
  const count = signatureOfKey(key);
  // Minors on a circle of their own are counted from the minor without signs.
  const own = key.mode === 'minor' && w.settings.minorCircle === 'own-circle';
  const top: Key = own ? { tonic: spelled('A', 0), mode: 'minor' } : { tonic: noteOfPlace(0), mode: 'major' };
  if (count === 0) return `${keyName(w, top)} stands at the top: ${signCount(0)}.`;
  const way = count > 0 ? 1 : -1;
  return `${capital(placesWord(Math.abs(count)))} ${roundWord(w, way)} from ${w.note(top.tonic)}: ${signCount(count)}.`;
}

/** How the signs of a key are read off the notes of the circle. */
export function sayReadOff(w: ClassWords, { count, places, off }: SignsReadOff): string {
  const way = count > 0 ? 1 : -1;
  const major = noteOfPlace(count);
  const first = places[0];
  const last = places.at(-1);
  if (first === undefined || last === undefined) return 'Nothing is read off: no sharps and no flats.';
  const signs = w.noteList(accidentalsOf(fifths(count)));
  if (way > 0) {
    const bare = places.map((place) => w.letter(letterOfPlace(place))).join(' ');
    return `Sharps run ${roundWord(w, 1)} from ${w.letter(letterOfPlace(first))} and stop ${placesWord(off)} short of ${w.note(major)}: ${bare}. Each gains its sharp: ${signs}.`;
  }
  const far =
    count === -7
      ? ` ${w.note(noteOfPlace(last))} has its place where ${w.letter(letterOfPlace(4))} stands.`
      : '';
  return `Flats run ${roundWord(w, -1)} from ${w.note(noteOfPlace(first))} and stop ${placesWord(off)} past ${w.note(major)}: ${signs}.${far}`;
}

/** How far two keys lie apart, and what they share by spelling and by sound. */
export function sayNearness(w: ClassWords, from: Key, to: Key): readonly string[] {
  const { clockwise, anticlockwise } = distanceOf(from, to);
  const { spelled, sounding } = sharedNotes(from, to);
  const short = Math.min(clockwise, anticlockwise);
  const way: Way = clockwise <= anticlockwise ? 1 : -1;
  const other: Way = way > 0 ? -1 : 1;
  const apart =
    short === 0
      ? 'They stand at one place of the circle.'
      : clockwise === anticlockwise
        ? `${capital(placesWord(short))} apart, either way round.`
        : `${capital(placesWord(short))} apart ${roundWord(w, way)}, ${numberWord(12 - short)} ${roundWord(w, other)}.`;
  const notes = (found: typeof spelled) =>
    found.length === 0
      ? 'none'
      : found.length === 7
        ? 'all seven'
        : `${numberWord(found.length)}, ${w.noteList(found)}`;
  const sound = sounding.length === spelled.length ? 'the same' : notes(sounding);
  return [apart, `Shared by spelling: ${notes(spelled)}. By sound: ${sound}.`];
}

/** Why two keys sound near or far. */
export function sayJar(from: Key, to: Key): string {
  const { sounding } = sharedNotes(from, to);
  const chords = soundingPivots(from, to).length;
  const changed = 7 - sounding.length;
  if (changed === 0 && pitchClass(from.tonic) === pitchClass(to.tonic))
    return 'To the ear nothing changes: only the names are others.';
  if (changed === 0) return 'To the ear nothing changes but the home note.';
  const many = changed === 1 ? 'One note changes' : `${capital(numberWord(changed))} notes change`;
  if (chords === 0)
    return `${many} for the ear and no triad sounds in both: nothing leads over, so the step jars. Walk it.`;
  const triads = chords === 1 ? 'one triad sounds' : `${numberWord(chords)} triads sound`;
  return `${many} for the ear; ${triads} in both and can lead over.`;
}
