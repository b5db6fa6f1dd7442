import { readAddress } from '../derive/sentence/address';
import { questionKind } from '../derive/sentence/question';
import { type DeriveSentence, FIRST_SENTENCE } from '../derive/sentence/sentence';

/** The sentence that stands on this page, from which an answer takes what it was not told; else the first one. */
export function standingSentence(): DeriveSentence {
  const { pathname, search } = window.location;
  const derives = pathname === '/derive' || pathname === '/';
  return derives && !questionKind(search) ? readAddress(search).sentence : FIRST_SENTENCE;
}
