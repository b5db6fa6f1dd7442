import type { Key } from '@/core/harmony/key';
import { keyName } from '@/core/words/say-key';
import { useWords } from '@/ui/school/use-class';
import { orbitHref } from '../address/orbit/orbit-address';
import { GoLink } from '../shell/GoLink';

type Props = { readonly it: Key; readonly title?: string };

/** A key that can be gone to on the circle. */
export function KeyLink({ it, title }: Props) {
  const w = useWords();
  return (
    <GoLink href={orbitHref({ kind: 'keys', key: it })} {...(title ? { title } : {})}>
      {keyName(w, it)}
    </GoLink>
  );
}
