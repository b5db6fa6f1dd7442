import { useEffect, useState } from 'react';
import { whenIdle } from './when-idle';

/** Whether the page has come to rest: what is not needed before can be loaded now. */
export function useIdle(): boolean {
  const [idle, setIdle] = useState(false);
  useEffect(() => whenIdle(() => setIdle(true)), []);
  return idle;
}
