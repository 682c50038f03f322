import { withSeason } from "../../../core/plan/edits";
import { usesFire } from "../../../core/plan/heats";
import type { Plan } from "../../../core/plan/schema";
import { glazePasses } from "../../../core/plan/season";
import { parseMinutes } from "../../../core/units/quantity";
import { isMisted, WATER_MIST } from "../../../words/basting";
import { Button } from "../../ui/Button";
import { UnitField } from "../../ui/UnitField";
import { usePlanStore } from "./planStore";

/** No roast is basted later, min. */
const LATEST_MIN = 600;
/** Oftener nobody keeps up, and more seldom is not at all, min. */
const OFTENEST_MIN = 5;
const SELDOMEST_MIN = 120;

/** How often it is basted, between which minutes, and with what. */
export function BasteRows({ plan }: { readonly plan: Plan }) {
  const { season } = plan;
  const { settle } = usePlanStore();
  const end = glazePasses(plan) > 0 ? "the glaze" : "the end";
  return (
    <>
      <div className="grid grid-cols-3 gap-2">
        <UnitField
          label="Every, min"
          shown={`${season.basteEveryMin}`}
          parse={(text) => parseMinutes("between bastings", text, OFTENEST_MIN, SELDOMEST_MIN)}
          onChange={(basteEveryMin) => settle(withSeason({ basteEveryMin }))}
        />
        <UnitField
          label="From minute"
          shown={`${season.basteFromMin}`}
          parse={(text) => parseMinutes("first basting", text, 0, LATEST_MIN)}
          onChange={(basteFromMin) => settle(withSeason({ basteFromMin }))}
        />
        <UnitField
          label="Until minute"
          shown={season.basteUntilMin === null ? end : `${season.basteUntilMin}`}
          parse={(text) =>
            text.trim() === "" || /end|glaze/i.test(text) ? null : parseMinutes("last basting", text, 0, LATEST_MIN)
          }
          onChange={(basteUntilMin) => settle(withSeason({ basteUntilMin }))}
        />
      </div>
      <label className="text-sm text-soft">
        With
        <input
          defaultValue={season.basteWith}
          key={season.basteWith}
          placeholder="its own drippings"
          maxLength={60}
          onBlur={({ target }) => {
            const basteWith = target.value.replace(/\s+/g, " ").trim();
            if (basteWith !== season.basteWith) settle(withSeason({ basteWith }));
          }}
          className="mt-1 block min-h-10 w-full rounded-xl border border-line-strong bg-mist-1 px-3 text-base text-ink"
        />
      </label>
      {usesFire(plan) && !isMisted(season) && (
        <Button size="small" onClick={() => settle(withSeason({ basteWith: WATER_MIST }))}>
          With {WATER_MIST}, for smoke
        </Button>
      )}
    </>
  );
}
