import type * as z from 'zod/mini';
import type { LiveStage } from '@/core/live/live-class';
import {
  answersSchema,
  confirmedSchema,
  doorSchema,
  joinedSchema,
  openedSchema,
  problemSchema,
  questionSchema,
} from './messages';

/** What came of asking the server: its answer, no server, or why it says no. */
export type Called<Value> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly status: number; readonly why: string };

/** Milliseconds that an answer is waited for. */
const PATIENCE = 10_000;

type Call<Value> = {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly path: string;
  readonly body?: unknown;
  readonly bearer?: string;
  /** Null where nothing comes back. */
  readonly schema: z.ZodMiniType<Value> | null;
};

const NO_SERVER = { ok: false, status: 0, why: '' } as const;

async function call<Value>({ method, path, body, bearer, schema }: Call<Value>): Promise<Called<Value>> {
  try {
    const response = await fetch(`/api/v1/classes${path}`, {
      method,
      cache: 'no-store',
      headers: {
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
        ...(bearer === undefined ? {} : { Authorization: `Bearer ${bearer}` }),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      signal: AbortSignal.timeout(PATIENCE),
    });
    const text = await response.text();
    const sent: unknown = text === '' ? null : JSON.parse(text);
    if (!response.ok) {
      const problem = problemSchema.safeParse(sent);
      return { ok: false, status: response.status, why: problem.success ? problem.data.detail : '' };
    }
    if (schema === null) return { ok: true, value: undefined as Value };
    const read = schema.safeParse(sent);
    return read.success ? { ok: true, value: read.data } : NO_SERVER;
  } catch {
    return NO_SERVER;
  }
}

/** A class as a desk kept it, for a server that has started again. */
export type TakenUp = {
  readonly secret: string;
  readonly expires: string;
  readonly people: readonly { readonly person: string; readonly name: string; readonly listed: boolean }[];
  readonly now: {
    readonly round: number;
    readonly question: { readonly code: string };
    readonly stage: LiveStage;
    readonly shown: boolean;
  } | null;
  readonly answers: readonly {
    readonly person: string;
    readonly answer: { readonly code: string };
    readonly late: boolean;
  }[];
};

export type Opens = { readonly names: readonly string[]; readonly speaks: string; readonly again?: TakenUp };

/** What a desk and a phone ask of the server that both stand at. */
export const LIVE = {
  open: (opens: Opens) => call({ method: 'POST', path: '', body: opens, schema: openedSchema }),
  close: (code: string, secret: string) =>
    call({ method: 'DELETE', path: `/${code}`, bearer: secret, schema: null }),
  ask: (
    code: string,
    secret: string,
    asks: { readonly round: number; readonly question: { readonly code: string }; readonly stage: LiveStage },
  ) => call({ method: 'PUT', path: `/${code}/question`, body: asks, bearer: secret, schema: questionSchema }),
  answers: (code: string, secret: string) =>
    call({ method: 'GET', path: `/${code}/answers`, bearer: secret, schema: answersSchema }),
  sendOut: (code: string, bearer: string, person: string) =>
    call({ method: 'DELETE', path: `/${code}/people/${person}`, bearer, schema: null }),
  door: (code: string) => call({ method: 'GET', path: `/${code}`, schema: doorSchema }),
  join: (code: string, name: string) =>
    call({ method: 'POST', path: `/${code}/people`, body: { name }, schema: joinedSchema }),
  answer: (
    code: string,
    token: string,
    given: {
      readonly round: string | number;
      readonly answer: { readonly code: string } | null;
      readonly receipt?: string;
    },
  ) => call({ method: 'PUT', path: `/${code}/answer`, body: given, bearer: token, schema: confirmedSchema }),
};
