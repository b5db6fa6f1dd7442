/** Ways to play a line together: alone, with time to answer, call by call, to the seventh and home, or freely. */
export const PLAY_WAYS = ['through', 'along', 'echo', 'home', 'free'] as const;

export type PlayWay = (typeof PLAY_WAYS)[number];

/** Times a line is played, and beats a minute by which each time is faster. */
export const ROUNDS = [1, 2, 3, 4, 6, 8] as const;
export const FASTER = [0, 2, 4, 8] as const;

/** Minutes to play freely. */
export const MINUTES = [1, 2, 3, 5] as const;

/** Whose turn it is. */
export type Turn = 'listen' | 'yours' | 'together';

/** A stretch of bars: from which, up to which, whose turn, and in which round, counted from 0. */
export type Stretch = {
  readonly from: number;
  readonly to: number;
  readonly turn: Turn;
  readonly round: number;
};

/** The most bars that a call grows to. */
const LONGEST_CALL = 4;

/**
 * The stretches of a way of playing through so many bars. Along: a round to hear and as many bars to answer. Echo: each
 * bar is called and answered, and from the second on all up to it as well, four bars at most; then everybody plays.
 *
 * @example stretchesOf('echo', 2, 1).map(({ from, to, turn }) => `${from}-${to} ${turn}`) // ['0-1 listen', '0-1 yours', '1-2 listen', '1-2 yours', '0-2 listen', '0-2 yours', '0-2 together']
 */
export function stretchesOf(
  way: 'through' | 'along' | 'echo',
  bars: number,
  rounds: number,
): readonly Stretch[] {
  const both = (from: number, to: number, round: number): readonly Stretch[] => [
    { from, to, turn: 'listen', round },
    { from, to, turn: 'yours', round },
  ];
  if (way === 'echo') {
    const calls = Array.from({ length: Math.min(bars, LONGEST_CALL) }, (_, at) => at);
    return [
      ...calls.flatMap((bar) => [...both(bar, bar + 1, 0), ...(bar > 0 ? both(0, bar + 1, 0) : [])]),
      { from: 0, to: bars, turn: 'together', round: 0 },
    ];
  }
  return Array.from({ length: rounds }, (_, round) => round).flatMap((round) =>
    way === 'along' ? both(0, bars, round) : [{ from: 0, to: bars, turn: 'together' as const, round }],
  );
}

/** Bars of four quarters that fill some minutes at a tempo: whole turns of four bars, one turn at least. */
export function barsIn(minutes: number, tempo: number): number {
  return Math.max(4, Math.floor((minutes * tempo) / 16) * 4);
}
