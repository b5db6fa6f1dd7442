import { only } from '../_posted';
import { fresh, known, ofClass, theHub } from './_guard';

export const prerender = false;

/** What somebody sees who has the code and has not joined: the names to choose from, and how the class speaks. */
export const GET = ofClass(({ open: { state, speaks, expires } }) => {
  const taken = new Set([...state.people.values()].map(({ name }) => name));
  return fresh({
    names: state.names.map((name) => ({ name, taken: taken.has(name) })),
    speaks,
    expires: new Date(expires).toISOString(),
  });
});

/** The teacher closes the class, and all of it is gone. */
export const DELETE = known(['teacher'], ({ open }) => {
  theHub().hub.close(open);
  return new Response(null, { status: 204 });
});

export const ALL = only('GET', 'DELETE');
