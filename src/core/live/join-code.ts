/**
 * Signs that a code is made of: none that look alike, none whose names rhyme with another's when they are read out (B, C, D,
 * E, G, P, T, V, Z; A, 8; S beside F), and no vowels, so that no words come about.
 */
const SIGNS = 'FHJKLMNQRWXY2345679';

/** How many signs a code has: 19⁶ codes, 47 million. */
const JOIN_CODE_LENGTH = 6;

/** The code of a class from random or derived bytes, at least eight of them. */
export function joinCodeFrom(bytes: Uint8Array): string {
  let number = 0n;
  for (const byte of bytes.subarray(0, 8)) number = number * 256n + BigInt(byte);
  let code = '';
  for (let at = 0; at < JOIN_CODE_LENGTH; at++) {
    code += SIGNS[Number(number % BigInt(SIGNS.length))] ?? '';
    number /= BigInt(SIGNS.length);
  }
  return code;
}

/** A code as somebody typed it, in small letters or with anything between its halves; null where it is none. */
export function readJoinCode(typed: string): string | null {
  if (typed.length > 40) return null;
  const code = typed.toUpperCase().replace(/[\s.\-–·]/gu, '');
  return code.length === JOIN_CODE_LENGTH && [...code].every((sign) => SIGNS.includes(sign)) ? code : null;
}

/** A code as it stands on a board, in halves: KM4 R7X. */
export function sayJoinCode(code: string): string {
  return `${code.slice(0, JOIN_CODE_LENGTH / 2)} ${code.slice(JOIN_CODE_LENGTH / 2)}`;
}
