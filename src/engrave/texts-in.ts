import type { Scene } from './scene';

/** All that is written in a drawing, in the order in which it is drawn, for a voice. */
export function textsIn({ groups }: Scene): string {
  return groups
    .flatMap(({ marks }) => marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])))
    .join(' ');
}
