import { requireBetween } from "../../../core/errors";
import { SALT_KINDS } from "../../../core/kitchen/salt";
import { withSalt } from "../../../core/plan/edits";
import { parseMassKg } from "../../../core/units/quantity";
import { fine } from "../../../words/amounts";
import { SALT_NAMES } from "../../../words/names";
import { Segmented } from "../../ui/Segmented";
import { UnitField } from "../../ui/UnitField";
import type { PanelProps } from "./panelProps";
import { teaspoonGrams } from "./parseSalt";
import { usePlanStore } from "./planStore";

/** Which salt the cook has, and what a spoon of it weighs. */
export function SaltKind({ plan: { salt: chosen }, units }: Pick<PanelProps, "plan" | "units">) {
  const { settle } = usePlanStore();
  return (
    <>
      <Segmented
        label="Kind of salt"
        value={chosen.kind}
        choices={SALT_KINDS.map((value) => ({ value, label: SALT_NAMES[value] }))}
        onChange={(kind) => settle(withSalt({ kind, gramsPerTeaspoon: null }))}
      />
      <UnitField
        label="A level teaspoon of yours weighs"
        shown={fine(teaspoonGrams(chosen), units)}
        hint={chosen.gramsPerTeaspoon === null ? "the usual for this kind; weigh ten and divide" : "as you weighed it"}
        parse={(text) =>
          requireBetween(
            "a teaspoon of salt",
            1000 * parseMassKg(/[a-z]/i.test(text) ? text : `${text} ${units === "us" ? "oz" : "g"}`),
            1,
            8,
            "g",
          )
        }
        onChange={(grams) => settle(withSalt({ gramsPerTeaspoon: grams }))}
      />
    </>
  );
}
