/** What this device keeps of its cook's ways: a small store, kept in the database. */
import { create } from "zustand";
import type { Preferences } from "../../storage/database";
import { database } from "./database";

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
  load: async () => {
    const stored = await database().preferences.get("preferences");
    if (stored) {
      const { units, theme, inNone = [] } = stored;
      set({ units, theme, inNone });
    }
    applyTheme(get().theme);
    matchMedia("(prefers-color-scheme: dark)").addEventListener("change", () => applyTheme(get().theme));
  },
  set: async (change) => {
    set(change);
    const { units, theme, inNone } = get();
    applyTheme(theme);
    await database().preferences.put({ id: "preferences", units, theme, inNone });
  },
}));
