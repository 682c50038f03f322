import type { UseFormReturn } from "react-hook-form";
import { cutFor, METHODS } from "../../../core/plan/methods";
import type { UnitSystem } from "../../../core/units/quantity";
import { METHOD_WORDS } from "../../../words/methods";
import { CUT_NAMES } from "../../../words/names";
import type { Answers } from "./answers";
import { Choice } from "./Choice";

interface Props {
  readonly form: UseFormReturn<Answers>;
  readonly units: UnitSystem;
  /** Its heat is another piece's. */
  readonly hidden: boolean;
}

/** How to cook it, and what that makes of its cut. */
export function MethodQuestion({ form: { control, watch }, units, hidden }: Props) {
  const method = watch("method");
  const cut = cutFor(method, watch("cut"));
  return (
    <fieldset hidden={hidden}>
      <legend className="mb-2 font-semibold">How do you want to cook it?</legend>
      <Choice
        control={control}
        name="method"
        label="Method"
        choices={METHODS.map(({ id }) => ({ value: id, label: METHOD_WORDS[id].short }))}
      />
      <p className="mt-2 text-sm text-soft">
        {METHOD_WORDS[method].says(units)}
        {cut !== watch("cut") && (
          <b className="block font-medium text-ink">
            It is not for a bird left as it is: this one is cut, {CUT_NAMES[cut].toLowerCase()}.
          </b>
        )}
      </p>
    </fieldset>
  );
}
