const ENTITIES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&apos;',
};

/** Text as it may stand in XML, in an element or an attribute. Characters XML 1.0 does not allow are left out. */
export function escapeXml(text: string): string {
  return [...text]
    .filter((char) => isXmlChar(char.codePointAt(0) ?? 0))
    .map((char) => ENTITIES[char] ?? char)
    .join('');
}

/** https://www.w3.org/TR/xml/#charsets */
function isXmlChar(code: number): boolean {
  if (code < 0x20) return code === 0x9 || code === 0xa || code === 0xd;
  return (code < 0xd800 || code > 0xdfff) && code !== 0xfffe && code !== 0xffff;
}
