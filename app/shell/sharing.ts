/**
 * Roasts in common with other devices, through the server: what changes here is sent, what changes there comes in, and
 * after a gap both are joined. Every tab sends, one of them listens. Runs as long as the page is open; without the
 * server it waits for it.
 */

import { liveQuery } from "dexie";
import * as z from "zod/mini";
import { create } from "zustand";
import { SharedListSchema, type SharedRoast, SharedRoastSchema, type SharedTitle } from "../../core/formats/shared";
import type { BrumaDatabase } from "../../storage/database";
import { roastsOfDinner } from "../../storage/roasts";
import { outgoing, takeAlong, takeIn, tellAgain, typedIn, unshare, wasKept } from "../../storage/sharing";
import { messageOf } from "../../words/faults";
import { fieldsWords } from "../../words/fields";
import { titleShown } from "../../words/titles";
import { toast } from "../ui/toast";
import { whyOf } from "./answer";
import { everyInLife, soon } from "./clock";
import { inOneTab } from "./oneTab";
import { usePaired } from "./pairing";
import { habitsNow } from "./preferences";

export type Link = "none" | "locked" | "open";

interface SharingState {
  /** None: no server that shares; locked: it asks for the pairing code; open: it is listened to. */
  readonly link: Link;
  /** Roasts that the server has and this device has not. */
  readonly offered: readonly SharedTitle[];
}

export const useSharing = create<SharingState>(() => ({ link: "none", offered: [] }));

/** Several edits in one breath are sent as one. */
const BREATH_MS = 300;
const ASK_AGAIN_MS = 5000;

/**
 * Whose changes did not get there, and what was said of it, nothing where the server is away: they are sent again whenever
 * the server is asked what there is.
 */
const untold = new Map<string, string>();

/** What is being sent, and settles once the server has answered and the answer is stored. */
const sending = new Map<string, Promise<void>>();

function send(db: BrumaDatabase, roastId: string): void {
  if (sending.has(roastId)) return;
  sending.set(
    roastId,
    sendAll(db, roastId).finally(() => sending.delete(roastId)),
  );
}

/** Sends what has changed of a roast, and what changes meanwhile; the server hands back what it must be joined with. */
async function sendAll(db: BrumaDatabase, roastId: string): Promise<void> {
  try {
    for (let sent = await outgoing(db, roastId); sent; sent = await outgoing(db, roastId)) {
      const response = await fetch(`/api/roasts/${encodeURIComponent(roastId)}`, {
        method: "PUT",
        headers: { "Content-Type": "application/json" },
        body: JSON.stringify(sent),
      });
      if (response.status === 409) await comeIn(db, SharedRoastSchema.parse(await response.json()));
      else if (response.ok) {
        // Kept with all readings the server has; the roast itself is the one that was sent.
        await wasKept(db, { ...SharedRoastSchema.parse(await response.json()), roast: sent.roast });
      } else if (response.status === 410) {
        await isOwnAgain(db, roastId);
      } else {
        throw new Error(await whyOf(response));
      }
    }
    untold.delete(roastId);
  } catch (error) {
    // The server is away, if only for a moment. Anything else is said, once.
    const why = error instanceof TypeError ? "" : messageOf(error);
    if (why && untold.get(roastId) !== why) toast.error(`The other devices were not told yet: ${why}`);
    untold.set(roastId, why);
  }
}

/** Another device has taken it out of what is in common. */
async function isOwnAgain(db: BrumaDatabase, roastId: string): Promise<void> {
  const roast = await db.roasts.get(roastId);
  await unshare(db, roastId);
  if (roast) toast.info(`“${titleShown(roast, habitsNow())}” is in common no more: this device keeps its own.`);
}

/** A dinner is in common no more, on no device. */
export async function takeOut(db: BrumaDatabase, dinner: string): Promise<void> {
  for (const { id } of await roastsOfDinner(db, dinner)) if (await db.shared.get(id)) await takeRoastOut(db, id);
}

async function takeRoastOut(db: BrumaDatabase, roastId: string): Promise<void> {
  await unshare(db, roastId);
  // What is on its way would come after it, and be kept.
  await sending.get(roastId);
  try {
    const response = await fetch(`/api/roasts/${encodeURIComponent(roastId)}`, {
      method: "DELETE",
    });
    if (!response.ok) throw new Error(await whyOf(response));
  } catch (error) {
    toast.info(`Out of what is in common here; the server still offers it to others (${messageOf(error)}).`);
  }
}

/**
 * What the stream tells. It tells this device's own changes too, and may be quicker with them than the server's answer:
 * taken in before that, they would be held against what has been changed here since, as another device's word.
 */
async function hear(db: BrumaDatabase, shared: SharedRoast): Promise<void> {
  await sending.get(shared.roast.id);
  await comeIn(db, shared);
}

async function comeIn(db: BrumaDatabase, shared: SharedRoast): Promise<void> {
  const conflicts = await takeIn(db, shared);
  if (conflicts.length > 0) {
    toast.info(`Changed on two devices at once: ${fieldsWords(conflicts)}. What the other one set stands.`);
  }
}

/** Asks what there is: whether the server shares, lets this device in, and has what is not here. */
async function look(db: BrumaDatabase): Promise<void> {
  try {
    const response = await fetch("/api/roasts");
    if (response.status === 401) useSharing.setState({ link: "locked", offered: [] });
    // A server without a shelf, or plain files, answers with something else.
    const list = response.ok ? SharedListSchema.safeParse(await response.json().catch(() => null)) : null;
    if (!list?.success) return;
    const here = new Set(await db.shared.toCollection().primaryKeys());
    const there = new Set(list.data.roasts.map(({ id }) => id));
    // A shelf that was emptied gets them again.
    for (const { roastId, revision } of await db.shared.toArray()) {
      if (revision > 0 && !there.has(roastId)) await tellAgain(db, roastId);
    }
    useSharing.setState({ link: "open", offered: list.data.roasts.filter(({ id }) => !here.has(id)) });
  } catch {
    // The server cannot be reached: asked again, and the app goes on by itself meanwhile.
    useSharing.setState({ link: "none", offered: [] });
  }
}

/** Roasts that the server has, taken along. @throws Error when they cannot be had */
export async function takeFromServer(db: BrumaDatabase, ids: readonly string[]): Promise<void> {
  for (const id of ids) {
    const response = await fetch(`/api/roasts/${encodeURIComponent(id)}`);
    if (!response.ok) throw new Error(await whyOf(response));
    await takeAlong(db, SharedRoastSchema.parse(await response.json()));
  }
  await look(db);
}

/** Hears every change until it is ended; comes back by itself when the server does. */
function listen(db: BrumaDatabase): () => void {
  const source = new EventSource("/api/roasts/stream");
  source.onmessage = ({ data }) => {
    const parsed = SharedRoastSchema.safeParse(JSON.parse(data));
    if (parsed.success) void hear(db, parsed.data);
    else toast.error("A shared roast cannot be read by this page: reload it.", { id: "unreadable-shared" });
  };
  source.addEventListener(
    "gone",
    ({ data }) => void isOwnAgain(db, z.object({ id: z.string() }).parse(JSON.parse(data)).id),
  );
  return () => source.close();
}

/** Starts listening and sending; called once the database is open. */
export function startSharing(db: BrumaDatabase): void {
  let end: (() => void) | null = null;
  let ids: readonly string[] = [];
  const sendEach = (): void => {
    for (const id of ids) send(db, id);
  };
  const follow = (): void => {
    const wanted = useSharing.getState().link === "open" && ids.length > 0;
    if (wanted && !end) end = inOneTab("bruma-sharing", () => listen(db));
    if (!wanted && end) {
      end();
      end = null;
    }
  };
  useSharing.subscribe(({ link }, before) => {
    if (link === before.link) return;
    follow();
    if (link === "open") sendEach();
  });
  const lookNow = async (): Promise<void> => {
    await look(db);
    if (useSharing.getState().link === "open") for (const id of untold.keys()) send(db, id);
  };
  void lookNow();
  everyInLife(ASK_AGAIN_MS, () => void lookNow());
  // A phone that slept is not told: it asks at once when it is looked at.
  document.addEventListener("visibilitychange", () => {
    if (document.visibilityState === "visible") void lookNow();
  });
  usePaired.subscribe(() => {
    end?.();
    end = null;
    void lookNow();
  });
  let breath = (): void => undefined;
  liveQuery(async () => {
    const shared = (await db.shared.toCollection().primaryKeys()) as string[];
    // Looked at so that the query runs again when one of them, or what was typed of it, changes.
    await db.roasts.bulkGet(shared);
    await Promise.all(shared.map((id) => typedIn(db, id).count()));
    return shared;
  }).subscribe({
    next: (shared) => {
      ids = shared;
      follow();
      breath();
      breath = soon(BREATH_MS, () => {
        if (useSharing.getState().link === "open") sendEach();
      });
    },
    error: (error: unknown) => toast.error(`Sharing has stopped: ${messageOf(error)}`),
  });
}
