import { useCallback, useEffect, useState } from "react";
import { SPECIES, type Species } from "../../../../core/bird/species";
import { NEVER } from "../../../../core/forecast/shares";
import { METHODS } from "../../../../core/plan/methods";
import type { Plan } from "../../../../core/plan/schema";
import { formatDuration, formatMass, KG_PER_POUND, type UnitSystem } from "../../../../core/units/quantity";
import { MINUTE_MS } from "../../../../core/units/time";
import { WEIGHED_BY } from "../../../../words/amounts";
import { METHOD_WORDS } from "../../../../words/methods";
import { CUT_NAMES } from "../../../../words/names";
import { SPECIES_NAMES } from "../../../../words/species";
import { giveOrTake } from "../../../../words/time";
import { usePreferences } from "../../../shell/preferences";
import { useSimulatedPlan } from "../../../simulation/useSimulatedPlan";
import { Segmented } from "../../../ui/Segmented";
import { planOf, weightsKg } from "../birds";
import { Waiting } from "./Answers";

const CUTS = ["whole", "spatchcock", "parts"] as const;

interface Roasted {
  readonly minutes: number;
  readonly p10: number;
  readonly p90: number;
}

/** Times over weights for one species, cut and way: each as its simulation comes, with its doubt. */
export function HowLong() {
  const { units } = usePreferences();
  const [species, setSpecies] = useState<Species>("turkey");
  const [cut, setCut] = useState<(typeof CUTS)[number]>("whole");
  const ways = METHODS.filter(({ cuts }) => cuts.includes(cut));
  const [asked, setMethod] = useState<Plan["method"]>("steady");
  const method = ways.some(({ id }) => id === asked) ? asked : "steady";
  const weights = weightsKg(species, units);
  const [known, setKnown] = useState<ReadonlyMap<string, Roasted>>(new Map());
  const keyOf = (massKg: number): string => `${units} ${species} ${cut} ${method} ${massKg}`;
  const keep = useCallback(
    (key: string, roasted: Roasted) => setKnown((before) => new Map(before).set(key, roasted)),
    [],
  );
  const longest = Math.max(60, ...weights.map((massKg) => known.get(keyOf(massKg))?.p90 ?? 0));
  return (
    <div className="grid gap-3">
      <Segmented<Species>
        label="Species"
        value={species}
        choices={SPECIES.map((value) => ({ value, label: SPECIES_NAMES[value] }))}
        onChange={setSpecies}
      />
      <Segmented<(typeof CUTS)[number]>
        label="Cut"
        value={cut}
        choices={CUTS.map((value) => ({ value, label: CUT_NAMES[value] }))}
        onChange={setCut}
      />
      <Segmented<Plan["method"]>
        label="Way"
        value={method}
        choices={ways.map(({ id }) => ({ value: id, label: METHOD_WORDS[id].short }))}
        onChange={setMethod}
      />
      <table className="w-full text-left">
        <caption className="pb-1 text-left text-sm text-soft">
          {SPECIES_NAMES[species]}, {CUT_NAMES[cut].toLowerCase()}, {METHOD_WORDS[method].name.toLowerCase()}; from the
          fridge, unstuffed
        </caption>
        <thead>
          <tr className="border-b border-line-strong text-soft">
            <th scope="col" className="py-1.5 pr-4 font-medium">
              As bought
            </th>
            <th scope="col" className="py-1.5 pr-4 text-right font-medium">
              In the heat
            </th>
            <th scope="col" className="w-1/3 py-1.5 pr-4 font-medium max-sm:hidden">
              <span className="sr-only">Drawn, with its doubt</span>
            </th>
            <th scope="col" className="py-1.5 text-right font-medium">
              Each {WEIGHED_BY[units]}
            </th>
          </tr>
        </thead>
        <tbody>
          {weights.map((massKg) => (
            <Row
              key={keyOf(massKg)}
              id={keyOf(massKg)}
              plan={planOf({ species, cut, massKg, method }, units)}
              units={units}
              longest={longest}
              onKnown={keep}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface RowProps {
  readonly id: string;
  readonly plan: Plan;
  readonly units: UnitSystem;
  /** Minutes that the drawing is wide. */
  readonly longest: number;
  onKnown(id: string, roasted: Roasted): void;
}

function Row({ id, plan, units, longest, onKnown }: RowProps) {
  const { massKg } = plan.bird;
  const { cook, neverMet, shares, refining, fault } = useSimulatedPlan(plan);
  const minutes = cook?.pullMinute ?? null;
  const p90 = minutes === null || shares.p90 === NEVER ? null : minutes * shares.p90;
  const p10 = minutes === null ? null : minutes * shares.p10;
  const shown = useShown(id, minutes !== null && p10 !== null && p90 !== null ? { minutes, p10, p90 } : null, onKnown);
  const left = (minute: number): string => `${(100 * minute) / longest}%`;
  return (
    <tr className="border-b border-line last:border-0">
      <th scope="row" className="py-1.5 pr-4 font-normal">
        {formatMass(massKg, units)}
      </th>
      <td className="py-1.5 pr-4 text-right">
        {fault ??
          (neverMet ? "never gets there" : null) ??
          (shown ? (
            <>
              <b>{formatDuration(shown.minutes * 60)}</b>
              <span className="block text-sm text-soft">
                {refining ? "refining …" : giveOrTake(shown.p10 * MINUTE_MS, shown.p90 * MINUTE_MS)}
              </span>
            </>
          ) : (
            <Waiting />
          ))}
      </td>
      <td className="py-1.5 pr-4 max-sm:hidden">
        {shown && (
          <span aria-hidden className="relative block h-3 rounded-full bg-mist-2">
            <span
              className="absolute inset-y-0 rounded-full bg-ember opacity-35"
              style={{ left: left(shown.p10), width: left(shown.p90 - shown.p10) }}
            />
            <span className="absolute inset-y-0 w-[3px] bg-ember" style={{ left: left(shown.minutes) }} />
          </span>
        )}
      </td>
      <td className="py-1.5 text-right">
        {shown && `${Math.round(shown.minutes / (units === "us" ? massKg / KG_PER_POUND : massKg))} min`}
      </td>
    </tr>
  );
}

/** What a row shows, told to the table too: the drawing is as wide as the longest of them. */
function useShown(id: string, roasted: Roasted | null, onKnown: RowProps["onKnown"]): Roasted | null {
  // biome-ignore lint/correctness/useExhaustiveDependencies: its numbers stand for it
  useEffect(() => {
    if (roasted) onKnown(id, roasted);
  }, [id, roasted?.minutes, roasted?.p10, roasted?.p90, onKnown]);
  return roasted;
}
