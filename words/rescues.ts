/** A gravy that goes wrong, and what saves it (common practice). */
export const RESCUES = [
  { trouble: "Lumps", remedy: "whisk hard off the heat, then through a sieve." },
  {
    trouble: "Too thin",
    remedy: "boil it down, or a teaspoon of starch stirred into cold water, in at the boil, a minute.",
  },
  { trouble: "Too thick", remedy: "stock or water, a spoonful at a time." },
  {
    trouble: "Too salty",
    remedy: "more unsalted liquid and thickener, a knob of butter or a little cream; nothing takes salt out.",
  },
  { trouble: "Pale", remedy: "the crust of the tray loosened longer, or a roux taken darker next time." },
  { trouble: "Greasy", remedy: "let it stand and skim, or draw it from under the fat." },
] as const;
