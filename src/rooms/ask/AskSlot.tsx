import { lazy, Suspense } from 'react';
import { useIdle } from '@/ui/use-idle';

const AskLine = lazy(() => import('./AskLine').then((module) => ({ default: module.AskLine })));

/** The room of the ask line, which is loaded once the page rests. */
export function AskSlot() {
  const idle = useIdle();
  const room = <div className="order-last h-9 grow basis-full sm:order-none sm:basis-52" />;
  return idle ? (
    <Suspense fallback={room}>
      <AskLine />
    </Suspense>
  ) : (
    room
  );
}
