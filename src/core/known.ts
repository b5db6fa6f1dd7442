/** A word looked up in a table; words that every object has, such as `constructor`, are none of it. */
export function known<Value>(table: Readonly<Record<string, Value>>, word: string): Value | undefined {
  return Object.hasOwn(table, word) ? table[word] : undefined;
}
