/** One example of each kind of question with a wrong answer, for the document; each is answered in a test. */
export const MARK_EXAMPLES = {
  scale: {
    summary: 'D harmonic minor, the 7th not raised',
    value: {
      question: { kind: 'scale', tonic: 'D', scale: 'harmonic-minor', direction: 'up', signature: 'none' },
      answer: { notes: ['D', 'E', 'F', 'G', 'A', 'Bb', 'C', 'D'] },
    },
  },
  signature: {
    summary: 'A minor with the raised 7th in its signature',
    value: {
      question: { kind: 'signature', tonic: 'A', scale: 'natural-minor', clef: 'treble' },
      answer: { signs: [{ sign: '#', place: 'G5' }] },
    },
  },
  'name-key': {
    summary: 'Three flats, named by the last flat',
    value: { question: { kind: 'name-key', fifths: -3, mode: 'major' }, answer: { key: 'Ab major' } },
  },
  'name-signature': {
    summary: 'E major with a sharp too few',
    value: {
      question: { kind: 'name-signature', tonic: 'E', scale: 'major' },
      answer: { fifths: 3, accidentals: ['F#', 'C#', 'G#'] },
    },
  },
  order: {
    summary: 'The first four flats, from the wrong end',
    value: { question: { kind: 'order', signs: 'flats', count: 4 }, answer: { signs: ['F', 'C', 'G', 'D'] } },
  },
  steps: {
    summary: 'Major with a step too many',
    value: { question: { kind: 'steps', scale: 'major' }, answer: { steps: [2, 2, 1, 2, 2, 2, 2, 1] } },
  },
  'name-scale': {
    summary: 'Harmonic minor called natural, with a reason that does not hold',
    value: {
      question: { kind: 'name-scale', notes: ['A', 'B', 'C', 'D', 'E', 'F', 'G#', 'A'] },
      answer: { key: 'A natural-minor', reasons: [{ from: 7, to: 8, semitones: 2 }] },
    },
  },
  partner: {
    summary: 'The relative of E flat major, sought the wrong way',
    value: {
      question: { kind: 'partner', relation: 'relative', key: 'Eb major' },
      answer: { key: 'Gb minor' },
    },
  },
  degree: {
    summary: 'The fifth of B major, by letters alone',
    value: { question: { kind: 'degree', tonic: 'B', scale: 'major', degree: 5 }, answer: { note: 'F' } },
  },
  chord: {
    summary: 'The chord on the 7th of C major, its circle left out',
    value: {
      question: { kind: 'chord', tonic: 'C', scale: 'major', degree: 7, wants: 'numeral' },
      answer: { numeral: 'vii' },
    },
  },
  transpose: {
    summary: 'A note for the alto saxophone, moved the wrong way',
    value: {
      question: { kind: 'transpose', pitch: 'C5', instrument: 'alto-saxophone' },
      answer: { pitch: 'Eb4' },
    },
  },
} as const;
