/**
 * The scales of the 21 tonics written out by hand, for tests and the proof to compare with: tonic, major, natural
 * minor, and the 6th and 7th that the minor forms raise. Nothing here is computed.
 */
const TABLE = `
C  | C D E F G A B                | C D Eb F G Ab Bb              | A B
G  | G A B C D E F#               | G A Bb C D Eb F               | E F#
D  | D E F# G A B C#              | D E F G A Bb C                | B C#
A  | A B C# D E F# G#             | A B C D E F G                 | F# G#
E  | E F# G# A B C# D#            | E F# G A B C D                | C# D#
B  | B C# D# E F# G# A#           | B C# D E F# G A               | G# A#
F# | F# G# A# B C# D# E#          | F# G# A B C# D E              | D# E#
C# | C# D# E# F# G# A# B#         | C# D# E F# G# A B             | A# B#
G# | G# A# B# C# D# E# F##        | G# A# B C# D# E F#            | E# F##
D# | D# E# F## G# A# B# C##       | D# E# F# G# A# B C#           | B# C##
A# | A# B# C## D# E# F## G##      | A# B# C# D# E# F# G#          | F## G##
E# | E# F## G## A# B# C## D##     | E# F## G# A# B# C# D#         | C## D##
B# | B# C## D## E# F## G## A##    | B# C## D# E# F## G# A#        | G## A##
F  | F G A Bb C D E               | F G Ab Bb C Db Eb             | D E
Bb | Bb C D Eb F G A              | Bb C Db Eb F Gb Ab            | G A
Eb | Eb F G Ab Bb C D             | Eb F Gb Ab Bb Cb Db           | C D
Ab | Ab Bb C Db Eb F G            | Ab Bb Cb Db Eb Fb Gb          | F G
Db | Db Eb F Gb Ab Bb C           | Db Eb Fb Gb Ab Bbb Cb         | Bb C
Gb | Gb Ab Bb Cb Db Eb F          | Gb Ab Bbb Cb Db Ebb Fb        | Eb F
Cb | Cb Db Eb Fb Gb Ab Bb         | Cb Db Ebb Fb Gb Abb Bbb       | Ab Bb
Fb | Fb Gb Ab Bbb Cb Db Eb        | Fb Gb Abb Bbb Cb Dbb Ebb      | Db Eb
`;

/** Major scales on tonics beyond the 21, as parents of their modes. */
const PARENTS = `
Bbb | Bbb Cb Db Ebb Fb Gb Ab
Ebb | Ebb Fb Gb Abb Bbb Cb Db
Abb | Abb Bbb Cb Dbb Ebb Fb Gb
Dbb | Dbb Ebb Fb Gbb Abb Bbb Cb
Gbb | Gbb Abb Bbb Cbb Dbb Ebb Fb
F## | F## G## A## B# C## D## E##
`;

export type TableRow = {
  readonly tonic: string;
  readonly major: readonly string[];
  readonly minor: readonly string[];
  readonly raised: readonly [string, string];
};

export const SCALE_TABLE: readonly TableRow[] = TABLE.trim()
  .split('\n')
  .map((row) => {
    const [tonic = '', major = '', minor = '', raised = ''] = row.split('|').map((cell) => cell.trim());
    const [sixth = '', seventh = ''] = raised.split(' ');
    return { tonic, major: major.split(' '), minor: minor.split(' '), raised: [sixth, seventh] };
  });

const MAJORS: readonly (readonly string[])[] = [
  ...SCALE_TABLE.map(({ major }) => major),
  ...PARENTS.trim()
    .split('\n')
    .map((row) => (row.split('|')[1] ?? '').trim().split(' ')),
];

/** The degree of its parent major on which a mode begins. */
export const DEGREE_OF_MODE: Readonly<Record<string, number>> = {
  dorian: 2,
  phrygian: 3,
  lydian: 4,
  mixolydian: 5,
  locrian: 7,
};

/** A mode looked up: the one major scale of the table that has the tonic on that degree, begun there. */
function tableMode(tonic: string, degree: number): readonly string[] {
  const parent = MAJORS.find((major) => major[degree - 1] === tonic);
  if (!parent) throw new RangeError(`no parent with ${tonic} as its ${degree}th`);
  return [...parent.slice(degree - 1), ...parent.slice(0, degree - 1)];
}

/** The scales whose lines the table has. */
const TABLED = [
  'major',
  'natural-minor',
  'harmonic-minor',
  'melodic-minor',
  ...Object.keys(DEGREE_OF_MODE),
] as const;

/** Whether the table has lines for a scale. */
export function isTabled(id: string): boolean {
  return TABLED.includes(id);
}

/** Rising and falling notes, tonic to octave, of a scale in the table; a scale that it does not have throws. */
export function tableScale(
  { tonic, major, minor, raised }: TableRow,
  id: string,
): { up: readonly string[]; down: readonly string[] } {
  const octave = (seven: readonly string[]) => [...seven, tonic];
  const down = (seven: readonly string[]) => octave(seven).reverse();
  const [sixth, seventh] = raised;
  const degree = DEGREE_OF_MODE[id];
  if (degree !== undefined) {
    const mode = tableMode(tonic, degree);
    return { up: octave(mode), down: down(mode) };
  }
  const harmonic = [...minor.slice(0, 6), seventh];
  switch (id) {
    case 'major':
      return { up: octave(major), down: down(major) };
    case 'natural-minor':
      return { up: octave(minor), down: down(minor) };
    case 'harmonic-minor':
      return { up: octave(harmonic), down: down(harmonic) };
    case 'melodic-minor':
      return { up: octave([...minor.slice(0, 5), sixth, seventh]), down: down(minor) };
    default:
      throw new RangeError(`the table has no lines for ${id}`);
  }
}
