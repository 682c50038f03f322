/**
 * Roasts in common with other devices, through the server: what changes here is sent, what changes there comes in, and
 * after a gap both are joined. Runs as long as the page is open; without the server it waits for it.
 */
import { liveQuery } from "dexie";
import { toast } from "sonner";
import { z } from "zod";
import { create } from "zustand";
import { type SharedRoast, SharedRoastSchema } from "../../core/formats/shared";
import type { BrumaDatabase } from "../../storage/database";
import { outgoing, takeIn, wasKept } from "../../storage/sharing";
import { usePreferences } from "./preferences";

export type Link = "none" | "locked" | "open";

interface SharingState {
  /** None: no server that shares; locked: it asks for the pairing code; open: it is listened to. */
  readonly link: Link;
  /** Roasts that the server has and this device has not. */
  readonly offered: readonly SharedRoast[];
}

export const useSharing = create<SharingState>(() => ({ link: "none", offered: [] }));

/** Several edits in one breath are sent as one. */
const BREATH_MS = 300;
const ASK_AGAIN_MS = 5000;

const codeHeader = (): Record<string, string> => ({ "X-Pairing-Code": usePreferences.getState().pairingCode });

const sending = new Set<string>();

/** Sends what has changed of a roast, and what changes meanwhile; the server hands back what it must be joined with. */
async function send(db: BrumaDatabase, roastId: string): Promise<void> {
  if (sending.has(roastId)) return;
  sending.add(roastId);
  try {
    for (let sent = await outgoing(db, roastId); sent; sent = await outgoing(db, roastId)) {
      const response = await fetch(`/api/roasts/${encodeURIComponent(roastId)}`, {
        method: "PUT",
        headers: { "Content-Type": "application/json", ...codeHeader() },
        body: JSON.stringify(sent),
      });
      if (response.status === 409) await comeIn(db, SharedRoastSchema.parse(await response.json()));
      else if (response.ok) {
        // Kept with all readings the server has; the roast itself is the one that was sent.
        const { revision, readings } = SharedRoastSchema.parse(await response.json());
        await wasKept(db, { ...sent, revision, readings });
      } else {
        const { why } = z.object({ why: z.string() }).parse(await response.json());
        throw new Error(why);
      }
    }
  } catch (error) {
    // The server is away: sent once it is back. Anything else is said.
    if (!(error instanceof TypeError)) {
      toast.error(`The other devices were not told: ${error instanceof Error ? error.message : String(error)}`);
    }
  } finally {
    sending.delete(roastId);
  }
}

async function comeIn(db: BrumaDatabase, shared: SharedRoast): Promise<void> {
  const known = await db.shared.get(shared.roast.id);
  useSharing.setState(({ offered }) => {
    const others = offered.filter(({ roast }) => roast.id !== shared.roast.id);
    return { offered: known ? others : [...others, shared] };
  });
  if (!known) return;
  const conflicts = await takeIn(db, shared);
  if (conflicts.length > 0) {
    toast.info(`Changed on two devices at once: ${conflicts.join(", ")}. What the other one set stands.`);
  }
}

/** Starts listening and sending; called once the database is open. */
export function startSharing(db: BrumaDatabase): void {
  let source: EventSource | null = null;
  let busy = false;
  const connect = async (): Promise<void> => {
    if (source || busy) return;
    busy = true;
    try {
      const response = await fetch("/api/roasts", { headers: codeHeader() });
      if (response.status === 401) useSharing.setState({ link: "locked" });
      const isJson = response.headers.get("content-type")?.includes("json");
      if (!response.ok || !isJson) return;
      source = new EventSource(`/api/roasts/stream?code=${encodeURIComponent(usePreferences.getState().pairingCode)}`);
      source.onopen = () => {
        useSharing.setState({ link: "open" });
        void sendAll(db);
      };
      source.onmessage = ({ data }) => {
        const parsed = SharedRoastSchema.safeParse(JSON.parse(data));
        if (parsed.success) void comeIn(db, parsed.data).then(() => send(db, parsed.data.roast.id));
        else console.warn("a shared roast this version cannot read:", parsed.error.issues[0]?.message);
      };
      source.onerror = () => {
        source?.close();
        source = null;
        useSharing.setState({ link: "none", offered: [] });
      };
    } catch {
      // The server cannot be reached: asked again, and the app goes on by itself meanwhile.
    } finally {
      busy = false;
    }
  };
  void connect();
  setInterval(() => void connect(), ASK_AGAIN_MS);
  // A phone that slept finds its connection dead, or is not told: it asks at once when it is looked at.
  document.addEventListener("visibilitychange", () => {
    if (document.visibilityState === "visible") void connect();
  });
  usePreferences.subscribe(({ pairingCode }, before) => {
    if (pairingCode !== before.pairingCode) void connect();
  });
  let breath: ReturnType<typeof setTimeout> | undefined;
  liveQuery(async () => {
    const ids = (await db.shared.toCollection().primaryKeys()) as string[];
    // Looked at so that the query runs again when one of them, or its readings, change.
    await db.roasts.bulkGet(ids);
    await Promise.all(ids.map((id) => db.readings.where("roastId").equals(id).count()));
    return ids;
  }).subscribe({
    next: (ids) => {
      clearTimeout(breath);
      breath = setTimeout(() => {
        if (useSharing.getState().link === "open") for (const id of ids) void send(db, id);
      }, BREATH_MS);
    },
    error: (error: unknown) => toast.error(`Sharing has stopped: ${error instanceof Error ? error.message : error}`),
  });
}

async function sendAll(db: BrumaDatabase): Promise<void> {
  for (const id of (await db.shared.toCollection().primaryKeys()) as string[]) await send(db, id);
}
