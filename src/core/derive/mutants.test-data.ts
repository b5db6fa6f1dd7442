import type { SpelledNote } from '../note/spelled';
import { asciiName } from '../note/spelled';
import { MODES, type Mode } from '../scale/mode';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { type Scale, scaleNamed } from '../scale/scale';
import { SCALE_TABLE, tableScale } from '../scale/scale-table';
import { TONICS } from '../scale/tonic';
import { askedFor } from './asked';
import { METHOD_IDS, type MethodId } from './derivation';
import { type DeriveWays, USUAL_WAYS } from './method';
import { definitionOf, METHODS, runMethod } from './methods';
import { type CheckId, prove } from './proof';
import { TABLES, type Tables } from './tables';

/** The tables with one entry changed by one. */
export type Mutant = { readonly name: string; readonly tables: Tables };

const plusOne = (row: readonly number[], at: number) => row.with(at, (row[at] ?? 0) + 1);

/** The beginnings of scales, of which the table has the first notes. */
const BEGINNINGS = {
  'major-tetrachord': 'major',
  'major-pentachord': 'major',
  'minor-pentachord': 'natural-minor',
} as const;

const NAMED = [...SCALE_IDS, ...(Object.keys(BEGINNINGS) as (keyof typeof BEGINNINGS)[])];

function ofSteps(): readonly Mutant[] {
  return NAMED.flatMap((id) => {
    const pattern = TABLES.patterns[id];
    const mutant = (way: 'rising' | 'falling', at: number, both: boolean): Mutant => {
      const steps = plusOne(pattern[way], at);
      const changed = both ? { ...pattern, rising: steps, falling: steps } : { ...pattern, [way]: steps };
      return {
        name: `steps of ${id}, ${way}, step ${at + 1}`,
        tables: { ...TABLES, patterns: { ...TABLES.patterns, [id]: changed } },
      };
    };
    const own = pattern.falling !== pattern.rising && id === 'melodic-minor';
    return [
      ...pattern.rising.map((_, at) => mutant('rising', at, !own)),
      ...(own ? pattern.falling.map((_, at) => mutant('falling', at, false)) : []),
    ];
  });
}

function ofRaised(): readonly Mutant[] {
  return SCALE_IDS.flatMap((id) =>
    TABLES.patterns[id].raised.map((degree, at): Mutant => {
      const pattern = { ...TABLES.patterns[id], raised: TABLES.patterns[id].raised.with(at, degree - 1) };
      return {
        name: `degree ${degree} that ${id} raises`,
        tables: { ...TABLES, patterns: { ...TABLES.patterns, [id]: pattern } },
      };
    }),
  );
}

function ofOrders(): readonly Mutant[] {
  return (['sharps', 'flats'] as const).flatMap((kind) =>
    TABLES[kind].map((letter, at): Mutant => {
      const next = TABLES.sharps[(TABLES.sharps.indexOf(letter) + 1) % 7] ?? letter;
      return {
        name: `${kind}, number ${at + 1}`,
        tables: { ...TABLES, [kind]: TABLES[kind].with(at, next) },
      };
    }),
  );
}

function ofLetters(): readonly Mutant[] {
  const letters = Object.keys(TABLES.semitones) as (keyof Tables['semitones'])[];
  const line = TABLES.fifthsLine.map((letter, at): Mutant => {
    const next = TABLES.fifthsLine[(at + 1) % 7] ?? letter;
    return {
      name: `line of fifths, place ${at}`,
      tables: { ...TABLES, fifthsLine: TABLES.fifthsLine.with(at, next) },
    };
  });
  return [
    ...letters.map(
      (letter): Mutant => ({
        name: `semitones of ${letter} above C`,
        tables: { ...TABLES, semitones: { ...TABLES.semitones, [letter]: TABLES.semitones[letter] + 1 } },
      }),
    ),
    ...line,
  ];
}

function ofModes(): readonly Mutant[] {
  return (['parentDegree', 'windowPlace'] as const).flatMap((table) =>
    MODES.map((mode: Mode): Mutant => {
      const changed = { ...TABLES[table], [mode]: (TABLES[table][mode] % 7) + 1 };
      return { name: `${table} of ${mode}`, tables: { ...TABLES, [table]: changed } };
    }),
  );
}

function ofDistances(): readonly Mutant[] {
  return (['fifth', 'relative'] as const).flatMap((distance) =>
    (['letters', 'semitones'] as const).map((what): Mutant => {
      const changed = { ...TABLES[distance], [what]: TABLES[distance][what] + 1 };
      return { name: `${what} of the ${distance}`, tables: { ...TABLES, [distance]: changed } };
    }),
  );
}

function ofTetrachords(): readonly Mutant[] {
  return Object.entries(TABLES.tetrachords).flatMap(([id, shapes]) =>
    (['up', 'down'] as const).flatMap((way) => {
      if (way === 'down' && id !== 'melodic-minor') return [];
      const [lower, join, upper] = shapes[way];
      const mutant = (name: string, shape: typeof shapes.up): Mutant => ({
        name: `${name} of ${id}, ${way}`,
        tables: { ...TABLES, tetrachords: { ...TABLES.tetrachords, [id]: { ...shapes, [way]: shape } } },
      });
      return [
        ...lower.map((_, at) =>
          mutant(`lower tetrachord, step ${at + 1}`, [plusOne(lower, at), join, upper]),
        ),
        mutant('join', [lower, join + 1, upper]),
        ...upper.map((_, at) =>
          mutant(`upper tetrachord, step ${at + 1}`, [lower, join, plusOne(upper, at)]),
        ),
      ];
    }),
  );
}

function ofParallels(): readonly Mutant[] {
  return Object.entries(TABLES.againstMajor).flatMap(([id, moves]) =>
    (['up', 'down'] as const).flatMap((way) => {
      if (way === 'down' && id !== 'melodic-minor') return [];
      return Object.entries(moves[way]).map(([degree, by]): Mutant => {
        const changed = { ...moves, [way]: { ...moves[way], [degree]: by + 1 } };
        return {
          name: `degree ${degree} of ${id} against major, ${way}`,
          tables: { ...TABLES, againstMajor: { ...TABLES.againstMajor, [id]: changed } },
        };
      });
    }),
  );
}

/** Every entry that methods look up, changed by one in turn. */
export const MUTANTS: readonly Mutant[] = [
  ...ofSteps(),
  ...ofOrders(),
  ...ofModes(),
  ...ofRaised(),
  ...ofLetters(),
  ...ofDistances(),
  ...ofTetrachords(),
  ...ofParallels(),
];

/** Who notices a mutant: methods that arrive elsewhere than the hand-written table, failing checks, rows of the table. */
export type Notice = {
  readonly wrong: readonly string[];
  readonly right: readonly string[];
  readonly checks: readonly CheckId[];
  readonly rows: number;
};

type Question = {
  readonly id: ScaleId;
  readonly scale: Scale;
  readonly row: number;
  readonly wanted: string;
};

const DIRECTIONS_RUN = ['both', 'down'] as const;

const QUESTIONS: readonly Question[] = SCALE_TABLE.flatMap((row, at) =>
  NAMED.flatMap((id): Question[] => {
    const tonic = TONICS.find((each) => asciiName(each) === row.tonic);
    const reading = tonic && scaleNamed(tonic, id);
    if (!reading?.ok) return [];
    const whole = id in BEGINNINGS ? BEGINNINGS[id as keyof typeof BEGINNINGS] : id;
    const { up, down } = tableScale(row, whole);
    const notes = reading.scale.rising.length + 1;
    const back = notes === 8 ? down : up.slice(0, notes).toReversed();
    return [
      { id, scale: reading.scale, row: at, wanted: [...up.slice(0, notes), ...back.slice(1)].join(' ') },
    ];
  }),
);

type Route = { readonly name: string; readonly method: MethodId; readonly ways: DeriveWays };

/** Ways to a method's answer: the signature is counted by three. */
const ROUTES: readonly Route[] = METHOD_IDS.flatMap((method): readonly Route[] => {
  const ways = (['relative', 'parallel-less-three', 'own-circle'] as const).map(
    (minorSignature): Route => ({
      name: minorSignature === 'relative' ? method : `${method} (${minorSignature})`,
      method,
      ways: { ...USUAL_WAYS, minorSignature },
    }),
  );
  return method === 'signature' ? ways : ways.slice(0, 1);
});

/** Runs every method on every scale of the table with changed tables. */
export function noticed({ tables }: Mutant): Notice {
  const wrong = new Set<string>();
  const checks = new Set<CheckId>();
  const rows = new Set<number>();
  for (const { id, scale, row, wanted } of QUESTIONS) {
    for (const direction of DIRECTIONS_RUN) {
      const asked = askedFor(scale.tonic, id, direction, { tables });
      // What serves is asked of the scale as it is.
      const serving = ROUTES.filter(({ method }) => !METHODS[method].whyNot(definitionOf(scale, direction)));
      const target = direction === 'both' ? wanted : wanted.split(' ').slice(scale.rising.length).join(' ');
      for (const { name, method, ways } of serving) {
        const notes: readonly SpelledNote[] | undefined = runMethod(method, asked, { tables, ways })?.notes;
        if (notes?.map(asciiName).join(' ') === target) continue;
        if (!wrong.has(name) && notes?.length === target.split(' ').length) {
          for (const { check, holds } of prove(scale, direction, notes))
            if (holds === false) checks.add(check);
        }
        // One that leads nowhere agrees with none.
        checks.add('methods-agree');
        wrong.add(name);
        rows.add(row);
      }
    }
  }
  const right = ROUTES.map(({ name }) => name).filter((name) => !wrong.has(name));
  return { wrong: [...wrong], right, checks: [...checks], rows: rows.size };
}
