import { fifthsOf } from '../../note/spelled';
import { relativeMode } from '../../scale/mode';
import type { NamedKey } from '../judged';
import type { Procedure } from '../procedure';
import { type KeyAsked, named, rankOfName } from './key-asked';

/** Went the three half steps to the relative the wrong way. The relative of E flat major: G flat minor. */
export const relativeWrongWay: Procedure<KeyAsked, NamedKey> = {
  id: 'relative-wrong-way',
  rank: rankOfName('relative-wrong-way'),
  second: false,
  makes: ({ tonic, of }) => {
    if (of === null || of.relation !== 'relative') return [];
    const mode = relativeMode(of.mode);
    // Three half steps are three places on the line of fifths; the relative lies as far the other way.
    const away = fifthsOf(tonic) - fifthsOf(of.tonic);
    return named(fifthsOf(of.tonic) - away, mode);
  },
};
