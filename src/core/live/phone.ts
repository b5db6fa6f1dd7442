import type { LiveStage } from './live-class';

/** What is asked, as a phone is told it. */
export type AskedOnPhone = {
  readonly round: string | number;
  /** The question in its code. */
  readonly code: string;
  readonly stage: LiveStage;
  readonly shown: boolean;
};

type Mine = { readonly code: string; readonly late: boolean };

/** How a phone stands in a class: what is asked, what was given here, and what the server has of it. */
export type Phone = {
  readonly now: AskedOnPhone | null;
  /** What the server has of this phone in this round. */
  readonly stands: Mine | null;
  /** What was given here and is to stand there; a code of null takes an answer back. */
  readonly given: { readonly round: string | number; readonly code: string | null } | null;
  /** What proves that an answer was confirmed in time. */
  readonly proof: { readonly round: string | number; readonly code: string; readonly receipt: string } | null;
  /** Why the last answer was not taken; null where it was. */
  readonly refused: string | null;
};

export const NEW_PHONE: Phone = { now: null, stands: null, given: null, proof: null, refused: null };

/** What a phone has to send: an answer, or that one is taken back. */
export type ToSend = {
  readonly round: string | number;
  readonly code: string | null;
  readonly receipt: string | null;
};

/** The phone after it was told what is asked, and what the server has of it; a new round begins with nothing. */
export function toldOf(phone: Phone, now: AskedOnPhone, stands: Mine | null): Phone {
  const goesOn = phone.given?.round === now.round;
  // What was answered from elsewhere, or before this phone was loaded anew.
  const found = stands && { round: now.round, code: stands.code };
  return {
    ...phone,
    now,
    stands,
    given: goesOn ? phone.given : found,
    proof: phone.proof?.round === now.round ? phone.proof : null,
    refused: phone.now?.round === now.round ? phone.refused : null,
  };
}

/** Whether an answer can be given now: in its time, or late by somebody who has none. */
export function canGive({ now, stands }: Pick<Phone, 'now' | 'stands'>): boolean {
  if (!now) return false;
  if (stands === null) return now.stage === 'answer' || now.stage === 'show';
  return now.stage === 'answer' && !now.shown;
}

/** The phone after an answer was given on it, or taken back. */
export function givenOn(phone: Phone, code: string | null): Phone {
  if (!phone.now || !canGive(phone)) return phone;
  return { ...phone, given: { round: phone.now.round, code }, refused: null };
}

/** What is to be sent; null where the server has what was given here, or does not take it. */
export function toSend({ now, stands, given, proof }: Phone): ToSend | null {
  if (!now || given?.round !== now.round || (stands?.code ?? null) === given.code) return null;
  const proved = proof?.round === given.round && proof.code === given.code ? proof.receipt : null;
  const takes = canGive({ now, stands }) || (stands === null && proved !== null);
  return takes ? { round: given.round, code: given.code, receipt: proved } : null;
}

/** The phone after the server confirmed what was sent. */
export function confirmedOn(
  phone: Phone,
  { round, code }: ToSend,
  { late, receipt }: { readonly late: boolean; readonly receipt?: string | undefined },
): Phone {
  if (phone.now?.round !== round) return phone;
  const proof = code !== null && receipt !== undefined ? { round, code, receipt } : null;
  return { ...phone, stands: code === null ? null : { code, late }, proof, refused: null };
}

/** The phone after the server said no: what it has stands, and why is said. */
export function refusedOn(phone: Phone, { round }: ToSend, why: string): Phone {
  if (phone.now?.round !== round) return phone;
  const given = phone.stands && { round, code: phone.stands.code };
  return { ...phone, given, refused: why };
}

/** How an answer on a phone stands: nothing given, on its way, or with the teacher. */
export function standingOf({ now, stands, given }: Phone): 'none' | 'sending' | 'in' {
  if (!now || given?.round !== now.round) return stands ? 'in' : 'none';
  if ((stands?.code ?? null) !== given.code) return 'sending';
  return stands ? 'in' : 'none';
}
