import { constant } from "../../core/constants";
import type { PlannedDone } from "../../core/forecast/planned";
import type { CookStage } from "../../core/plan/roast";
import type { Plan } from "../../core/plan/schema";
import { decidingCentres, guidelineOf, shortTargetC, unreadCentre } from "../../core/plan/targets";
import { meetsGuideline } from "../../core/safety/guideline";
import type { DerivedPlan } from "../../core/schedule/derive";
import { formatTemperature } from "../../core/units/quantity";
import { guidelineWords } from "../../words/guideline";
import { longRestWords } from "../../words/longRest";
import { PART_NAMES } from "../../words/names";
import { whereRead } from "../../words/readIn";
import { survivorsWords } from "../../words/safety";
import { usePreferences } from "../shell/preferences";
import { Caution } from "./Caution";

interface Props {
  readonly plan: Plan;
  readonly cook: PlannedDone | null;
  /** As its day stands. */
  readonly derived: DerivedPlan | null;
  readonly stage?: CookStage;
  /** Of a bird that is in: how long it stays good at rest, min. */
  readonly goodForMin?: number | undefined;
  /** At the stove, where they were read in the plan: what was computed and what was not is a tap below. */
  readonly isBrief?: boolean;
}

/** What of a plan lies outside the usual guidance, said before anything else: what was computed of it, and what was not. */
export function SafetyNotices({
  plan,
  cook,
  derived,
  stage = "planned",
  goodForMin = constant("longestRestMin"),
  isBrief = false,
}: Props) {
  const { units } = usePreferences();
  const guideline = guidelineWords(plan, units);
  const shortC = shortTargetC(plan);
  const unread = unreadCentre(plan);
  const unreadPeakC = unread && cook?.peak[unread]?.celsius;
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const restMin = derived?.schedule.restMin.expected ?? 0;
  const longRest = longRestWords({ plan, stage, restMin, goodForMin });
  const chill = cook?.dayAfter?.chill;
  const isUnreadShort = unreadPeakC !== undefined && !meetsGuideline(unreadPeakC, guidelineOf(plan).meatC);
  const peakWords = unreadPeakC === undefined ? "not known yet" : `at ${t(unreadPeakC)}, computed`;
  return (
    <>
      {shortC !== undefined && (
        <Told
          says={`The target of ${t(shortC)} is below the guideline of ${guideline}.`}
          more={`${cook ? `Computed at the coldest point, through roast and rest: ${survivorsWords(cook.logReduction)}. ` : ""}Not computed: the surface, the kitchen, who eats. Follow your local food-safety authority.`}
          isBrief={isBrief}
        />
      )}
      {unread && plan.finish.kind !== "time" && (
        <Told
          says={`Only ${whereRead(plan)} ${decidingCentres(plan).length > 1 ? "are" : "is"} read${isUnreadShort ? `, and the ${PART_NAMES[unread]} is below the guideline then` : ""}.`}
          more={`By then a usual bird's ${PART_NAMES[unread]} is ${peakWords}; the usual guidance reads both.`}
          isBrief={isBrief}
        />
      )}
      {longRest && <Caution>{longRest}</Caution>}
      {chill && !chill.keepsTheRule && (
        <Caution>
          Carved the day before, the trays would cool too slowly: spread the meat over more of them, and leave them open
          until they are cold.
        </Caution>
      )}
    </>
  );
}

interface ToldProps {
  readonly says: string;
  readonly more: string;
  readonly isBrief: boolean;
}

const Told = ({ says, more, isBrief }: ToldProps) =>
  isBrief ? (
    <Caution more={more}>{says}</Caution>
  ) : (
    <Caution>
      {says} {more}
    </Caution>
  );
