import { describe, expect, it } from "vitest";
import { READERS } from "../../../tests/helpers/readers";
import { sectionAt } from "../../../words/handbook/chapters";
import { handbookSearch } from "./search";

const search = handbookSearch(READERS.metric);

describe("the handbook's search", () => {
  it.each([
    ["wash", "cleaning/wash"],
    ["wash the bird", "cleaning/wash"],
    ["probe deep", "probing/where"],
    ["leg done before breast", "trouble/leg-first"],
    ["how long", "heating/how-long"],
    ["brined faster", "salting/faster"],
    ["lumps gravy", "gravy/rescues"],
    ["butterflied", "glossary/words#spatchcocked"],
    ["two hours", "keeping/two-hours"],
    ["pop-up", "cleaning/pop-up"],
    ["thaw water", "thawing/how-long"],
    ["stuffing raw", "dressing/stuffing"],
  ])("finds for “%s” %s among the first three", (query, to) => {
    expect(
      search(query)
        .slice(0, 3)
        .map((found) => found.to),
    ).toContain(to);
  });

  it("forgives a slip, finds nothing for nonsense, and leads nowhere that is not there", () => {
    expect(search("spachcock").map(({ to }) => to)).toContain("glossary/words#spatchcocked");
    expect(search("qqqqzzzz")).toEqual([]);
    for (const { to } of search("the")) expect(to.startsWith("glossary/") || sectionAt(to), to).toBeTruthy();
  });
});
