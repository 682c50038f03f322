import { create } from "zustand";
import type { Pictured } from "../../core/processes/picture";

/** What birds are looked at as: chosen once for all pictures, as long as the page is. */
export const usePictured = create<{ readonly pictured: Pictured }>(() => ({ pictured: "cuts" }));
