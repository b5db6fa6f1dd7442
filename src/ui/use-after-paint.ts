import { useEffect, useState } from 'react';

/**
 * A value one frame late: what hangs on it is worked out after what hangs on the value itself has been painted. While
 * values follow each other faster than that, only the last of them arrives.
 */
export function useAfterPaint<Value>(value: Value): Value {
  const [painted, setPainted] = useState(value);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      // The frame is painted after this; what comes then has the next one.
      timer = setTimeout(() => setPainted(value));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [value]);
  return painted;
}
