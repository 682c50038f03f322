import type { UseFormReturn } from "react-hook-form";
import { CUTS } from "../../../core/bird/form";
import { SPECIES } from "../../../core/bird/species";
import { cutFor } from "../../../core/plan/methods";
import { formatMass, type UnitSystem } from "../../../core/units/quantity";
import { CUT_NAMES } from "../../../words/names";
import { SPECIES_NAMES } from "../../../words/species";
import { type Answers, answersSchema, birdsOf } from "./answers";
import { Choice } from "./Choice";

/** What so many guests make one buy, as it is typed; nothing while it cannot be read. */
function toBuyWords(answers: Answers, units: UnitSystem): string {
  if (!answersSchema(units).safeParse(answers).success) return "";
  const { count, massKg, isEnough } = birdsOf(answers, units);
  return [
    `Buy ${count > 1 ? `${count} of ` : "about "}${formatMass(massKg, units)}; appetites and leftovers come later.`,
    !isEnough && "That is as many as one roast has, and not enough for so many: plan another one to eat with it.",
  ]
    .filter(Boolean)
    .join(" ");
}

const FIELD = "mt-1 block min-h-12 w-full rounded-xl border border-line-strong bg-mist-1 px-3 text-lg text-ink";

interface Props {
  readonly form: UseFormReturn<Answers>;
  readonly units: UnitSystem;
  /** The guests of a dinner are those of its first roast. */
  readonly asksGuests: boolean;
}

/** Which bird: its species, how heavy or for how many, its cut, from the freezer or fresh. */
export function BirdQuestion({ form: { control, register, watch, formState }, units, asksGuests }: Props) {
  const { errors } = formState;
  const known = watch("known");
  return (
    <fieldset className="grid gap-2">
      <legend className="mb-1 font-semibold">Which bird?</legend>
      <Choice
        control={control}
        name="species"
        label="Species"
        choices={SPECIES.map((value) => ({ value, label: SPECIES_NAMES[value] }))}
      />
      {asksGuests && (
        <Choice
          control={control}
          name="known"
          label="What is known"
          choices={[
            { value: "mass", label: "I know its weight" },
            { value: "guests", label: "I know how many eat" },
          ]}
        />
      )}
      <label className="text-sm text-soft">
        {known === "mass" ? "Weight as bought, or the label's range; either unit" : "People at the table"}
        <input
          key={known}
          {...register(known)}
          placeholder={known === "mass" ? (units === "us" ? "14 lb" : "6.3 kg") : "11"}
          inputMode={known === "mass" ? "text" : "numeric"}
          autoComplete="off"
          className={FIELD}
          aria-describedby="known-fault known-says"
          aria-invalid={!!errors[known]}
        />
      </label>
      <p id="known-fault" role="alert" className="text-sm font-medium text-ember empty:hidden">
        {errors[known]?.message}
      </p>
      <p id="known-says" className="text-sm text-soft empty:hidden">
        {known === "guests" && toBuyWords(watch(), units)}
      </p>
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        <Choice
          control={control}
          name="cut"
          label="Cut"
          choices={CUTS.map((value) => ({ value, label: CUT_NAMES[value] }))}
          shown={(cut) => cutFor(watch("method"), cut)}
        />
        <Choice
          control={control}
          name="state"
          label="Bought"
          choices={[
            { value: "frozen", label: "Frozen" },
            { value: "fresh", label: "Fresh" },
          ]}
        />
      </div>
    </fieldset>
  );
}
