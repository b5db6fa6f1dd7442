import { only } from '../../_posted';
import { fresh, known } from '../_guard';

export const prerender = false;

/** What has been answered to the question that is asked now. */
export const GET = known(['teacher'], ({ open: { state } }) =>
  fresh({
    round: state.now?.round ?? null,
    answers: [...state.answers].map(([person, { answer, code, late }]) => ({
      person,
      name: state.people.get(person)?.name ?? '',
      answer,
      code,
      late,
    })),
  }),
);

export const ALL = only('GET');
