import { answerCode, BLANK_CODE, readAnswerCode } from '@/core/exercise/code';
import { personIn, placeRows, placeRuns } from '@/core/exercise/set/match';
import { isPlayable, playedAnswers } from '@/core/exercise/set/played';
import { askedOnSheet, type SetQuestion } from '@/core/exercise/set/question';
import type { SetSchool } from '@/core/exercise/set/verdict';
import { standingSheet } from '@/core/exercise/sheet/sheet';
import { itemCode } from '@/core/exercise/sheet/task/all';
import type { Person } from '@/store/person';
import type { SetFile } from '@/workers/set-files-answer';
import { readSheets } from '../../address/sheets/sheets-address';

/** An answer that was found in a file: whose it is and which question it answers, as far as that is sure. */
export type Found = {
  readonly id: string;
  /** The file it comes from. */
  readonly file: string;
  readonly person: string | null;
  readonly question: string | null;
  /** What was written, to be read under any question; or what was played. */
  readonly content:
    | { readonly is: 'coded'; readonly code: string }
    | { readonly is: 'row'; readonly code: string }
    | { readonly is: 'run'; readonly midi: readonly number[] };
};

/** What was found in a file, and what could not be taken from it. */
export type FoundIn =
  | { readonly ok: true; readonly found: readonly Found[] }
  | { readonly ok: false; readonly file: string; readonly why: 'other-sheet' | 'no-notes' }
  | { readonly ok: false; readonly file: string; readonly why: 'problem'; readonly problem: object };

type SetGiven = {
  readonly questions: readonly SetQuestion[];
  readonly people: readonly Person[];
  readonly school: SetSchool;
};

const plainName = (file: string) => file.replace(/\.[^.]{1,10}$/u, '');

/** The questions of the places of a sheet, as codes of what stands there; null where it is no sheet. */
function codesOnSheet(query: string, { school }: SetGiven): readonly { place: number; code: string }[] {
  const { sentence } = readSheets(query);
  return askedOnSheet(standingSheet(sentence, school)).map(({ place, item }) => ({
    place,
    code: itemCode(item),
  }));
}

/** Answers handed in from a sheet go to the questions that stand on it, whatever else the set asks. */
function handedIn(file: Extract<SetFile, { is: 'handed-in' }>, given: SetGiven): FoundIn {
  const person = personIn([file.student], given.people);
  const free = new Map<string, string[]>();
  for (const { id, item } of given.questions) {
    const code = itemCode(item);
    free.set(code, [...(free.get(code) ?? []), id]);
  }
  const found = codesOnSheet(file.sheet, given).flatMap(({ place, code }): readonly Found[] => {
    const question = free.get(code)?.shift();
    const answer = file.answers[place];
    if (question === undefined || answer === undefined) return [];
    // What was handed in without an answer was left blank.
    const content = { is: 'coded' as const, code: answer ?? BLANK_CODE };
    return [{ id: `${file.name} ${place}`, file: file.name, person, question, content }];
  });
  return found.length > 0 ? { ok: true, found } : { ok: false, file: file.name, why: 'other-sheet' };
}

/** What one file holds for a set. */
export function foundIn(file: SetFile, given: SetGiven): FoundIn {
  if (file.is === 'problem') return { ok: false, file: file.name, why: 'problem', problem: file.problem };
  if (file.is === 'handed-in') return handedIn(file, given);
  const person = personIn([...file.texts, plainName(file.name)], given.people);
  const { questions, school } = given;
  const places =
    file.is === 'score'
      ? placeRows(file.rows, questions, school)
      : placeRuns(
          file.runs,
          questions.filter(({ asked }) => isPlayable(asked)),
          school,
        );
  const found = places.map(({ row, question }): Found => {
    const content =
      file.is === 'score'
        ? { is: 'row' as const, code: file.rows[row] ?? '' }
        : { is: 'run' as const, midi: file.runs[row] ?? [] };
    return { id: `${file.name} ${row}`, file: file.name, person, question, content };
  });
  return found.length > 0 ? { ok: true, found } : { ok: false, file: file.name, why: 'no-notes' };
}

/** The code of an answer under the question it was given to; null where it is none of that question. */
export function codeUnder({ content }: Found, question: SetQuestion, school: SetSchool): string | null {
  if (content.is === 'run') {
    const [first] = playedAnswers(question.asked, content.midi, school);
    return first ? answerCode(first) : null;
  }
  const answer = readAnswerCode(question.asked, content.code);
  return answer && answerCode(answer);
}
