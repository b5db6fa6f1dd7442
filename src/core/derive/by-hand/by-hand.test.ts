import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noteNamed } from '../../note/parse';
import { asciiName } from '../../note/spelled';
import { SCALE_IDS } from '../../scale/pattern';
import { type Scale, scaleNamed } from '../../scale/scale';
import { SCALE_TABLE, tableScale } from '../../scale/scale-table';
import { ENGLISH } from '../../words/class-words';
import { sayHand, sayMove } from '../../words/say-by-hand';
import { derive } from '../methods';
import { type Hand, type HandMove, handCode, moving, readHand, taking, takingBack, UNTOUCHED } from './hand';
import { viewByHand } from './view';

function scale(tonic: string, id: (typeof SCALE_IDS)[number]): Scale {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new Error(`${tonic} ${id} cannot be spelled`);
  return reading.scale;
}

const tried = (tonic: string, move: string, id: (typeof SCALE_IDS)[number] = 'major') => {
  const view = viewByHand(scale(tonic, id), 'up', readHand(move) ?? UNTOUCHED);
  const fact = view?.moves.at(-1);
  if (!fact) throw new Error(`${move} cannot be made`);
  const { text, reason } = sayMove(ENGLISH, fact);
  return [fact.verdict, `${text} ${reason}`];
};

describe('two tetrachords mended by hand', () => {
  it('tell both mends of a gap, and why one of them does not do', () => {
    expect(tried('D', '~3+')).toEqual([
      'fits',
      'Raise F to F♯: E to F♯ is a whole step. It fits: the lower tetrachord wants a whole step.',
    ]);
    expect(tried('D', '~4-')).toEqual([
      'fails',
      'Lower G to G♭: F to G♭ is a half step. It does not fit: D E F G♭ is W H H, not W W H.',
    ]);
    expect(tried('F', '~4-')[0]).toBe('fits');
    expect(tried('F', '~3+')).toEqual([
      'fails',
      'Raise A to A♯: G to A♯ is a step and a half. It does not fit: F G A♯ B is W W+H H, not W W H.',
    ]);
    expect(tried('Cb', '2-~3-', 'natural-minor')[0]).toBe('nearer');
    expect(tried('Cb', '2-~3-3-', 'natural-minor')[0]).toBe('fits');
    // From E and from B two notes are raised, one after the other: the second does not do by itself.
    expect(tried('E', '~3+')[0]).toBe('fails');
    expect(tried('E', '2+~3+')[0]).toBe('fits');
    expect(tried('B', '2+3+~5+')[1]).toContain('the join wants a whole step');
  });

  it('arrive, by the moves of the working, at the table written by hand', () => {
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const asked = scale(row.tonic, id);
        const moves = (derive(asked, 'up', 'tetrachords')?.steps ?? []).flatMap(({ fact, at }): HandMove[] =>
          fact.code === 'mend'
            ? [{ degree: (at[0] ?? 0) + 1, way: fact.to.alteration > fact.from.alteration ? 1 : -1 }]
            : [],
        );
        let hand: Hand = UNTOUCHED;
        for (const move of moves) {
          hand = moving(hand, move);
          const verdict = viewByHand(asked, 'up', hand)?.moves.at(-1)?.verdict;
          expect(verdict, `${row.tonic} ${id} ${handCode(hand)}`).not.toBe('fails');
          if (verdict === 'fits') hand = taking(hand);
        }
        const view = viewByHand(asked, 'up', hand);
        expect(view?.wrong).toEqual([]);
        expect(view?.now.line.map(({ note }) => asciiName(note))).toEqual(tableScale(row, id).up);
        expect(view && sayHand(ENGLISH, view).reason).toBe('Every step is as it should be.');
      }
    }
  });

  it('leave the way down of melodic minor open until all fits, and then write it as the table has it', () => {
    const melodic = scale('E', 'melodic-minor');
    const row = SCALE_TABLE.find(({ tonic }) => tonic === 'E');
    if (!row) throw new Error('no E in the table');
    const { up, down } = tableScale(row, 'melodic-minor');
    const begun = viewByHand(melodic, 'both', readHand('2+6+') ?? UNTOUCHED);
    expect(begun?.movable).toEqual([1, 2, 3, 4, 5, 6]);
    expect(begun?.now.line.map(({ stage }) => stage === 'decided')).toEqual([
      ...up.map(() => true),
      ...down.slice(2).map(() => false),
      true,
    ]);
    const done = viewByHand(melodic, 'both', readHand('2+6+7+') ?? UNTOUCHED);
    expect(done?.wrong).toEqual([]);
    expect(
      done?.now.line.map(({ note, stage }) => asciiName(note) + (stage === 'letter' ? '?' : '')),
    ).toEqual([...up, ...down.slice(1)]);
    expect(viewByHand(scale('D', 'major'), 'down', UNTOUCHED)?.movable).toEqual([6, 5, 4, 3, 2, 1]);
  });

  it('never say that a move fits which leaves a step before it wrong', () => {
    const move = fc.record({ degree: fc.integer({ min: 2, max: 7 }), way: fc.constantFrom<1 | -1>(1, -1) });
    fc.assert(
      fc.property(
        fc.constantFrom(...SCALE_TABLE),
        fc.constantFrom(...SCALE_IDS),
        fc.array(move, { maxLength: 8 }),
        (row, id, moves) => {
          const view = viewByHand(scale(row.tonic, id), 'up', { taken: moves, tried: [] });
          const last = view?.moves.at(-1);
          if (!view || last?.verdict !== 'fits') return;
          const degree = moves.at(-1)?.degree ?? 0;
          expect(view.sizes.slice(0, degree - 1)).toEqual(view.wanted.slice(0, degree - 1));
        },
      ),
    );
  });

  it('are taken back move by move, and stand in an address', () => {
    const hand = moving(moving(taking(moving(UNTOUCHED, { degree: 3, way: 1 })), { degree: 7, way: 1 }), {
      degree: 6,
      way: -1,
    });
    expect(handCode(hand)).toBe('3+~6-');
    expect(readHand('3+~6-')).toEqual(hand);
    const once = takingBack(hand);
    expect(once && handCode(once)).toBe('3+');
    const twice = once && takingBack(once);
    expect(twice && handCode(twice)).toBe('0');
    expect(twice && takingBack(twice)).toBeNull();
    expect(handCode(moving(moving(UNTOUCHED, { degree: 3, way: 1 }), { degree: 3, way: -1 }))).toBe('0');
    for (const none of ['8+', '1-', '3', '3+~', '~', '3+'.repeat(50)]) expect(readHand(none)).toBeNull();
  });
});
