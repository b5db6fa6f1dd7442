import type { TuneCode } from '@/core/play/tunes';
import { type Practised, practiceOf, practising } from '@/store/practising';
import type { SchoolData } from '@/store/school-data';
import { newId } from '@/ui/new-id';
import type { SchoolHandle } from '@/ui/school/use-school';
import type { PlaySentence } from '../address/play/play-address';
import { aboutHand, aboutLine, aboutTune, isAboutTune } from './about';

/** Something that is practised, as it is remembered, and how more is remembered of it. */
export type Remembers = { readonly is: Practised; readonly note: (more: Partial<Practised>) => void };

/** What is remembered of the sentence that stands: its hands, its pattern, its tune. */
export function usePractice(school: SchoolHandle, sentence: PlaySentence) {
  const { data } = school.state;
  const of = (about: string): Remembers => ({
    is: practiceOf(data, about),
    note: (more) => {
      void school.change((now, at) => practising(now, about, more, newId(), at));
    },
  });
  return { hand: of(aboutHand(sentence)), line: of(aboutLine(sentence)), tune: of(aboutTune(sentence.tune)) };
}

/** The tunes that were kept, as codes, in the order in which they were. */
export function keptTunes(practice: SchoolData['practice']): readonly TuneCode[] {
  return practice.filter(({ about, text }) => isAboutTune(about) && text !== '').map(({ text }) => text);
}
