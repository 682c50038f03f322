/** What this device keeps of its cook's ways: a small store, kept in the database. */
import { useMemo } from "react";
import { create } from "zustand";
import { type Habits, habitsOf } from "../../core/units/habits";
import type { UnitSystem } from "../../core/units/quantity";
import type { Preferences } from "../../storage/database";
import { changeKitchen } from "../../storage/kitchen";
import type { Reader } from "../../words/time";
import { clockNow } from "./clock";
import { database, openShelf } from "./database";
import { stored as keptOrSaid } from "./stored";

type Kept = Required<Omit<Preferences, "id">>;
interface PreferencesState extends Kept {
  load(): Promise<void>;
  set(change: Partial<Kept>): Promise<void>;
}

/** The frame stands before the database is open: what is chosen until then, which holds against what was kept. Null: it is open. */
let chosenBefore: Partial<Kept> | null = {};

function keptOf({ load: _, set: __, ...kept }: PreferencesState): Kept {
  return kept;
}

function applyTheme(theme: Preferences["theme"]): void {
  const dark = theme === "dark" || (theme === "system" && matchMedia("(prefers-color-scheme: dark)").matches);
  document.documentElement.dataset.theme = dark ? "dark" : "light";
}

export const usePreferences = create<PreferencesState>((set, get) => ({
  // Until the cook says otherwise, the habits of the browser's language; a test has no browser.
  ...habitsOf(globalThis.navigator?.language ?? ""),
  theme: "system",
  inNone: [],
  lastCopyAt: "",
  load: async () => {
    const { id: _, ...stored } = (await database().preferences.get("preferences")) ?? { id: "preferences" };
    const chosen = chosenBefore ?? {};
    chosenBefore = null;
    set(stored);
    if (Object.keys(chosen).length > 0) await get().set(chosen);
    applyTheme(get().theme);
    matchMedia("(prefers-color-scheme: dark)").addEventListener("change", () => applyTheme(get().theme));
  },
  set: async (change) => {
    set(change);
    const kept = keptOf(get());
    applyTheme(kept.theme);
    if (chosenBefore) Object.assign(chosenBefore, change);
    else {
      await keptOrSaid(
        "It holds for this visit only; it was",
        database().preferences.put({ id: "preferences", ...kept }),
      );
    }
  },
}));

/** Whether the page is dark now, whoever asked for it. */
export function useDark(): boolean {
  usePreferences(({ theme }) => theme);
  return document.documentElement.dataset.theme === "dark";
}

/** Other units: the oven's dial is marked in them too, for new roasts and those still planned. */
export async function changeUnits(units: UnitSystem): Promise<void> {
  await usePreferences.getState().set({ units });
  const dial = units === "us" ? "fahrenheit" : "celsius";
  await keptOrSaid(
    "The oven's dial was",
    openShelf().then(({ db }) => changeKitchen(db, () => ({ dial }), units)),
  );
}

/** The cook's habits, and the year that a date may leave out. */
export function useHabits(): Reader {
  const { units, clock, dates, weekStart } = usePreferences();
  return useMemo(() => readerOf({ units, clock, dates, weekStart }), [units, clock, dates, weekStart]);
}

/** Outside of a screen: the same, as of now. */
export const habitsNow = (): Reader => readerOf(usePreferences.getState());

const readerOf = ({ units, clock, dates, weekStart }: Habits): Reader => ({
  ...{ units, clock, dates, weekStart },
  year: new Date(clockNow()).getFullYear(),
});
