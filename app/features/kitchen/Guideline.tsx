import { useLiveQuery } from "dexie-react-hooks";
import { GUIDELINES, type GuidelineId, guidelineFor } from "../../../core/safety/guideline";
import { formatTemperature } from "../../../core/units/quantity";
import { changeKitchen, kitchenOf } from "../../../storage/kitchen";
import { database } from "../../shell/database";
import { usePreferences } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Segmented } from "../../ui/Segmented";
import { Why } from "../../ui/Why";

/** What each asks. */
const SAYS: Record<GuidelineId, string> = {
  "at-once": "Seen once at every centre, stuffing too: nothing has to be timed.",
  held: "Less hot, and still there two minutes later: the stove asks for the second look.",
  "whole-hotter": "For whole and spatchcocked birds; pieces and stuffing as elsewhere.",
};

/** Which guideline the cook's own food-safety authority gives: every new roast aims at it, and those still planned follow. */
export function Guideline() {
  const { units } = usePreferences();
  const kitchen = useLiveQuery(() => kitchenOf(database(), units), [units]);
  if (!kitchen) return null;
  const chosen = kitchen.guideline ?? "at-once";
  const named = (id: GuidelineId): string => {
    const { meatC, heldMin } = guidelineFor(id, "whole");
    const hot = formatTemperature(meatC, units);
    return heldMin > 0 ? `${hot} for ${heldMin} min` : id === "at-once" ? `${hot} at once` : `${hot}, whole birds`;
  };
  return (
    <section className="grid gap-3" aria-labelledby="guideline-title">
      <div>
        <h2 id="guideline-title" className="text-xl">
          What counts as done
        </h2>
        <p className="text-soft">
          Countries differ: take what your local food-safety authority asks. New roasts aim at it, and those still
          planned follow.
        </p>
      </div>
      <Segmented
        label="Guideline"
        value={chosen}
        choices={GUIDELINES.map((value) => ({ value, label: named(value) }))}
        onChange={(guideline) =>
          void stored(
            "The guideline was",
            changeKitchen(database(), () => ({ guideline }), units),
          )
        }
      />
      <p className="text-sm text-soft">{SAYS[chosen]}</p>
      <Why id="guideline" />
    </section>
  );
}
