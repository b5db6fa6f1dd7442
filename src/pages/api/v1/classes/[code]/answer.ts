import { handedIn } from '@/core/live/live-class';
import { sayLiveProblem } from '@/core/words/say-live';
import { only } from '../../_posted';
import { problem, problemResponse } from '../../_problem';
import { fresh, inPace, known, refusedFields, sentTo, tooOften } from '../_guard';
import { TEACHER, tell } from '../_hub';
import { provedBy, receiptOf } from '../_keys';
import { answerBody, readHandedIn } from '../_read';

export const prerender = false;

const LIMIT = 8 * 1024;

/** Somebody answers, changes their answer, or takes it back. */
export const PUT = known(['person'], async ({ context, open, bearer }) => {
  if (bearer.is !== 'person') throw new RangeError('only somebody who joined comes here');
  const { person } = bearer;
  if (!inPace('answering', `${open.code} ${person}`)) return tooOften('Answers follow each other too fast.');
  const body = await sentTo(context, answerBody, LIMIT);
  if (!body.ok) return body.response;
  const { round, answer: sent, receipt } = body.sent;
  const asked = open.state.now?.asked;
  const read = sent === null || !asked ? null : readHandedIn(asked, sent);
  // An answer to another question is that before anything else.
  const isNow = open.state.now?.round === round;
  if (isNow && read && !read.ok) return refusedFields(read);
  const code = read?.ok ? read.code : null;
  const proved =
    code === null || receipt === undefined ? null : provedBy(receipt, open.secret, { person, round, code });
  const answer = code === null ? null : { answer: sent, code };
  const done = handedIn(open.state, { person, round, answer, proved });
  if (!done.ok) return problemResponse(problem(409, sayLiveProblem(done.problem)));
  const changed = done.next !== open.state;
  open.state = done.next;
  const { late } = done;
  if (changed) {
    const name = open.state.people.get(person)?.name ?? '';
    tell(open, TEACHER, 'answered', { person, late, round, name, answer: sent, code });
  }
  const proof = code === null ? {} : { receipt: receiptOf(open.secret, { person, round, code, late }) };
  return fresh({ confirmed: true, late, ...proof });
});

export const ALL = only('PUT');
