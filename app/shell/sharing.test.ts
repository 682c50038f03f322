/** Sharing from one device's side: a server and a stream that are stand-ins. */
import "fake-indexeddb/auto";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { SHARED_VERSION, type SharedRoast } from "../../core/formats/shared";
import { BrumaDatabase } from "../../storage/database";
import { changeRoast, saveRoast } from "../../storage/roasts";
import { share } from "../../storage/sharing";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { toast } from "../ui/toast";
import { startSharing, takeOut } from "./sharing";

const NOW = "2026-09-27T08:00:00.000Z";
const EARLIER = "2026-09-27T06:00:00.000Z";

/** The stream as the page listens to it. */
class Stream {
  static opened: Stream[] = [];
  onmessage: (event: { data: string }) => void = () => undefined;
  constructor() {
    Stream.opened.push(this);
  }
  addEventListener(): void {}
  close(): void {}
}

interface Put {
  readonly sent: SharedRoast;
  answer(): void;
}

describe("a roast in common", () => {
  let db: BrumaDatabase;
  let puts: Put[];
  let taken: number;
  /** So often nothing was sent, while the network is gone; whoever looks meets it before or after. */
  let gone: number | null;
  let answerGone: () => Promise<Response>;
  let lookAgain: () => void;
  /** Each test's own: the page of the one before may still be sending. */
  let id: string;
  const listed = () => ({ id, dinner: id, title: "One", serveAt: NOW, zone: "UTC" });
  beforeEach(async () => {
    puts = [];
    taken = 0;
    gone = null;
    id = crypto.randomUUID();
    Stream.opened = [];
    vi.stubGlobal("EventSource", Stream);
    vi.stubGlobal("navigator", { language: "en-GB" });
    vi.stubGlobal("document", {
      addEventListener: (_: string, heard: () => void) => {
        lookAgain = heard;
      },
      visibilityState: "visible",
    });
    vi.stubGlobal("fetch", (_url: string, init?: { method?: string; body?: string }) => {
      if (gone !== null && init?.method === "PUT") {
        gone++;
        return answerGone();
      }
      if (init?.method === "DELETE") {
        taken++;
        return Promise.resolve(new Response(null, { status: 204 }));
      }
      // A shelf that was emptied would be told again.
      if (init?.method !== "PUT")
        return Promise.resolve(Response.json({ version: SHARED_VERSION, roasts: [listed()] }));
      const sent = JSON.parse(init.body ?? "") as SharedRoast;
      return new Promise((resolve) => {
        if (sent.roast.id === id)
          puts.push({ sent, answer: () => resolve(Response.json({ ...sent, revision: sent.revision + 1 })) });
      });
    });
    db = new BrumaDatabase(`sharing-${Math.random()}`);
    await saveRoast(db, sampleRoast(id));
    await share(db, id);
    startSharing(db);
  });
  afterEach(() => vi.unstubAllGlobals());

  const put = (n: number): Promise<Put> => vi.waitUntil(() => puts[n], { timeout: 5000, interval: 20 });
  const goesIn = (inAt: string) =>
    changeRoast(db, id, (roast) => ({ ...roast, happened: { ...roast.happened, inAt } }));

  it("keeps what is changed while it is being sent: its own echo is no other device's word", async () => {
    (await put(0)).answer();
    await goesIn(NOW);
    const first = await put(1);
    expect(first.sent.roast.happened.inAt).toBe(NOW);
    // Put right while the answer is still on its way; the stream tells what was sent before the answer is there.
    await goesIn(EARLIER);
    const [stream] = Stream.opened;
    stream?.onmessage({ data: JSON.stringify({ ...first.sent, revision: first.sent.revision + 1 }) });
    first.answer();
    const last = await put(2);
    expect(last.sent.roast.happened.inAt).toBe(EARLIER);
    last.answer();
    expect((await db.roasts.get(id))?.happened.inAt).toBe(EARLIER);
  });

  it.each([
    ["the network was gone", () => Promise.reject(new TypeError("Failed to fetch"))],
    ["the server was full", () => Promise.resolve(Response.json({ error: "no room" }, { status: 507 }))],
  ])("is sent again where %s for a moment only, between two looks at what there is", async (_, answered) => {
    answerGone = answered;
    (await put(0)).answer();
    gone = 0;
    await goesIn(NOW);
    // Tried at once, and once more.
    await vi.waitUntil(() => gone, { timeout: 5000, interval: 20 });
    lookAgain();
    await vi.waitUntil(() => (gone ?? 0) > 1, { timeout: 5000, interval: 20 });
    gone = null;
    lookAgain();
    expect((await put(1)).sent.roast.happened.inAt).toBe(NOW);
  });

  it("says why it was refused, once, though the network was gone before that", async () => {
    const says = vi.spyOn(toast, "error");
    const again = async (answered: () => Promise<Response>): Promise<void> => {
      const before = gone ?? 0;
      answerGone = answered;
      lookAgain();
      await vi.waitUntil(() => (gone ?? 0) > before, { timeout: 5000, interval: 20 });
    };
    const full = () => Promise.resolve(Response.json({ error: "no room" }, { status: 507 }));
    answerGone = () => Promise.reject(new TypeError("Failed to fetch"));
    (await put(0)).answer();
    gone = 0;
    await goesIn(NOW);
    await vi.waitUntil(() => gone, { timeout: 5000, interval: 20 });
    await again(full);
    await again(full);
    await again(full);
    const told = says.mock.calls.filter(([words]) => String(words).startsWith("The other devices were not told yet"));
    expect(told).toHaveLength(1);
    says.mockRestore();
    gone = null;
    lookAgain();
    (await put(1)).answer();
  });

  it("that is taken out while it is being sent is taken out after it: the server does not keep it for others", async () => {
    const sending = await put(0);
    const out = takeOut(db, sampleRoast(id).dinner);
    await vi.waitUntil(async () => (await db.shared.count()) === 0, { timeout: 5000, interval: 20 });
    expect(taken).toBe(0);
    sending.answer();
    await out;
    expect(taken).toBe(1);
    expect(await db.shared.count()).toBe(0);
  });
});
