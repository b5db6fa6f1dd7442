import type { SetWalk } from '../../address/mark/set-address';

/** Where one stands in a grid of students and questions, each from 0. */
export type Place = { readonly person: number; readonly question: number };

export type Size = { readonly people: number; readonly questions: number };

const within = (value: number, count: number) => Math.max(0, Math.min(count - 1, value));

/** A place that lies in the grid. */
export function placed({ person, question }: Place, { people, questions }: Size): Place {
  return { person: within(person, people), question: within(question, questions) };
}

/** One step over the grid, no further than its edge. */
export function stepped(place: Place, step: Partial<Place>, size: Size): Place {
  return placed(
    { person: place.person + (step.person ?? 0), question: place.question + (step.question ?? 0) },
    size,
  );
}

/**
 * The next place of a walk: question after question of a student and then the next student, or student after student at a
 * question and then the next question. The last place stays.
 */
export function nextPlace({ person, question }: Place, walk: SetWalk, { people, questions }: Size): Place {
  if (walk === 'student') {
    if (question + 1 < questions) return { person, question: question + 1 };
    return person + 1 < people ? { person: person + 1, question: 0 } : { person, question };
  }
  if (person + 1 < people) return { person: person + 1, question };
  return question + 1 < questions ? { person: 0, question: question + 1 } : { person, question };
}

/** Where the walk goes on when a whole student is done with. */
export function nextPerson({ person, question }: Place, walk: SetWalk, size: Size): Place {
  if (person + 1 < size.people) return { person: person + 1, question: walk === 'student' ? 0 : question };
  return { person, question };
}

/** The first place of a walk at which something is to be entered; null where all is. */
export function firstOpen(isOpen: (place: Place) => boolean, walk: SetWalk, size: Size): Place | null {
  let place: Place = { person: 0, question: 0 };
  for (let at = 0; at < size.people * size.questions; at += 1) {
    if (isOpen(place)) return place;
    place = nextPlace(place, walk, size);
  }
  return null;
}
