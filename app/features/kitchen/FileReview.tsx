import { useState } from "react";
import type { Standing } from "../../../core/formats/standing";
import type { Chosen, Review } from "../../../storage/files";
import { dayAndTime, type Reader } from "../../../words/time";
import { titleShown } from "../../../words/titles";
import { useHabits } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Toggle } from "../../ui/Toggle";

interface Props {
  readonly name: string;
  readonly review: Review;
  onTake(choice: Chosen): void;
  onLeave(): void;
}

/** Taken without a question: nothing that is here is lost by it. */
const SAFE: readonly Standing[] = ["new", "newer"];
/** Replaced only when the cook says so, one by one. */
const ASKED: readonly Standing[] = ["older", "different"];
const LISTED = 100;
const NAMED = 8;

const WORDS: Record<Standing, (count: number) => string> = {
  new: (count) => `${count} not here yet`,
  newer: (count) => `${count} with more in it than here`,
  same: (count) => `${count} the same as here`,
  older: (count) => `${count} with less in it than here`,
  different: (count) => `${count} where file and device each have something of their own`,
};

/** The first of those that are taken unasked, by name. */
function namesOf(roasts: Review["roasts"], reader: Reader): string {
  const more = roasts.length - NAMED;
  const names = roasts.slice(0, NAMED).map(({ roast }) => `“${titleShown(roast, reader)}”`);
  return `Taken in: ${names.join(", ")}${more > 0 ? ` and ${more} more` : ""}. Nothing that is here is lost by it.`;
}

/** What a file would change, before it changes anything. */
export function FileReview({ name, review: { roasts, kitchen, preferences }, onTake, onLeave }: Props) {
  const reader = useHabits();
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [withKitchen, setWithKitchen] = useState(false);
  const [withPreferences, setWithPreferences] = useState(false);
  const safe = roasts.filter(({ standing }) => SAFE.includes(standing));
  const asked = roasts.filter(({ standing }) => ASKED.includes(standing));
  const counts = (Object.keys(WORDS) as Standing[]).flatMap((standing) => {
    const count = roasts.filter((each) => each.standing === standing).length;
    return count > 0 ? [WORDS[standing](count)] : [];
  });
  const chosen = new Set([...safe.map(({ roast }) => roast.id), ...ticked]);
  const isNothing = chosen.size === 0 && !withKitchen && !withPreferences;
  return (
    <section aria-label={`What is in ${name}`} className="grid gap-3 rounded-2xl border border-line-strong p-4">
      <h3 className="text-lg font-semibold">In {name}</h3>
      <p>Roasts: {counts.length > 0 ? counts.join("; ") : "none"}.</p>
      {safe.length > 0 && <p className="text-soft">{namesOf(safe, reader)}</p>}
      {asked.length > 0 && (
        <fieldset className="grid gap-1">
          <legend className="mb-1">These stay as they are here, unless the file's is to take their place:</legend>
          {asked.slice(0, LISTED).map(({ roast, standing }) => (
            <Toggle
              key={roast.id}
              label={`${titleShown(roast, reader)}, on the table ${dayAndTime(Date.parse(roast.plan.serveAt), roast.plan.zone, reader)}: the file has ${standing === "older" ? "less" : "something else"}`}
              checked={ticked.has(roast.id)}
              onChange={(on) => {
                const next = new Set(ticked);
                if (on) next.add(roast.id);
                else next.delete(roast.id);
                setTicked(next);
              }}
            />
          ))}
          {asked.length > LISTED && <p>{asked.length - LISTED} more stay as they are here.</p>}
        </fieldset>
      )}
      {kitchen === "other" && (
        <Toggle
          label="The file's kitchen and its thermometer's calibration in the place of this one's"
          checked={withKitchen}
          onChange={setWithKitchen}
        />
      )}
      {preferences === "other" && (
        <Toggle label="The file's units and colours too" checked={withPreferences} onChange={setWithPreferences} />
      )}
      <div className="flex flex-wrap gap-2">
        <Button
          tone="primary"
          disabled={isNothing}
          onClick={() => onTake({ roasts: chosen, kitchen: withKitchen, preferences: withPreferences })}
        >
          {chosen.size === 0 ? "Take it in" : `Take in ${chosen.size} ${chosen.size === 1 ? "roast" : "roasts"}`}
        </Button>
        <Button onClick={onLeave}>Leave everything as it is</Button>
      </div>
    </section>
  );
}
