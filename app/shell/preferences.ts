/** What this device keeps of its cook's ways: a small store, kept in the database. */
import { useMemo } from "react";
import { create } from "zustand";
import { type Habits, habitsOf } from "../../core/units/habits";
import type { UnitSystem } from "../../core/units/quantity";
import type { Preferences } from "../../storage/database";
import { changeKitchen } from "../../storage/kitchen";
import type { Reader } from "../../words/time";
import { clockNow } from "./clock";
import { database } from "./database";
import { stored as keptOrSaid } from "./stored";

interface PreferencesState extends Required<Omit<Preferences, "id">> {
  load(): Promise<void>;
  set(change: Partial<Omit<Preferences, "id">>): Promise<void>;
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
    const stored = await database().preferences.get("preferences");
    if (stored) {
      const { id: _, ...kept } = stored;
      set(kept);
    }
    applyTheme(get().theme);
    matchMedia("(prefers-color-scheme: dark)").addEventListener("change", () => applyTheme(get().theme));
  },
  set: async (change) => {
    set(change);
    const { load: _, set: __, ...kept } = get();
    applyTheme(kept.theme);
    await keptOrSaid(
      "It holds for this visit only; it was",
      database().preferences.put({ id: "preferences", ...kept }),
    );
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
  await keptOrSaid("The oven's dial was", changeKitchen(database(), { dial }, units));
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
