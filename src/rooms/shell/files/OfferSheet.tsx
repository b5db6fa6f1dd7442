import { noteNamed } from '@/core/note/parse';
import { A_TUNE } from '@/core/play/pattern';
import { BAR_WORDS } from '@/core/words/screen/bar';
import { filesWords } from '@/core/words/screen/files';
import type { OfferedScale } from '@/formats/offered';
import { deriveHref, writeAddress } from '@/rooms/address/derive/derive-address';
import { FIRST_SENTENCE } from '@/rooms/address/derive/derive-sentence';
import { sentenceOfOffer } from '@/rooms/address/derive/offered';
import { FIRST_PLAY, playHref } from '@/rooms/address/play/play-address';
import { goTo } from '@/rooms/ask/go-to';
import { standingSentence } from '@/rooms/ask/standing';
import { keepAll } from '@/rooms/shelf/shelf-actions';
import { bringingIn } from '@/store/bringing-in';
import { withAll } from '@/store/school-data';
import { FileSheet } from '@/ui/files/FileSheet';
import type { FileHandle } from '@/ui/files/use-file-in';
import { useWords } from '@/ui/school/use-class';
import { useWhole } from '@/ui/school/use-whole';
import { useDesks } from '../house';
import type { Shell } from '../use-shell';

type Props = { readonly handle: FileHandle; readonly shell: Shell };

/** What was found in a file, as sentences that can be shown or kept; what a file leaves open is as in the one that stands. */
export function OfferSheet({ handle, shell: { school, actions } }: Props) {
  const w = useWords();
  const whole = useWhole(school);
  const now = standingSentence();
  const derive = useDesks([deriveHref(FIRST_SENTENCE)])?.get('/derive')?.kept;
  const sentenceOf = (offer: OfferedScale) => sentenceOfOffer(offer, now);
  return (
    <FileSheet
      handle={handle}
      data={withAll(school.state.data, whole)}
      sentence={(offer) => derive?.text(w, writeAddress(sentenceOf(offer))) ?? BAR_WORDS.states.opening}
      onShow={(offer) => {
        handle.close();
        goTo(deriveHref(sentenceOf(offer)));
      }}
      onPlay={({ code, tonic, scale }) => {
        handle.close();
        goTo(playHref({ ...FIRST_PLAY, pattern: A_TUNE, tune: code, tonic: noteNamed(tonic), scale }));
      }}
      onKeep={(offers, title) => {
        const all = offers.map(sentenceOf).map((each) => ({
          name: derive?.name(w, writeAddress(each)) ?? '',
          address: deriveHref(each),
        }));
        void keepAll({ w, school, tell: actions.tell }, all, title);
      }}
      onBringIn={async (backup, way) => {
        await school.change((data) => bringingIn(withAll(data, whole), backup.data, way).change);
        actions.tell(filesWords(w).backup.broughtIn);
        handle.close();
      }}
    />
  );
}
