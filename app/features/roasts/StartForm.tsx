import { standardSchemaResolver } from "@hookform/resolvers/standard-schema";
import { useEffect, useMemo, useRef } from "react";
import { Controller, useForm } from "react-hook-form";
import { useNavigate } from "react-router";
import { CUTS } from "../../../core/bird/form";
import { SPECIES } from "../../../core/bird/species";
import { favouriteOf } from "../../../core/log/favourite";
import { cutFor, METHODS } from "../../../core/plan/methods";
import type { Roast } from "../../../core/plan/roast";
import { formatMass, type UnitSystem } from "../../../core/units/quantity";
import { DAY_MS } from "../../../core/units/time";
import { METHOD_WORDS } from "../../../words/methods";
import { CUT_NAMES, ratingName } from "../../../words/names";
import { SPECIES_NAMES } from "../../../words/species";
import { titleShown } from "../../../words/titles";
import { clockNow } from "../../shell/clock";
import { useHabits } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { MomentField } from "../../ui/MomentField";
import { Segmented } from "../../ui/Segmented";
import { Toggle } from "../../ui/Toggle";
import { fieldTime, instantOf } from "../../ui/time";
import { useOnce } from "../../ui/useOnce";
import { type Answers, answersSchema, birdsOf, type Company } from "./answers";

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

const WEEK = 7 * DAY_MS;
const FIELD = "mt-1 block min-h-12 w-full rounded-xl border border-line-strong bg-mist-1 px-3 text-lg text-ink";

/** Answered and not planned yet, by what it goes with: another page may be looked at meanwhile. */
const unplanned = new Map<string, Answers>();

/** A roast from three answers: the bird, when to eat, how to cook; of which the one it goes with has answered some. */
export function StartForm({
  company,
  roasts,
}: {
  readonly company: Company | null;
  readonly roasts: readonly Roast[];
}) {
  const reader = useHabits();
  const { units } = reader;
  const navigate = useNavigate();
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const schema = useMemo(() => answersSchema(units), [units]);
  const goesWith = `${company?.roast.id} ${company?.inOneHeat}`;
  const { register, control, handleSubmit, watch, formState, getValues } = useForm<Answers>({
    resolver: standardSchemaResolver(schema),
    defaultValues: unplanned.get(goesWith) ?? {
      species: "turkey",
      known: "mass",
      mass: "",
      guests: "",
      cut: "whole",
      state: "frozen",
      serveAt: company
        ? fieldTime(Date.parse(company.roast.plan.serveAt), zone)
        : `${fieldTime(clockNow() + WEEK, zone).slice(0, 10)}T13:30`,
      method: "steady",
      asLiked: true,
    },
  });
  const { errors, isDirty } = formState;
  const isPlanned = useRef(false);
  useEffect(
    () => () => {
      if (isPlanned.current) unplanned.delete(goesWith);
      else if (isDirty) unplanned.set(goesWith, getValues());
    },
    [goesWith, getValues, isDirty],
  );
  const known = watch("known");
  const [species, cut] = [watch("species"), cutFor(watch("method"), watch("cut"))];
  const favourite = useMemo(() => favouriteOf(roasts, { species, cut }), [roasts, species, cut]);
  const start = useOnce(async (answers: Answers) => {
    const { startRoast } = await import("./startRoast");
    const id = await startRoast(answers, { zone, reader, company, favourite });
    if (id === null) return false;
    isPlanned.current = true;
    await navigate(`/roast/${id}/plan`);
    return true;
  });
  return (
    <form
      onSubmit={handleSubmit(start)}
      className="grid gap-5 rounded-3xl border border-line bg-mist-1 p-5 shadow-card"
      aria-labelledby="start-title"
    >
      <h2 id="start-title" className="text-2xl">
        {company === null ? "Start a roast" : company.inOneHeat ? "One more piece" : "One more roast"}
      </h2>
      {company && (
        <p className="-mt-3 text-soft">
          {company.inOneHeat
            ? `Salted and heated with “${titleShown(company.roast, reader)}”: it goes in with it, and out when it is done itself.`
            : `For the dinner of “${titleShown(company.roast, reader)}”: its table and its kitchen.`}
        </p>
      )}
      <fieldset className="grid gap-2">
        <legend className="mb-1 font-semibold">Which bird?</legend>
        <Controller
          control={control}
          name="species"
          render={({ field }) => (
            <Segmented
              label="Species"
              value={field.value}
              choices={SPECIES.map((value) => ({ value, label: SPECIES_NAMES[value] }))}
              onChange={field.onChange}
            />
          )}
        />
        {company === null && (
          <Controller
            control={control}
            name="known"
            render={({ field }) => (
              <Segmented
                label="What is known"
                value={field.value}
                choices={[
                  { value: "mass", label: "I know its weight" },
                  { value: "guests", label: "I know how many eat" },
                ]}
                onChange={field.onChange}
              />
            )}
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
          <Controller
            control={control}
            name="cut"
            render={({ field }) => (
              <Segmented
                label="Cut"
                value={cutFor(watch("method"), field.value)}
                choices={CUTS.map((value) => ({ value, label: CUT_NAMES[value] }))}
                onChange={field.onChange}
              />
            )}
          />
          <Controller
            control={control}
            name="state"
            render={({ field }) => (
              <Segmented
                label="Bought"
                value={field.value}
                choices={[
                  { value: "frozen", label: "Frozen" },
                  { value: "fresh", label: "Fresh" },
                ]}
                onChange={field.onChange}
              />
            )}
          />
        </div>
      </fieldset>
      {company === null && (
        <Controller
          control={control}
          name="serveAt"
          render={({ field }) => (
            <MomentField
              label="When do you want to eat?"
              atMs={instantOf(field.value, zone)}
              zone={zone}
              size="stove"
              onChange={(ms) => field.onChange(fieldTime(ms, zone))}
            />
          )}
        />
      )}
      <fieldset hidden={company?.inOneHeat === true}>
        <legend className="mb-2 font-semibold">How do you want to cook it?</legend>
        <Controller
          control={control}
          name="method"
          render={({ field }) => (
            <>
              <Segmented
                label="Method"
                value={field.value}
                choices={METHODS.map(({ id }) => ({ value: id, label: METHOD_WORDS[id].short }))}
                onChange={field.onChange}
              />
              <p className="mt-2 text-sm text-soft">
                {METHOD_WORDS[field.value].says(units)}
                {cutFor(field.value, watch("cut")) !== watch("cut") && (
                  <b className="block font-medium text-ink">
                    It is not for a bird left as it is: this one is cut,{" "}
                    {CUT_NAMES[cutFor(field.value, watch("cut"))].toLowerCase()}.
                  </b>
                )}
              </p>
            </>
          )}
        />
      </fieldset>
      {favourite && company?.inOneHeat !== true && (
        <Controller
          control={control}
          name="asLiked"
          render={({ field }) => (
            <Toggle
              label={`Salted, done and rested as “${titleShown(favourite, reader)}”: ${ratingName(favourite.rating).toLowerCase()}`}
              checked={field.value}
              onChange={field.onChange}
            />
          )}
        />
      )}
      <Button type="submit" tone="primary" size="stove">
        Plan it
      </Button>
    </form>
  );
}
