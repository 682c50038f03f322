/** One term for one thing: what the words mean that stand on the screens, and what they stand for elsewhere. */

export interface Term {
  readonly id: string;
  readonly term: string;
  /** What books and other cooks call it. */
  readonly also?: string;
  readonly means: string;
}

export const GLOSSARY: readonly Term[] = [
  {
    id: "brine-hour",
    term: "Brine, by the hour",
    also: "gradient brine",
    means: "Strong salt water for some hours: saltier outside than in, so that the hours matter.",
  },
  {
    id: "brine-weight",
    term: "Brine, by weight",
    also: "equilibrium brine",
    means: "As much salt in bird and water together as the meat shall hold. It cannot get too salty.",
  },
  {
    id: "carry-over",
    term: "Carry-over",
    also: "it rises by itself",
    means: "What the middle gains after the bird has left the heat.",
  },
  { id: "crown", term: "Crown", means: "Both breasts on the bone, without legs and back." },
  {
    id: "deepest-point",
    term: "Deepest point",
    also: "thermal centre",
    means:
      "The meat of breast or thigh that is furthest from any surface and clear of bone: where a thermometer belongs.",
  },
  {
    id: "coldest-point",
    term: "Coldest point",
    means: "Of the whole bird, wherever it is at that moment; often beside the thigh's joint or in the stuffing.",
  },
  {
    id: "doubt",
    term: "Give or take",
    also: "80 % interval",
    means:
      "Eight times in ten it comes within this; one in ten earlier, one in ten later. Wider at a fire, under a cover and on a stone, where less is known.",
  },
  { id: "dry-salt", term: "Dry salt", also: "dry brine", means: "Salt rubbed on and left, uncovered, in the fridge." },
  {
    id: "guideline",
    term: "Guideline",
    means: "What food-safety authorities ask for; the default, and never a matter of taste.",
  },
  {
    id: "in-parts",
    term: "In parts",
    also: "jointed, broken down",
    means: "Cut into breasts, thighs, drumsticks and wings before it is cooked.",
  },
  {
    id: "oven-lag",
    term: "Preheat",
    means: "The empty oven until its walls are hot too, a quarter hour after its lamp goes out.",
  },
  { id: "pan", term: "Pan", means: "On the ring, for searing. What stands under the bird in the oven is the tray." },
  { id: "probe", term: "Probe", means: "A thermometer that stays in the meat." },
  {
    id: "reduction",
    term: "One in ten million left",
    also: "seven decimal reductions, 7-log",
    means: "How far the published tables ask for Salmonella to be reduced.",
  },
  { id: "spatchcocked", term: "Spatchcocked", also: "flat, butterflied", means: "Backbone cut out and pressed flat." },
  {
    id: "stage",
    term: "Change of the heat",
    also: "stage",
    means: "A moment from which the oven, foil or side is another.",
  },
  {
    id: "stall",
    term: "It stands still",
    also: "the stall",
    means: "In slow smoke a wet skin gives off as much heat as it takes in.",
  },
  {
    id: "stuffing",
    term: "Stuffing",
    also: "filling, dressing",
    means: "Bread or meat inside the bird, or baked beside it.",
  },
  {
    id: "target",
    term: "Target",
    means: "What this plan aims at, seen on the thermometer; at least the guideline unless you say otherwise.",
  },
  { id: "tray", term: "Tray", also: "roasting pan", means: "What stands under the bird and catches the drippings." },
  {
    id: "zone",
    term: "The zone",
    also: "danger zone",
    means: "Temperatures at which bacteria grow, between cold and hot.",
  },
];
