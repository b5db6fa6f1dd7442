/** Runs something once the page has nothing more urgent to do, half a second from now at the latest. */
export function whenIdle(work: () => void): () => void {
  if (typeof window.requestIdleCallback !== 'function') {
    const timer = window.setTimeout(work, 100);
    return () => window.clearTimeout(timer);
  }
  const handle = window.requestIdleCallback(work, { timeout: 500 });
  return () => window.cancelIdleCallback(handle);
}
