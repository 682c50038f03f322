import type { Change } from "../../../core/plan/edits";
import type { Plan } from "../../../core/plan/schema";
import { useComparisons } from "../../simulation/useComparisons";

interface Props {
  readonly plan: Plan;
  /** The same plan without what is asked about. */
  readonly without: Change;
  /** What it is held against, in words. */
  readonly against: string;
}

const minutesWords = (minutes: number): string => {
  const rounded = Math.round(minutes);
  if (rounded === 0) return "no time";
  return `${Math.abs(rounded)} min ${rounded > 0 ? "more" : "less"}`;
};
const juiceWords = (share: number): string => {
  const percent = Math.round(100 * share);
  if (percent === 0) return "nothing of the breast's juice";
  return `${Math.abs(percent)} % of the breast's juice ${percent < 0 ? "lost" : "won"}`;
};

/** What one choice costs this very bird: cooked once with it and once without. */
export function Cost({ plan, without, against }: Props) {
  const [as, bare] = useComparisons([plan, without(plan)], "settled");
  const says = ((): string => {
    if (as?.kind === "failed" || bare?.kind === "failed") return "one of the two never gets done";
    if (as?.kind !== "compared" || bare?.kind !== "compared") return "simulating …";
    const [a, b] = [as.comparison, bare.comparison];
    const juice =
      a.juicesBreast === null || b.juicesBreast === null ? "" : `, ${juiceWords(a.juicesBreast - b.juicesBreast)}`;
    return `${minutesWords(a.roastMin - b.roastMin)}${juice}`;
  })();
  return (
    <p className="text-sm" role="status">
      Against {against}: <b>{says}</b>.
    </p>
  );
}
