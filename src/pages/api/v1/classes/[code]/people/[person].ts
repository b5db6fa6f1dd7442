import { only } from '../../../_posted';
import { problem, problemResponse } from '../../../_problem';
import { known } from '../../_guard';
import { sendOut } from '../../_hub';

export const prerender = false;

/** The teacher sends somebody out, or somebody leaves; their answer goes with them. */
export const DELETE = known(['teacher', 'person'], ({ context, open, bearer }) => {
  const person = context.params['person'] ?? '';
  const may = bearer.is === 'teacher' || bearer.person === person;
  if (!may || !open.state.people.has(person))
    return problemResponse(problem(404, 'Nobody of this class is known by this to you.'));
  sendOut(open, person);
  return new Response(null, { status: 204 });
});

export const ALL = only('DELETE');
