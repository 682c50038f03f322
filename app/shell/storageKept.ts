/** Whether the browser keeps what is stored here, or may clear it when it is short of room. */
import { useEffect } from "react";
import { create } from "zustand";

interface StorageState {
  /** Null where the browser does not say: over plain http it does not. */
  readonly kept: boolean | null;
  readonly usedMb: number | null;
  readonly roomMb: number | null;
}

const useKnown = create<StorageState>(() => ({ kept: null, usedMb: null, roomMb: null }));

/** As it is now: looked at when it is first asked for. */
export function useStorageKept(): StorageState {
  useEffect(() => {
    void lookAtStorage();
  }, []);
  return useKnown();
}

const MB = 1_000_000;

/** Looks how it is now; asks nobody. */
async function lookAtStorage(): Promise<void> {
  // Over plain http a browser has no such thing.
  const storage = navigator.storage as StorageManager | undefined;
  if (!storage?.persisted) return;
  const [kept, { usage, quota }] = await Promise.all([storage.persisted(), storage.estimate()]);
  useKnown.setState({
    kept,
    usedMb: usage === undefined ? null : usage / MB,
    roomMb: quota === undefined ? null : quota / MB,
  });
}

/** Asks the browser to keep it: at the first roast, when there is something to lose. */
export async function askToKeep(): Promise<void> {
  const storage = navigator.storage as StorageManager | undefined;
  if (storage?.persist && !(await storage.persisted())) await storage.persist();
  await lookAtStorage();
}
