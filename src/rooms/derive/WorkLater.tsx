import { useEffect, useState } from 'react';
import { part } from '@/ui/parts/part';
import { readAddress } from '../address/derive/derive-address';
import { FIRST_SENTENCE } from '../address/derive/derive-sentence';
import { surfacesShown } from '../address/derive/shown';
import type { WorkProps } from './working/Work';

/** Waits, in a browser, until what stands has been painted. */
async function painted(): Promise<void> {
  if (typeof window === 'undefined') return;
  await new Promise<void>((resolve) => {
    requestAnimationFrame(() => setTimeout(resolve));
  });
}

/** The surfaces that the address asks for; those of the first sentence where there is none. */
function surfacesAsked(): readonly string[] {
  return surfacesShown(
    typeof window === 'undefined' ? FIRST_SENTENCE : readAddress(window.location.search).sentence,
  );
}

/** Whether what was served is not what is asked: by the address, or in the words of the class. */
const isOther = (isServed: boolean) => !isServed || document.documentElement.dataset['asked'] !== undefined;

/** What was served, left as it is while it is what is asked for. */
function Served({ isServed }: Pick<WorkProps, 'isServed'>) {
  // A page that takes over begins with what was served, whatever is asked.
  const [taken, setTaken] = useState(false);
  useEffect(() => setTaken(true), []);
  return taken && isOther(isServed) ? (
    <div key="waits" className="grow" data-coming="" />
  ) : (
    <div
      key="served"
      className="contents"
      data-coming=""
      suppressHydrationWarning
      // biome-ignore lint/security/noDangerouslySetInnerHtml: it is empty, and only keeps what stands
      dangerouslySetInnerHTML={{ __html: '' }}
    />
  );
}

/** The derivation comes after the sentence, which answers first; until then what was served stands in its place. */
export const WorkLater = part(
  'surface',
  async () => {
    await painted();
    const { Work, prepareSurfaces } = await import('./working/Work');
    await prepareSurfaces(surfacesAsked());
    return Work;
  },
  ({ isServed }) => <Served isServed={isServed} />,
);
