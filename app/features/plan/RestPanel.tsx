import { verdict } from "../../../core/safety/guideline";
import { formatTemperature } from "../../../core/units/quantity";
import { Segmented } from "../../ui/Segmented";
import { fieldTime, instantOf } from "../../ui/time";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";

export function RestPanel({ plan, cook, units }: PanelProps) {
  const { settle } = usePlanStore();
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const judged = verdict(cook.peak.breast.celsius, cook.peak.thigh.celsius, cook.logReduction);
  return (
    <>
      <label className="text-sm text-soft">
        On the table
        <input
          type="datetime-local"
          value={fieldTime(Date.parse(plan.serveAt), plan.zone)}
          onChange={(event) => {
            const ms = instantOf(event.target.value, plan.zone);
            if (!Number.isNaN(ms)) settle((before) => ({ ...before, serveAt: new Date(ms).toISOString() }));
          }}
          className="mt-1 block min-h-10 w-full rounded-xl border border-line-strong bg-mist-1 px-3 text-base text-ink"
        />
      </label>
      <p className="text-sm text-soft">While it rests</p>
      <Segmented
        label="Cover at rest"
        value={plan.cover}
        choices={[
          { value: "none", label: "Bare" },
          { value: "foil", label: "Loose foil" },
          { value: "towels", label: "Foil and towels" },
        ]}
        onChange={(cover) => settle((before) => ({ ...before, cover }))}
      />
      <p className="text-[0.95rem]">
        {judged.kind === "meets-guideline" ? (
          <>Both centres are seen at or above the guideline before carving. </>
        ) : (
          <>Not all of it reaches the guideline: the lower centre peaks at {t(judged.highestC)}. </>
        )}
        <span className="text-soft">
          Peak {t(cook.peak.breast.celsius)} breast, {t(cook.peak.thigh.celsius)} thigh. Coldest computed point at
          carving: {t(cook.atCarve.coldestC)}; {cook.logReduction > 30 ? "over 30" : cook.logReduction.toFixed(1)}{" "}
          decimal reductions of Salmonella computed there, at about 1 % fat. A thermometer decides, not this.
        </span>
      </p>
    </>
  );
}
