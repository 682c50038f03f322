/** What this device keeps of its cook's ways: a small store, kept in the database. */
import { create } from "zustand";
import type { Preferences } from "../../storage/database";
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
  units: "metric",
  theme: "system",
  inNone: [],
  lastCopyAt: "",
  load: async () => {
    const stored = await database().preferences.get("preferences");
    if (stored) {
      const { units, theme, inNone = [], lastCopyAt = "" } = stored;
      set({ units, theme, inNone, lastCopyAt });
    }
    applyTheme(get().theme);
    matchMedia("(prefers-color-scheme: dark)").addEventListener("change", () => applyTheme(get().theme));
  },
  set: async (change) => {
    set(change);
    const { units, theme, inNone, lastCopyAt } = get();
    applyTheme(theme);
    const row = { id: "preferences", units, theme, inNone, lastCopyAt } as const;
    await keptOrSaid("It holds for this visit only; it was", database().preferences.put(row));
  },
}));
