import { useMemo } from "react";
import { Controller } from "react-hook-form";
import { favouriteOf } from "../../../core/log/favourite";
import { cutFor } from "../../../core/plan/methods";
import type { Roast } from "../../../core/plan/roast";
import { ratingName } from "../../../words/names";
import { titleShown } from "../../../words/titles";
import { useHabits } from "../../shell/preferences";
import { useGoOn } from "../../shell/useGoOn";
import { Button } from "../../ui/Button";
import { MomentField } from "../../ui/MomentField";
import { Toggle } from "../../ui/Toggle";
import { fieldTime, instantOf } from "../../ui/time";
import { useOnce } from "../../ui/useOnce";
import type { Answers, Company } from "./answers";
import { BirdQuestion } from "./BirdQuestion";
import { MethodQuestion } from "./MethodQuestion";
import { useAnswers } from "./useAnswers";

interface Props {
  readonly company: Company | null;
  readonly roasts: readonly Roast[];
}

/** A roast from three answers: the bird, when to eat, how to cook; of which the one it goes with has answered some. */
export function StartForm({ company, roasts }: Props) {
  const reader = useHabits();
  const { units } = reader;
  const goOn = useGoOn();
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const { form, planned } = useAnswers(company, zone, units);
  const { control, handleSubmit, watch } = form;
  const [species, cut] = [watch("species"), cutFor(watch("method"), watch("cut"))];
  const favourite = useMemo(() => favouriteOf(roasts, { species, cut }), [roasts, species, cut]);
  const start = useOnce(async (answers: Answers) => {
    const { startRoast } = await import("./startRoast");
    const id = await startRoast(answers, { zone, reader, company, favourite });
    if (id === null) return false;
    planned();
    await goOn(`/roast/${id}/plan`);
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
      <BirdQuestion form={form} units={units} asksGuests={company === null} />
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
      <MethodQuestion form={form} units={units} hidden={company?.inOneHeat === true} />
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
