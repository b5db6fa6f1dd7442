import { AnswersRoom } from '../answers/AnswersRoom';

/** The island of the page on which a sheet is answered. */
export function Answers() {
  return <AnswersRoom />;
}
