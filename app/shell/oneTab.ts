/**
 * A connection that one tab holds for all: a browser opens six to one server and no more, so that a stream a tab would
 * soon leave none for anything else. What comes in is stored, and the other tabs see it there.
 *
 * @param run called once this tab's turn has come; returns what ends it
 * @returns ends it, or the wait for it
 */
export function inOneTab(name: string, run: () => () => void): () => void {
  // Without a secure origin there are no locks: then every tab has its own.
  if (!("locks" in navigator)) return run();
  const stop = new AbortController();
  let release = (): void => undefined;
  navigator.locks
    .request(name, { signal: stop.signal }, () => {
      const end = run();
      return new Promise<void>((resolve) => {
        release = () => {
          end();
          resolve();
        };
      });
    })
    .catch((error: unknown) => {
      // Given up before its turn came.
      if (!stop.signal.aborted) console.warn(`${name} is not listened to:`, error);
    });
  return () => {
    stop.abort();
    release();
  };
}
