import { lazy, Suspense, useEffect, useState } from 'react';
import { useIdle } from '@/ui/use-idle';
import { isAskKey } from './ask-keys';

const loadLine = () => import('./AskLine').then((module) => ({ default: module.AskLine }));
const AskLine = lazy(loadLine);

/** The room of the ask line, which is loaded once the page rests, or at once when its key is pressed. */
export function AskSlot() {
  const idle = useIdle(loadLine);
  const [wanted, setWanted] = useState(false);
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (!isAskKey(event)) return;
      event.preventDefault();
      setWanted(true);
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
  const room = <div className="order-last h-9 grow basis-full sm:order-none sm:basis-52" />;
  return idle || wanted ? (
    <Suspense fallback={room}>
      <AskLine focused={wanted} />
    </Suspense>
  ) : (
    room
  );
}
