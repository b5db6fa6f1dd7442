import type { SettingGroup } from './setting';

/**
 * What schools of teaching differ in, in the order and the groups in which a teacher goes through it. One more setting
 * is one more entry here; where it is read, its choice is a word of `Settings`.
 */
export const SETTING_GROUPS = [
  {
    code: 'names',
    title: 'Names and steps',
    settings: {
      noteNames: {
        title: 'Note names',
        choices: {
          english: 'English: B, B♭, F♯',
          german: 'German: H, B, Fis',
          'fixed-do': 'Fixed do: Si, Si♭, Fa♯, from Do',
          'fixed-ut': 'Fixed do: Si, Si♭, Fa♯, from Ut',
          dutch: 'Dutch-type: B, Bes, Fis',
        },
        example: { shows: 'note-names' },
      },
      stepWords: {
        title: 'Step words',
        choices: {
          'whole-half': 'Whole step and half step (W H)',
          'tone-semitone': 'Tone and semitone (T S)',
          german: 'Ganzton and Halbton (G H)',
          fractions: 'Steps of 1 and ½',
        },
        example: { shows: 'two-steps' },
      },
      keyNames: {
        title: 'Key names',
        choices: {
          words: 'In words: B♭ minor',
          case: 'By letter: b♭',
          german: 'With Dur and Moll: b-Moll',
        },
        example: { shows: 'key-names' },
      },
      relatives: {
        title: 'Related keys',
        choices: {
          parallel: 'Relative and parallel',
          'tonic-minor': 'Relative and tonic minor or major',
          german: 'Paralleltonart (relative) and Varianttonart (parallel)',
        },
        example: { shows: 'related-keys' },
      },
      hints: {
        title: 'Depth of hints',
        choices: {
          learner: 'Learner: each reason in full',
          child: 'Child: short, in plain words',
          student: 'Student: with intervals and rules',
        },
        example: { shows: 'step-in-full' },
      },
    },
  },
  {
    code: 'singing',
    title: 'Degrees and singing',
    settings: {
      degrees: {
        title: 'Degrees',
        choices: {
          numbers: 'Numbers, 1st to 7th',
          'against-major': 'Numbers against major, ♭3 ♭6 ♭7',
          'leading-note': 'Names, with leading note',
          'leading-tone': 'Names, with leading tone',
        },
        example: { shows: 'seventh-raised' },
      },
      /** Movable do with minor on do (ra me fi se le te) or on la; degrees sung as numbers; none. */
      solfege: {
        title: 'Solfège',
        choices: {
          none: 'None',
          'do-minor': 'Movable do, minor from do',
          'la-minor': 'Movable do, minor from la',
          numbers: 'Numbers',
        },
        example: { shows: 'sung', tonic: 'C', scale: 'harmonic-minor' },
      },
      fifth: {
        title: 'The 5th syllable',
        choices: {
          so: 'so',
          sol: 'sol',
        },
        example: { shows: 'sung', tonic: 'F', scale: 'major' },
      },
      seventh: {
        title: 'The 7th syllable',
        choices: {
          ti: 'ti',
          si: 'si',
        },
        example: { shows: 'sung', tonic: 'G', scale: 'major' },
      },
      /** Modes begin on a syllable of their own (dorian on re), or on do. */
      modeSyllables: {
        title: 'Modes are sung',
        choices: {
          own: 'From a syllable of their own',
          do: 'From do',
        },
        example: { shows: 'dorian-sung' },
      },
    },
  },
  {
    code: 'keys',
    title: 'Keys and the circle',
    settings: {
      keysTaught: {
        title: 'Keys taught',
        choices: {
          fifteen: '15 keys',
          twelve: '12 keys',
          theoretical: '15, and theoretical ones',
        },
        example: { shows: 'tonics-taught' },
      },
      keyOrder: {
        title: 'Order of keys',
        choices: {
          fifths: 'By fifths',
          fourths: 'By fourths',
          signs: 'One more sharp or flat at a time',
        },
        example: { shows: 'tonics-taught' },
      },
      circle: {
        title: 'The circle',
        choices: {
          fifths: 'Clockwise in fifths',
          fourths: 'Clockwise in fourths',
        },
        example: { shows: 'counting', tonic: 'Eb', scale: 'major' },
      },
      flatsBy: {
        title: 'Flat keys lie',
        choices: {
          'fifth-down': 'A fifth down each',
          'fourth-up': 'A fourth up each',
        },
        example: { shows: 'first-of-counting', tonic: 'Ab' },
      },
      minorCircle: {
        title: 'Minors stand',
        choices: {
          'same-places': 'On the places of their majors',
          'own-circle': 'On a circle of their own',
        },
        example: { shows: 'place-of-minor' },
      },
    },
  },
  {
    code: 'signatures',
    title: 'Signatures',
    settings: {
      minorSignature: {
        title: 'Minor’s signature is found',
        choices: {
          relative: 'By the major with the same signature',
          'parallel-less-three': 'By the major on the same tonic, three signs less',
          'own-circle': 'On a circle of minors',
        },
        example: { shows: 'counting', tonic: 'C', scale: 'natural-minor' },
      },
      reasonBy: {
        title: 'A scale is explained in answer keys',
        choices: {
          signature: 'By its signature',
          steps: 'By its steps',
          parallel: 'By the major on the same tonic',
        },
        example: { shows: 'answer-reason' },
      },
      minorNaming: {
        title: 'Minor is named from a signature',
        choices: {
          relative: 'Through the major with that signature',
          'last-sign': 'By the last sharp, or from the flat major',
        },
        example: { shows: 'key-rules', signatures: [3], mode: 'minor' },
      },
      sharpRule: {
        title: 'Rule for sharps',
        choices: {
          'next-letter': 'The next letter with its sign',
          'half-step': 'A diatonic half step up',
        },
        example: { shows: 'key-rules', signatures: [6], mode: 'major' },
      },
      flatRule: {
        title: 'Rule for flats',
        choices: {
          'last-but-one': 'The last flat but one',
          'fourth-below': 'A fourth below the last flat',
        },
        example: { shows: 'key-rules', signatures: [-3, -1], mode: 'major' },
      },
    },
  },
  {
    code: 'writing',
    title: 'Writing',
    settings: {
      melodicDown: {
        title: 'Melodic minor comes down',
        choices: {
          natural: 'In its natural form',
          'as-it-rose': 'As it rose',
        },
        example: { shows: 'coming-down' },
      },
      cancelling: {
        title: 'Cancelling sign after a bar line',
        choices: {
          required: 'Required',
          optional: 'Optional, in brackets',
          'not-written': 'Not written',
        },
        example: { shows: 'after-a-bar-line' },
      },
      modesWritten: {
        title: 'Modes are written with',
        choices: {
          parent: 'The signature of their parent',
          tonic: 'The major or minor signature of their tonic',
        },
        example: { shows: 'dorian-signature' },
      },
    },
  },
  {
    code: 'chords',
    title: 'Chords',
    settings: {
      numerals: {
        title: 'Chord numerals',
        choices: {
          case: 'Large for major, small for minor',
          capitals: 'Capitals with the quality',
        },
        example: { shows: 'minor-numerals' },
      },
      mediant: {
        title: 'Minor’s lowered degrees',
        choices: {
          flat: '♭III',
          plain: 'III',
        },
        example: { shows: 'minor-numerals' },
      },
      dominant: {
        title: 'Minor’s fifth chord',
        choices: {
          minor: 'Minor, v',
          major: 'Major, V',
        },
        example: { shows: 'minor-numerals' },
      },
      diminished: {
        title: 'Diminished',
        choices: {
          circle: 'With °',
          dim: 'With dim',
        },
        example: { shows: 'minor-numerals' },
      },
    },
  },
  {
    code: 'surfaces',
    title: 'Surfaces',
    settings: {
      surface: {
        title: 'A derivation is shown on',
        choices: {
          stride: 'The stride, with staff and rail',
          keyboard: 'The keyboard, with staff and rail',
          fretboard: 'The fretboard, with staff and rail',
          wheel: 'The letter wheel, with staff and rail',
          'grand-staff': 'The grand staff, with the rail',
        },
        example: { shows: 'on-a-surface' },
      },
    },
  },
  {
    code: 'board',
    title: 'Board',
    settings: {
      /** In seconds. */
      thinking: {
        title: 'Thinking time at each question',
        choices: {
          '0': 'None, unless it is asked for',
          '10': '10 seconds',
          '20': '20 seconds',
          '30': '30 seconds',
          '60': 'A minute',
        },
        example: { shows: 'thinking-time' },
      },
    },
  },
  {
    code: 'answers',
    title: 'Answers',
    settings: {
      modeWord: {
        title: 'Mode word in an answer',
        choices: {
          wanted: 'Wanted',
          'not-wanted': 'Not wanted',
        },
        example: { shows: 'tonic-alone' },
      },
      capital: {
        title: 'Capital letter in an answer',
        choices: {
          wanted: 'Wanted',
          'not-wanted': 'Not wanted',
        },
        example: { shows: 'small-letter' },
      },
      /** A mark for each note; half for its letter and half for its sign; or one for an answer that is all right. */
      marks: {
        title: 'Marks',
        choices: {
          note: 'A mark for each note',
          'letter-sign': 'Half for the letter, half for the sign',
          all: 'One for an answer that is all right',
        },
        example: { shows: 'marks', tonic: 'E', scale: 'harmonic-minor', answer: 'E F# G A B C D E' },
      },
      /** Whether what one habit makes wrong costs one mark, or each of its notes. */
      followThrough: {
        title: 'Mistakes that follow from one habit',
        choices: {
          once: 'Cost once',
          each: 'Cost each time',
        },
        example: { shows: 'marks', tonic: 'Eb', scale: 'major', answer: 'Eb F G A B C D Eb' },
      },
    },
  },
] as const satisfies readonly SettingGroup[];
