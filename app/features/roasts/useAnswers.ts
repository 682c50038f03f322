import { standardSchemaResolver } from "@hookform/resolvers/standard-schema";
import { useEffect, useMemo, useRef } from "react";
import { type UseFormReturn, useForm } from "react-hook-form";
import type { UnitSystem } from "../../../core/units/quantity";
import { DAY_MS } from "../../../core/units/time";
import { clockNow } from "../../shell/clock";
import { fieldTime } from "../../ui/time";
import { type Answers, answersSchema, type Company } from "./answers";

const WEEK = 7 * DAY_MS;

/** Answered and not planned yet, by what it goes with: another page may be looked at meanwhile. */
const unplanned = new Map<string, Answers>();

interface Asked {
  readonly form: UseFormReturn<Answers>;
  /** They have become a roast: the next one begins anew. */
  planned(): void;
}

/** The answers that start a roast, as they were left; of the one it goes with, what that one has answered. */
export function useAnswers(company: Company | null, zone: string, units: UnitSystem): Asked {
  const schema = useMemo(() => answersSchema(units), [units]);
  const goesWith = `${company?.roast.id} ${company?.inOneHeat}`;
  const form = useForm<Answers>({
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
  const { getValues, formState } = form;
  const { isDirty } = formState;
  const isPlanned = useRef(false);
  useEffect(
    () => () => {
      if (isPlanned.current) unplanned.delete(goesWith);
      else if (isDirty) unplanned.set(goesWith, getValues());
    },
    [goesWith, getValues, isDirty],
  );
  return {
    form,
    planned: () => {
      isPlanned.current = true;
    },
  };
}
