import type { Key } from '@/core/harmony/key';
import { keyName } from '@/core/words/say-key';
import { useWords } from '@/ui/school/use-class';
import { GoLink } from '../common/GoLink';
import { orbitHref } from './orbit-address';

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
