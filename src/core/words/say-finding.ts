import type { KindId } from '../exercise/kinds/all';
import type { Finding, FindingCode, Thing } from '../mark/judging/judged';
import type { Alteration } from '../note/spelled';
import type { ClassWords } from './class-words';
import { sayNamed } from './say-named';
import { capital, lowerFirst, signCount } from './vocabulary';

/** Signs as they stand in text; a natural has its own. */
const SIGNS: Readonly<Record<Alteration, string>> = { [-2]: '𝄫', [-1]: '♭', 0: '♮', 1: '♯', 2: '𝄪' };

function signText(sign: Alteration | null): string {
  return sign === null ? 'no sign' : `a ${SIGNS[sign]}`;
}

/** A thing by its name in the class. */
export function sayThing(w: ClassWords, thing: Thing | null): string {
  if (!thing) return '';
  switch (thing.is) {
    case 'note':
      return w.note(thing.note);
    case 'pitch':
      return `${w.note(thing.pitch.note)}${thing.pitch.octave}`;
    case 'sign':
      return signText(thing.sign);
    case 'step':
      return w.aStep(thing.semitones);
    case 'key':
      return thing.small
        ? lowerFirst(sayNamed(w, thing.key, thing.form))
        : sayNamed(w, thing.key, thing.form);
    case 'count':
      return signCount(thing.fifths);
    case 'numeral':
      return thing.text;
    case 'way':
      return thing.way === 'up' ? 'going up' : 'going down';
  }
}

type Said = { readonly want: string; readonly got: string; readonly place: string };

function sentence(w: ClassWords, code: FindingCode, { want, got, place }: Said): string {
  const child = w.settings.hints === 'child';
  switch (code) {
    case 'wrong-sign':
      return `${got} given, ${want} expected${child ? '' : `: the ${w.letterWord} is right, the sign is not`}.`;
    case 'respelled':
      return `${got} given, ${want} expected${child ? '' : `: it sounds the same on another ${w.letterWord}`}.`;
    case 'wrong-note':
      return `${got} given, ${want} expected.`;
    case 'letter-skipped':
      return `No ${w.letterWord} for ${want}: one is skipped.`;
    case 'letter-repeated':
      return `${got} repeats the ${w.letterWord} before it.`;
    case 'top-differs':
      return `The top note is ${got}, the bottom note ${want}: they must be the same, sign and all.`;
    case 'note-missing':
      return `${capital(want)} is missing.`;
    case 'note-extra':
      return `${capital(got)} is one too many.`;
    case 'wrong-octave':
      return `${got} given, ${want} expected: the right note in another octave.`;
    case 'wrong-direction':
      return `Written ${got}, asked ${want}.`;
    case 'step-wrong':
      return `${capital(got)} ${place}, ${want} expected.`;
    case 'sign-repeated':
      return `${capital(got)} ${place} is still in force; it need not be written again.`;
    case 'sign-needed':
      return `${capital(want)} is needed ${place}.`;
    case 'sign-misplaced':
      return `${capital(got)} ${place} says another note than the one meant.`;
    case 'sign-unwanted':
      return `${capital(got)} ${place} has nothing to cancel.`;
    case 'cancelling-unwanted':
      return `${capital(got)} ${place}: this class writes no cancelling sign after the top note.`;
    case 'order-wrong':
      return `${got} stands where ${want} comes in the order.`;
    case 'place-wrong':
      return `${got} drawn, ${want} is its place in a signature.`;
    case 'mixed':
      return `${got} is of the other kind: sharps and flats are never mixed in a signature.`;
    default:
      return nameSentence(w, code, { want, got, place });
  }
}

function nameSentence(w: ClassWords, code: FindingCode, { want, got }: Said): string {
  switch (code) {
    case 'mode-unsaid':
      return `${got} alone does not say major or minor; ${want} is the whole name.`;
    case 'mode-differs':
      return `${got} given, ${want} expected: another mode.`;
    case 'capital':
      return `The first ${w.letterWord} of ${want} is not written so.`;
    case 'count-differs':
    case 'kind-differs':
      return `${capital(got)} given, ${want} expected.`;
    case 'nothing-given':
      return want ? `Nothing was given; ${want} was expected.` : 'Nothing was given.';
    case 'count-and-list-differ':
      return `${capital(want)} said, ${got} listed: the two do not agree.`;
    case 'inverted':
      return got === want
        ? `All the notes are there, ${want} the lowest; only the order of the others is another.`
        : `All the notes are there; ${got} stands below ${want}, so it is an inversion.`;
    case 'more-than-asked':
      return 'More is given than was asked, and all of it is right.';
    case 'reason-wrong':
      return `${capital(got)} named, ${want} is there.`;
    default:
      return `${got} given, ${want} expected.`;
  }
}

/** Where in an answer: a note or a step is counted from 1; a step between notes comes after one of them. */
function placeOf({ code, index }: Finding, kind: KindId): string {
  if (index === null) return 'at the clef';
  if (code !== 'step-wrong') return `at note ${index + 1}`;
  return kind === 'steps' ? `as step ${index + 1}` : `after note ${index}`;
}

/** For students: how far a wrong sign is from the right one, and by which kind of half step. */
function howFar(w: ClassWords, { code, expected, got }: Finding): string | null {
  if (code !== 'wrong-sign' || expected?.is !== 'note' || got?.is !== 'note') return null;
  const by = got.note.alteration - expected.note.alteration;
  if (Math.abs(by) !== 1) return null;
  return `That is a chromatic ${w.halfTerm} too ${by > 0 ? 'high' : 'low'}.`;
}

/** What is wrong at a place, in a sentence of its own. */
export function sayFinding(w: ClassWords, finding: Finding, kind: KindId = 'scale'): string {
  const { code, expected, got } = finding;
  const said = sentence(w, code, {
    want: sayThing(w, expected),
    got: sayThing(w, got),
    place: placeOf(finding, kind),
  });
  const deep = w.settings.hints === 'student' ? howFar(w, finding) : null;
  return deep ? `${said} ${deep}` : said;
}
