import { only } from '../../_posted';
import { inPace, known, tooOften } from '../_guard';
import { leave, listen, questionFor, TEACHER, tell } from '../_hub';
import { eventStream, type Listener } from '../_stream';

export const prerender = false;

/** What happens in a class, as it happens, beginning with how it stands. */
export const GET = known(['teacher', 'person'], ({ open, bearer }) => {
  const whom = bearer.is === 'teacher' ? TEACHER : bearer.person;
  if (!inPace('listening', `${open.code} ${whom}`)) return tooOften('The line was opened too often.');
  let own: Listener | null = null;
  return eventStream(
    (listener) => {
      own = listener;
      listen(open, whom, listener);
      if (bearer.is === 'teacher') {
        const people = [...open.state.people.values()].map(({ id, name, listed }) => ({
          ...{ person: id, name, listed },
          here: open.listeners.has(id),
        }));
        listener.tell('class', { people });
      } else tell(open, TEACHER, 'here', { person: whom });
      const question = questionFor(open, bearer);
      if (question) listener.tell('question', question);
    },
    () => {
      if (own && leave(open, whom, own) && bearer.is === 'person')
        tell(open, TEACHER, 'left', { person: whom });
    },
  );
});

export const ALL = only('GET');
