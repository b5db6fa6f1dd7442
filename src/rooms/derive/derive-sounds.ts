import { risingPitches, rowsHeard, sounding, stepsHeard } from '@/core/play/heard';
import { scaleNamed } from '@/core/scale/scale';
import type { ClassWords } from '@/core/words/class-words';
import { LISTEN_WORDS as SAY } from '@/core/words/screen/listen';
import { readAddress } from '../address/derive/derive-address';
import type { Question } from '../address/derive/question';
import { readQuestion } from '../address/derive/read-question';
import type { Listening } from '../shell/listen';
import { viewOf } from './working/view';

/** What can be heard of a question: the notes it is about. */
function ofQuestion(question: Question): readonly Listening[] {
  switch (question.kind) {
    case 'name':
      return question.notes.length > 0
        ? [{ id: 'asked', label: SAY.asked, sounds: rowsHeard([sounding(risingPitches(question.notes))]) }]
        : [];
    case 'signature': {
      const reading = scaleNamed(question.tonic, question.scale);
      if (!reading.ok) return [];
      const sounds = rowsHeard([sounding(risingPitches(reading.scale.ascending))]);
      return [{ id: 'scale', label: SAY.scale, sounds }];
    }
    case 'key':
      return [];
  }
}

/** What can be heard in Derive: the notes of the line, as they sound, and the working step by step. */
export function deriveSounds(w: ClassWords, search: string): readonly Listening[] {
  const asked = readQuestion(search);
  if (asked) return ofQuestion(asked.question);
  const view = viewOf(readAddress(search).sentence, w.settings);
  const line = view.written.line.map(({ pitch }) => pitch);
  return [
    { id: 'notes', label: SAY.notes, sounds: rowsHeard([sounding(line)]) },
    {
      id: 'working',
      label: SAY.working,
      sounds: rowsHeard(stepsHeard(view.derivation.steps, line).map((row) => sounding(row))),
    },
  ];
}
