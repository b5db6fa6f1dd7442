import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { askWords } from '@/core/words/screen/ask';
import { useWords } from '@/ui/school/use-class';
import { useIdle } from '@/ui/use-idle';
import { isAskKey } from './ask-keys';

const loadLine = () => import('./AskLine').then((module) => ({ default: module.AskLine }));
const AskLine = lazy(loadLine);

const PLACE = 'order-last grow basis-full sm:order-none sm:basis-52';

/**
 * The room of the ask line, which is loaded once the page rests, or at once when its key is pressed. What is typed
 * before it is there waits in a plain field, so that no letter of it counts as a key of the room.
 */
export function AskSlot() {
  const w = useWords();
  const say = askWords(w);
  const idle = useIdle(loadLine);
  const [wanted, setWanted] = useState(false);
  const [early, setEarly] = useState({ text: '', taken: false });
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (!isAskKey(event)) return;
      event.preventDefault();
      setWanted(true);
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
  useEffect(() => {
    if (wanted) field.current?.focus();
  }, [wanted]);
  if (!wanted && !idle) return <div className={`${PLACE} h-9`} />;
  return (
    <Suspense
      fallback={
        wanted ? (
          <div className={PLACE}>
            <input
              ref={field}
              type="text"
              aria-label={say.label}
              placeholder={say.placeholder}
              autoComplete="off"
              spellCheck={false}
              maxLength={300}
              className="field placeholder:text-quiet"
              value={early.text}
              onChange={(event) => setEarly({ text: event.target.value, taken: false })}
              onKeyDown={(event) => {
                if (event.key === 'Enter') setEarly({ ...early, taken: early.text.trim() !== '' });
              }}
            />
          </div>
        ) : (
          <div className={`${PLACE} h-9`} />
        )
      }
    >
      <AskLine focused={wanted} early={early} />
    </Suspense>
  );
}
