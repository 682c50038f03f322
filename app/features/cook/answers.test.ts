import { describe, expect, it, vi } from "vitest";
import type { Acts } from "../../day/acts";
import { answersTo } from "./answers";

const DUE = { does: "", why: "", rings: true };

describe("what a tap on a row that is due notes", () => {
  it("is that it was done", () => {
    const ticks = vi.fn();
    const [done] = answersTo(
      { ...DUE, key: "row season-1", about: { kind: "row", id: "season-1" } },
      { acts: { ticks } as unknown as Acts },
    );
    done?.done();
    expect(ticks).toHaveBeenCalledWith("season-1");
  });

  it("is of the bird that it is in: no row of it is ticked off while it is not", () => {
    const acts = { ticks: vi.fn(), goesIn: vi.fn() };
    const [done] = answersTo(
      { ...DUE, key: "row roast", about: { kind: "row", id: "roast" } },
      { acts: acts as unknown as Acts },
    );
    done?.done();
    expect(acts.goesIn).toHaveBeenCalledOnce();
    expect(acts.ticks).not.toHaveBeenCalled();
  });
});
