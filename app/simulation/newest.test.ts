import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { Superseded } from "../../workers/pool";
import { type Manner, Newest } from "./newest";

/** A question that is answered when the test says so. */
function asked(manner: Manner = {}) {
  const open: { readonly key: string; answer(text: string): void; fail(error: Error): void }[] = [];
  let dropped = 0;
  const newest = new Newest<string>({ ...manner, drop: () => dropped++ });
  const want = (key: string | null): void =>
    newest.want(key, () => new Promise((answer, fail) => open.push({ key: key ?? "", answer, fail })));
  return { newest, open, want, dropped: () => dropped };
}
const turn = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));

describe("one question, asked anew", () => {
  it("keeps the last answer until the next is there, and says that it is stale", async () => {
    const { newest, open, want } = asked();
    want("a");
    expect(newest.get()).toEqual({ answer: null, answered: null, stale: true, fault: null });
    open[0]?.answer("of a");
    await turn();
    expect(newest.get()).toEqual({ answer: "of a", answered: "a", stale: false, fault: null });
    want("b");
    expect(newest.get()).toMatchObject({ answer: "of a", stale: true });
    open[1]?.answer("of b");
    await turn();
    expect(newest.get()).toMatchObject({ answer: "of b", answered: "b", stale: false });
  });

  it("tells nobody where nothing has changed: a screen is drawn anew for it", async () => {
    const { newest, open, want } = asked({ settleMs: 220 });
    let told = 0;
    newest.subscribe(() => told++);
    for (const key of ["a", "b", "c"]) want(key);
    expect(newest.get()).toMatchObject({ answer: null, stale: true });
    expect(open).toEqual([]);
    expect(told).toBe(1);
  });

  it("drops what is under way for something newer, and does not hear its late answer", async () => {
    const { newest, open, want, dropped } = asked();
    want("a");
    want("b");
    expect(dropped()).toBe(1);
    open[1]?.answer("of b");
    open[0]?.answer("of a");
    await turn();
    expect(newest.get().answer).toBe("of b");
  });

  it("lets one that follows finish, and takes the newest next", async () => {
    const { newest, open, want, dropped } = asked({ follows: () => true });
    for (const key of ["a", "b", "c"]) want(key);
    expect(open.map(({ key }) => key)).toEqual(["a"]);
    open[0]?.answer("of a");
    await turn();
    expect(newest.get()).toMatchObject({ answer: "of a", stale: true });
    expect(open.map(({ key }) => key)).toEqual(["a", "c"]);
    expect(dropped()).toBe(0);
  });

  it("tells a fault beside what was last known", async () => {
    const { newest, open, want } = asked();
    want("a");
    open[0]?.answer("of a");
    await turn();
    want("b");
    open[1]?.fail(new Error("no memory"));
    await turn();
    expect(newest.get()).toMatchObject({ answer: "of a", answered: "a", stale: false, fault: "no memory" });
    want("c");
    expect(newest.get().fault).toBeNull();
  });

  it("is no fault when something else took its lane", async () => {
    const { newest, open, want } = asked();
    want("a");
    open[0]?.fail(new Superseded());
    await turn();
    expect(newest.get().fault).toBeNull();
  });

  it("asks nothing twice that is answered, and nothing at all of null", async () => {
    const { newest, open, want } = asked();
    want("a");
    open[0]?.answer("of a");
    await turn();
    want(null);
    want("a");
    expect(open).toHaveLength(1);
    expect(newest.get()).toMatchObject({ answer: "of a", stale: false });
  });

  it("has an answer that was kept without asking, and keeps one that it had to ask for", async () => {
    const shelf = new Map<string, unknown>([["a", "kept of a"]]);
    const kept = {
      recall: async (key: string) => shelf.get(key),
      keep: (key: string, of: unknown) => shelf.set(key, of),
    };
    const { newest, open, want } = asked({ kept });
    want("a");
    await turn();
    expect(open).toEqual([]);
    expect(newest.get()).toMatchObject({ answer: "kept of a", answered: "a", stale: false });
    want("b");
    await turn();
    open[0]?.answer("of b");
    await turn();
    expect(newest.get()).toMatchObject({ answer: "of b", stale: false });
    expect(shelf.get("b")).toBe("of b");
  });

  it("looks for what was kept no more once a hand is followed and has its first answer", async () => {
    const looked: string[] = [];
    const kept = {
      recall: async (key: string) => {
        looked.push(key);
        return undefined;
      },
      keep: () => undefined,
    };
    const { open, want } = asked({ kept, follows: () => true });
    for (const [n, key] of ["a", "b", "c"].entries()) {
      want(key);
      await turn();
      open[n]?.answer(`of ${key}`);
      await turn();
    }
    expect(looked).toEqual(["a"]);
  });

  it("does not ask for what is no longer wanted once it is known that nothing was kept", async () => {
    let answer = (): void => undefined;
    const recall = () => new Promise<unknown>((done) => (answer = () => done(undefined)));
    const { newest, open, want } = asked({ kept: { recall, keep: () => undefined } });
    want("a");
    newest.stop();
    answer();
    await turn();
    expect(open).toEqual([]);
  });

  it("ends with the newest answered, in whatever order questions and answers come", async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.boolean(),
        fc.array(fc.constantFrom("a", "b", "c", "answer"), { minLength: 1, maxLength: 20 }),
        async (follows, acts) => {
          const { newest, open, want } = asked({ follows: () => follows });
          let last = "";
          let next = 0;
          for (const act of acts) {
            if (act === "answer") open[next]?.answer(`of ${open[next++]?.key}`);
            else {
              last = act;
              want(act);
            }
            await turn();
          }
          for (; next < open.length; next++) {
            open[next]?.answer(`of ${open[next]?.key}`);
            await turn();
          }
          if (last) expect(newest.get()).toEqual({ answer: `of ${last}`, answered: last, stale: false, fault: null });
        },
      ),
      { numRuns: 200 },
    );
  });
});
