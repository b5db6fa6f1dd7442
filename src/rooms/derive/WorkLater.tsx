import { type ComponentType, useEffect, useState, useSyncExternalStore } from 'react';
import { wanted } from '@/ui/parts/wanted';
import type { WorkProps } from './working/Work';

let work: ComponentType<WorkProps> | null = null;
let asked = false;
const listeners = new Set<() => void>();

/** Loads the derivation, here before a page is served with it. */
export async function prepareWork(): Promise<void> {
  const { Work } = await import('./working/Work');
  work = Work;
}

/** Loads it after what stands has been painted. */
function loadAfterPaint(): void {
  if (asked) return;
  asked = true;
  requestAnimationFrame(() =>
    setTimeout(async () => {
      await wanted('surface', prepareWork);
      for (const listen of listeners) listen();
    }),
  );
}

function subscribe(listen: () => void): () => void {
  listeners.add(listen);
  return () => listeners.delete(listen);
}

/** Whether what was served is not what is asked: by the address, or in the words of the class. */
const isOther = (isServed: boolean) => !isServed || document.documentElement.dataset['asked'] !== undefined;

/**
 * The derivation comes after the sentence, which answers first. Until then what was served stands in its place, where it is
 * what is asked for, and is not touched.
 */
export function WorkLater(props: WorkProps) {
  const Work = useSyncExternalStore(
    subscribe,
    () => work,
    () => work,
  );
  // A page that takes over begins with what was served, whatever is asked.
  const [taken, setTaken] = useState(false);
  useEffect(() => {
    loadAfterPaint();
    setTaken(true);
  }, []);
  if (Work)
    return (
      <div key="work" className="contents">
        <Work {...props} />
      </div>
    );
  return taken && isOther(props.isServed) ? (
    <div key="waits" className="grow" data-coming="" />
  ) : (
    // Nothing is set: a page that takes over leaves what was served in here as it is.
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
