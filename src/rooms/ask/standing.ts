import { DERIVE_PATH, readAddress } from '../address/derive/derive-address';
import { type DeriveSentence, FIRST_SENTENCE } from '../address/derive/derive-sentence';
import { questionKind } from '../address/derive/question';

/** The sentence that stands on this page, from which an answer takes what it was not told; else the first one. */
export function standingSentence(): DeriveSentence {
  const { pathname, search } = window.location;
  const derives = pathname === DERIVE_PATH || pathname === '/';
  return derives && !questionKind(search) ? readAddress(search).sentence : FIRST_SENTENCE;
}
