import { useLiveQuery } from "dexie-react-hooks";
import { memo } from "react";
import { Link } from "react-router";
import { isJointed } from "../../../core/bird/form";
import { carvedUntilMs } from "../../../core/day/leftovers";
import { carveSteps } from "../../../core/kitchen/carveGuides";
import { portionsOf } from "../../../core/kitchen/guests";
import { carveMinOf, slicesFromBone } from "../../../core/plan/carving";
import { isEatenCold } from "../../../core/plan/dayBefore";
import { gravyOf } from "../../../core/plan/gravy";
import { heatNow } from "../../../core/plan/heats";
import { cookStage, type Roast } from "../../../core/plan/roast";
import { saltPlan } from "../../../core/plan/saltPlan";
import { isTied } from "../../../core/plan/tied";
import type { UnitSystem } from "../../../core/units/quantity";
import { roastsOfDinner } from "../../../storage/roasts";
import { liquid, small } from "../../../words/amounts";
import { BROTH_OF, CARVE_WORDS, carvingTools } from "../../../words/guides";
import { LEFTOVERS } from "../../../words/leftovers";
import { heatWords } from "../../../words/names";
import { toBeSeen } from "../../../words/readIn";
import { clockTime, countdown } from "../../../words/time";
import { itOrThey, namesIn, titleShown } from "../../../words/titles";
import { GuideSteps } from "../../bird-view/GuideSteps";
import { useDay } from "../../day/roastDay";
import { database } from "../../shell/database";
import { PageHeading } from "../../shell/PageHeading";
import { useHabits } from "../../shell/preferences";
import { Caution } from "../../ui/Caution";
import { Fact } from "../../ui/Doubt";
import { OtherRoasts } from "../../ui/OtherRoasts";
import { useNow } from "../../ui/useNow";
import { After } from "./After";

interface Board {
  readonly roast: Roast;
  readonly units: UnitSystem;
}

/** The board: the order of the knife on drawings of this bird, what each plate gets, and the clock of what is left. */
export function CarveBoard({ roast }: { readonly roast: Roast }) {
  const reader = useHabits();
  const { units } = reader;
  const stage = cookStage(roast);
  const together = useLiveQuery(() => roastsOfDinner(database(), roast.dinner), [roast.dinner]) ?? [];
  const others = together.filter(({ id }) => id !== roast.id);
  const names = namesIn([roast, ...others]);
  return (
    <div className="mx-auto grid w-full max-w-3xl gap-5 py-2">
      <PageHeading className="text-4xl" title={`Carve: ${titleShown(roast, reader)}`}>
        {others.length > 0 ? `Carve: ${names.get(roast.id)}` : "Carve"}
      </PageHeading>
      <OtherRoasts of={others} under="Of the same dinner" page="carve" names={names} />
      {stage === "done" ? (
        <AtTheKnife roast={roast} units={units} />
      ) : (
        <>
          {stage === "kept" ? <ForTomorrow roast={roast} /> : <NotYet roast={roast} units={units} />}
          <Guide roast={roast} units={units} />
        </>
      )}
    </div>
  );
}

/** What each plate gets, what to have to hand, and the order of the knife. */
const Guide = memo(function Guide({ roast, units }: Board) {
  const { bird, table } = roast.plan;
  const fromBone = slicesFromBone(roast.plan);
  const isForTomorrow = roast.plan.roasted === "day-before";
  const portions = portionsOf(table, bird.massKg * bird.count, bird.species, bird.cut);
  const gravy = gravyOf(roast.plan, saltPlan(roast.plan).meatPercentMost);
  return (
    <>
      <div className="grid grid-cols-3 gap-4 max-sm:grid-cols-2">
        <Fact
          label={`For each of ${portions.heads}`}
          value={small(portions.eachKg * 1000, units)}
          note={portionNote(portions, units)}
        />
        <Fact
          label="At the board"
          value={`${Math.round(carveMinOf(roast.plan))} min`}
          note={
            isForTomorrow
              ? "and at once into the fridge"
              : gravy
                ? "platter, plates and jug warm"
                : "platter and plates warm"
          }
        />
        {gravy && <Fact label="Gravy" value={liquid(gravy.finishedMl, units)} note="taste, then salt" />}
      </div>
      <p className="text-soft">
        To hand: {carvingTools(isForTomorrow).join(", ")}.
        {isForTomorrow && " What goes onto a platter below goes into the trays, no deeper than two fingers."}
        {fromBone
          ? ` Bring it whole, on a board that does not slide; plates${gravy ? " and gravy" : ""} stand warm beside it.`
          : isJointed(bird.cut) && " If the whole bird is to be seen, show it first, then carve in the kitchen."}
      </p>
      <GuideSteps
        steps={carveSteps(bird.species, bird.cut, { cavity: bird.cavity, fromBone, isTied: isTied(roast.plan) }).map(
          (step) => ({
            id: step.id,
            step,
            words: CARVE_WORDS[step.id],
          }),
        )}
        species={bird.species}
        size="board"
        solid="roasted"
      />
      {BROTH_OF[bird.cut].length > 0 && (
        <p>
          <b>For broth:</b> {BROTH_OF[bird.cut].join(", ")}. Within two hours into the fridge or the pot; simmered two
          hours it keeps three days.
        </p>
      )}
      <Caution>Blade away from the hand; juice on a board is slippery.</Caution>
    </>
  );
});

/** With the knife in hand its order comes first, and what is left below; once that is called it is the other way round. */
function AtTheKnife({ roast, units }: Board) {
  const reader = useHabits();
  const now = useNow();
  // By their keys they keep what was chosen in them when they change places.
  const guide = <Guide key="guide" roast={roast} units={units} />;
  const after = <After key="after" roast={roast} units={units} />;
  const byMs = carvedUntilMs(roast, now);
  if (byMs === null) return [after, guide];
  return [
    <p key="below" className="text-lg">
      {LEFTOVERS} by <b>{clockTime(byMs, roast.plan.zone, reader)}</b>: below, once you have eaten.
    </p>,
    guide,
    after,
  ];
}

/** Carved the day before: the clock of the fridge, and what its dinner still wants, stand at the stove. */
const ForTomorrow = ({ roast }: { readonly roast: Roast }) => (
  <p className="text-xl">
    Carved for its dinner.{" "}
    <Link to={`/roast/${roast.id}/cook`} className="underline underline-offset-4">
      Into the fridge, and {isEatenCold(roast.plan) ? "cold to its table" : "hot again"}: at the stove
    </Link>
  </p>
);

/** Before the knife: how long it has rested, and what has to have been seen; or that it is not to be carved as it is. */
function NotYet({ roast, units }: Board) {
  const now = useNow();
  const day = useDay(roast.id);
  const { plan, happened } = roast;
  const { pulledAt } = happened;
  if (day?.rest?.fallsShort) {
    return (
      <Caution>
        Not yet: left to rest, {itOrThey(plan.bird)} would not show {toBeSeen(plan, units)}.{" "}
        <Link to={`/roast/${roast.id}/cook`} className="underline underline-offset-4">
          Back {heatWords(heatNow(roast)).into}: at the stove
        </Link>
      </Caution>
    );
  }
  return (
    <p className="text-lg">
      {pulledAt && `${plan.bird.count > 1 ? "They have" : "It has"} rested ${countdown(now - Date.parse(pulledAt))}. `}
      The thermometer has shown {toBeSeen(plan, units)}? Then carve.
    </p>
  );
}

const portionNote = ({ heads, lightKg, darkKg }: ReturnType<typeof portionsOf>, units: UnitSystem): string =>
  lightKg > 0 && darkKg > 0
    ? `${small((1000 * lightKg) / heads, units)} light, ${small((1000 * darkKg) / heads, units)} dark`
    : lightKg > 0
      ? "all of it light"
      : "all of it dark";
