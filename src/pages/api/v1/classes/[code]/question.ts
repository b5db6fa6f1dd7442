import { askedNow } from '@/core/live/live-class';
import { only } from '../../_posted';
import { fresh, inPace, known, refusedFields, sentTo, tooOften } from '../_guard';
import { questionFor, tellQuestion } from '../_hub';
import { questionBody, readAsked } from '../_read';

export const prerender = false;

const LIMIT = 16 * 1024;

/** The teacher asks something, or goes on with it. */
export const PUT = known(['teacher'], async ({ context, open, bearer }) => {
  if (!inPace('asking', open.code)) return tooOften('Questions follow each other too fast.');
  const body = await sentTo(context, questionBody, LIMIT);
  if (!body.ok) return body.response;
  const { round, question, stage } = body.sent;
  const read = readAsked(question);
  if (!read.ok) return refusedFields(read);
  open.state = askedNow(open.state, { round, question, stage, asked: read.asked });
  tellQuestion(open);
  return fresh(questionFor(open, bearer));
});

export const ALL = only('PUT');
