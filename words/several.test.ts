import fc from "fast-check";
import { expect, it } from "vitest";
import { isSoldCut, mostOf } from "../core/bird/mass";
import { WHAT_IFS } from "../core/day/whatIf";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../tests/helpers/anyPlan";
import { conflictWords } from "./conflicts";
import type { ListItem } from "./listItem";
import { listsOf } from "./lists";
import { stageWords } from "./stages";
import { timetableOf } from "./timetable";
import { whatIfName } from "./whatIf";

/** As only of one bird it can be said. */
const OF_ONE =
  /\b(wrap|unwrap|move|turn|hold|stuff|salt|sear|inject|dress) it\b|\bit (has coloured|is wrapped|does not fit|was sold)\b|\b(the|this) bird (is|goes|was|whole|until|on its|turned)\b|\b(in|into) its (bag|tray)\b|\bthe cold bird\b|its brine|\b(dry|tie|open out) the (breast|leg|crown)\b/i;

it("nothing is said of several birds as if there were one, nor of pieces as if they were birds", () => {
  fc.assert(
    fc.property(ANY_PLAN, anyCook, fc.integer({ min: 2, max: 12 }), (any, cook, count) => {
      const plan = { ...any, bird: { ...any.bird, count: Math.min(count, mostOf(any.bird.cut)) } };
      const derived = deriveAny(plan, cook);
      const told = [
        ...timetableOf(plan, derived, "metric").map(({ what, detail }) => `${what}: ${detail}`),
        ...Object.values(listsOf(plan, derived, "metric")).flatMap((items) =>
          items.map(({ what, why = "" }: ListItem) => `${what}: ${why}`),
        ),
        ...derived.conflicts.map((conflict) => conflictWords(conflict, "metric", String)),
        ...plan.stages.slice(1).map((_, n) => stageWords(plan, n + 1, "metric")),
        ...WHAT_IFS.map((id) => whatIfName(id, plan, { stages: plan.stages, done: 0, leaves: [] }, "metric")),
      ];
      for (const words of told) {
        expect(OF_ONE.exec(words)?.[0]).toBeUndefined();
        if (isSoldCut(plan.bird.cut)) expect(/\b(each bird|birds)\b/i.exec(words)?.input).toBeUndefined();
      }
    }),
    plansAsked(200),
  );
});
