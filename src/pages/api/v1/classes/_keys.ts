import { createHmac, randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { joinCodeFrom } from '@/core/live/join-code';

/**
 * What a class is known by is all made of its secret, so that a server that has started again can take it up from the
 * teacher's browser alone: the code that is joined by, the token of each person, and the receipt of each answer.
 */
export const SECRET = /^[\w-]{43}$/u;

export function newSecret(): string {
  return randomBytes(32).toString('base64url');
}

/** Eight characters, told apart from any other in a class. */
export function newPersonId(): string {
  return randomBytes(6).toString('base64url');
}

/**
 * The code of a class. It takes as long as it does so that nobody finds a secret to a code that is read from a board:
 * 47 million codes at 30 ms each are two weeks.
 */
export async function codeOf(secret: string): Promise<string> {
  const bytes = await new Promise<Buffer>((resolve, reject) => {
    scrypt(secret, 'moon-step class code', 8, { N: 16_384, r: 8, p: 1 }, (error, key) =>
      error ? reject(error) : resolve(key),
    );
  });
  return joinCodeFrom(bytes);
}

function seal(secret: string, ...parts: readonly string[]): string {
  return createHmac('sha256', secret).update(JSON.stringify(parts)).digest('base64url');
}

function isSame(one: string, other: string): boolean {
  const [a, b] = [Buffer.from(one), Buffer.from(other)];
  return a.length === b.length && timingSafeEqual(a, b);
}

export const isSecret = isSame;

/** What a person proves itself by: its id and the seal of the class under it. */
export function tokenOf(secret: string, person: string): string {
  return `${person}.${seal(secret, 'person', person)}`;
}

/** Whose token it is; null for nobody's of this class. */
export function personOfToken(secret: string, token: string): string | null {
  const [person = ''] = token.split('.');
  return isSame(token, tokenOf(secret, person)) ? person : null;
}

type Confirmed = {
  readonly person: string;
  readonly round: string | number;
  readonly code: string;
  /** Whether the right answer had been shown before. */
  readonly late: boolean;
};

/** What proves later that an answer was confirmed, and whether that was in time. */
export function receiptOf(secret: string, { person, round, code, late }: Confirmed): string {
  return seal(secret, late ? 'late' : 'in time', person, JSON.stringify(round), code);
}

/** As what an answer was confirmed by a receipt; null where it is none of it. */
export function provedBy(
  receipt: string,
  secret: string,
  about: Omit<Confirmed, 'late'>,
): 'in-time' | 'late' | null {
  if (isSame(receipt, receiptOf(secret, { ...about, late: false }))) return 'in-time';
  return isSame(receipt, receiptOf(secret, { ...about, late: true })) ? 'late' : null;
}
