import { derive } from '../derive/methods';
import { judge } from '../exercise/judge';
import { claimsOfScale } from '../exercise/sheet/key/claims-of-scale';
import { minorNumerals } from '../harmony/numeral';
import { scoreOf } from '../mark/judging/marks';
import { noteNamed } from '../note/parse';
import { pitch } from '../note/pitch';
import { fifths } from '../note/spelled';
import { signsAfterBar } from '../scale/across-bar';
import type { Mode } from '../scale/mode';
import { modeSignature } from '../scale/mode-signature';
import type { ScaleId } from '../scale/pattern';
import { type Scale, scaleNamed } from '../scale/scale';
import { accidentalsOf } from '../scale/signature';
import { syllableOf } from '../scale/syllable';
import { taughtTonics } from '../scale/taught';
import type { Setting, SettingExample } from '../school/setting';
import { NO_SAYINGS } from '../school/settings';
import { type ClassWords, wordsOf } from './class-words';
import { sayClaims } from './say-claim';
import { sayMarks } from './say-marks';
import { sayKeyRule } from './say-rule';
import { sayStep, stepText } from './say-step';
import { deriveWords } from './screen/derive';
import { signCount } from './vocabulary';

function scaleOf(w: ClassWords, tonic: string, id: ScaleId): Scale {
  const reading = scaleNamed(noteNamed(tonic), id, w.settings.melodicDown);
  if (!reading.ok) throw new RangeError(`no ${id} on ${tonic}`);
  return reading.scale;
}

/** The steps of a signature's counting, as the working says them. */
function counting(w: ClassWords, tonic: string, id: ScaleId): string {
  const derivation = derive(scaleOf(w, tonic, id), 'up', 'signature', w.settings);
  const steps = derivation?.steps ?? [];
  const counts = steps.filter(({ fact }) => /^(relative|count|less)/u.test(fact.code));
  return counts.map(({ fact }) => sayStep(w, fact).text).join(' ');
}

function sung(w: ClassWords, tonic: string, id: ScaleId, mode: Mode): string {
  const scale = scaleOf(w, tonic, id);
  const notes = scale.ascending.slice(0, 7);
  return notes
    .map((note, index) =>
      w.settings.solfege === 'numbers'
        ? String(index + 1)
        : (syllableOf(note, scale.tonic, mode, w.settings) ?? w.note(note)),
    )
    .join(' ');
}

/** An answer and its marks, as the class counts them. */
function marksOf(w: ClassWords, tonic: string, id: 'harmonic-minor' | 'major', answer: string): string {
  const question = {
    tonic: noteNamed(tonic),
    scale: id,
    direction: 'up',
    signature: 'none',
    clef: null,
  } as const;
  const notes = answer.split(' ').map(noteNamed);
  const row = notes.map((note) => ({ note, octave: null, printed: undefined }));
  const judged = judge({ kind: 'scale', question }, { is: 'scale', notes: row }, w.settings);
  if (!judged) return '';
  const { got, of } = scoreOf(judged, w.settings);
  return `${w.noteList(notes)} for ${w.scale(question.tonic, id)}: ${sayMarks({ got, of })}.`;
}

const UNSUNG = 'Heard where the class sings movable do.';

/** A scale in syllables, or its major one only where the class sings any. */
function sungScale(w: ClassWords, { tonic, scale }: Of<'sung'>): string {
  const { solfege } = w.settings;
  const minor = scale === 'harmonic-minor';
  if (!minor && (solfege === 'none' || solfege === 'numbers')) return UNSUNG;
  return `${w.scale(noteNamed(tonic), scale)}: ${sung(w, tonic, scale, minor ? 'minor' : 'major')}`;
}

/** Dorian on D: the plain letters from D. */
function sungDorian(w: ClassWords): string {
  const { settings } = w;
  const notes = ['D', 'E', 'F', 'G', 'A', 'B', 'C'].map(noteNamed);
  const syllables = notes.map((note) => syllableOf(note, noteNamed('D'), 'dorian', settings));
  return syllables.every((each) => each !== null)
    ? `${w.note(noteNamed('D'))} dorian: ${syllables.join(' ')}`
    : UNSUNG;
}

function afterBar(w: ClassWords): string {
  const [raised, plain] = [pitch(noteNamed('G#'), 4), pitch(noteNamed('G'), 4)];
  const [sign] = signsAfterBar([raised], [plain], fifths(0), w.settings.cancelling);
  const g = w.letter('G');
  const shown = sign ? (sign.courtesy ? `${g} with (♮)` : `${g} with ♮`) : `${g} without a sign`;
  return `${w.note(raised.note)} in one bar, then ${shown} in the next.`;
}

function dorianSignature(w: ClassWords): string {
  const d = noteNamed('D');
  const count = modeSignature(d, 'dorian', w.settings.modesWritten);
  const signs = accidentalsOf(count);
  const cancelled = signs.map(({ letter }) => `${w.letter(letter)}♮`).join(' ');
  return `${w.note(d)} dorian: ${signCount(count)}${cancelled ? `, and ${cancelled} at the note` : ''}.`;
}

function numerals(w: ClassWords): string {
  const scale = scaleOf(w, 'C', 'natural-minor').ascending.slice(0, 7);
  return `${w.key(noteNamed('C'), 'minor')}: ${minorNumerals(scale, noteNamed('B'), w.settings).join('  ')}`;
}

function walkExample(w: ClassWords): string {
  const steps = derive(scaleOf(w, 'F', 'major'), 'up', 'step-pattern')?.steps ?? [];
  const found = steps.find(({ fact }) => fact.code === 'walk' && fact.to === noteNamed('Bb'));
  return found ? stepText(w, found.fact) : '';
}

type Shows = SettingExample['shows'];

type Of<Kind extends Shows> = Extract<SettingExample, { readonly shows: Kind }>;

const EXAMPLES: { readonly [Kind in Shows]: (w: ClassWords, example: Of<Kind>) => string } = {
  'two-steps': (w) =>
    `${w.letter('E')} up ${w.aStep(1)} is ${w.letter('F')}, up ${w.aStep(2)} is ${w.note(noteNamed('F#'))}: ${w.stepLetters(1)}, ${w.stepLetters(2)}.`,
  'note-names': (w) => ['C', 'F#', 'Bb', 'B', 'Ebb'].map((name) => w.note(noteNamed(name))).join('  '),
  'key-names': (w) =>
    `${w.key(noteNamed('Bb'), 'minor')}, ${w.key(noteNamed('Bb'), 'major')}, ${w.scale(noteNamed('C#'), 'harmonic-minor')}`,
  'related-keys': (w) => {
    const [a, c] = [noteNamed('A'), noteNamed('C')];
    const relative = w.settings.relatives === 'german' ? w.relative : `${w.relative} minor`;
    return `${w.key(c, 'major')}: ${relative} ${w.key(a, 'minor')}, ${w.parallel('minor')} ${w.key(c, 'minor')}.`;
  },
  'step-in-full': walkExample,
  'seventh-raised': (w) => {
    const [c, b, flat] = [noteNamed('C'), noteNamed('B'), noteNamed('Bb')];
    return `In ${w.key(c, 'minor')} ${w.note(flat)} is the ${w.degree(flat, c)}; raised, ${w.note(b)}, the ${w.degree(b, c)}.`;
  },
  sung: sungScale,
  'dorian-sung': sungDorian,
  'tonics-taught': (w) => taughtTonics('major', w.settings).map(w.note).join(' '),
  'place-of-minor': (w) => {
    const [e, g, a] = [noteNamed('E'), noteNamed('G'), noteNamed('A')];
    return w.settings.minorCircle === 'same-places'
      ? `${w.key(e, 'minor')} stands on the place of ${w.key(g, 'major')}: one sharp.`
      : `${w.key(e, 'minor')} stands one place from ${w.key(a, 'minor')} on the circle of the minors: one sharp.`;
  },
  counting: (w, { tonic, scale }) => counting(w, tonic, scale),
  'first-of-counting': (w, { tonic }) => {
    const steps = derive(scaleOf(w, tonic, 'major'), 'up', 'signature')?.steps ?? [];
    return steps[0] ? stepText(w, steps[0].fact) : '';
  },
  'key-rules': (w, { signatures, mode }) =>
    signatures.map((count) => sayKeyRule(w, fifths(count), mode) ?? '').join(' '),
  'coming-down': (w) =>
    `${w.scale(noteNamed('C'), 'melodic-minor')} down: ${scaleOf(w, 'C', 'melodic-minor').descending.map(w.note).join(' ')}`,
  'after-a-bar-line': afterBar,
  'dorian-signature': dorianSignature,
  'minor-numerals': numerals,
  'tonic-alone': (w) =>
    w.settings.modeWord === 'wanted'
      ? `For ${w.key(noteNamed('Bb'), 'minor')} the tonic alone is not enough.`
      : `For ${w.key(noteNamed('Bb'), 'minor')} the tonic alone is enough.`,
  'small-letter': (w) => {
    const small = w.note(noteNamed('E')).toLowerCase();
    const verdict = w.settings.capital === 'wanted' ? 'is not taken for' : 'is taken for';
    return `‘${small} major’ ${verdict} ${w.key(noteNamed('E'), 'major')}.`;
  },
  'on-a-surface': (w) => {
    const { onOne, surfaces } = deriveWords(w).shown;
    const on = onOne(surfaces[w.settings.surface] ?? '');
    return `${w.scale(noteNamed('E'), 'harmonic-minor')} ${on}, unless a sentence says otherwise.`;
  },
  'thinking-time': ({ settings: { thinking } }) =>
    thinking === '0'
      ? 'A question waits on the board for the first press.'
      : `A question stands alone on the board while ${thinking} seconds are counted down.`,
  'answer-reason': (w) => {
    const question = { tonic: noteNamed('E'), scale: 'harmonic-minor', direction: 'up' } as const;
    const claims = claimsOfScale({ ...question, signature: 'written', clef: 'treble' }, w.settings.reasonBy);
    return `${w.scale(question.tonic, question.scale)}: ${sayClaims(w, claims)}`;
  },
  marks: (w, { tonic, scale, answer }) => marksOf(w, tonic, scale, answer),
};

function sayExample<Kind extends Shows>(w: ClassWords, kind: Kind, example: Of<Kind>): string {
  return EXAMPLES[kind](w, example);
}

/** A live example of a setting as a class would meet it, worked out by the theory and not written down. */
export function settingExample(w: ClassWords, { example }: Setting): string {
  // The class's sayings would only make the examples longer.
  return sayExample(w.sayings === NO_SAYINGS ? w : wordsOf(w.settings), example.shows, example);
}
