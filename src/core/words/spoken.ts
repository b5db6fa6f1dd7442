const SPOKEN: Readonly<Record<string, string>> = {
  '♯': ' sharp',
  '♭': ' flat',
  '♮': ' natural',
  '𝄪': ' double sharp',
  '𝄫': ' double flat',
};

/** A text as a voice reads it: every sign said by its name. */
export function spoken(text: string): string {
  return text.replace(/[♯♭♮𝄪𝄫]/gu, (sign) => SPOKEN[sign] ?? sign);
}
