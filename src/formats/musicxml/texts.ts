/** What a score says in words: who made it, what it is called, what stands on its first page. */
const WORDS = /<(?:creator|credit-words|work-title|movement-title|part-name)\b[^>]{0,200}>([^<]{1,200})</gu;

const ENTITIES: Readonly<Record<string, string>> = { amp: '&', lt: '<', gt: '>', quot: '"', apos: "'" };

/** The most words that are looked at. */
const MOST = 40;

/** The words of a score in which a name may stand, as they are written; at most 40 texts. */
export function textsOfScore(text: string): readonly string[] {
  return [...text.matchAll(WORDS)]
    .slice(0, MOST)
    .map(([, words = '']) => words.replace(/&(\w+);/gu, (all, name: string) => ENTITIES[name] ?? all).trim())
    .filter(Boolean);
}
