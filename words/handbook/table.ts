/** Chapters at the table and after it: gravy, carving, leftovers, safety, conversions. Practice is common; guidance is USDA FSIS. */
import { constant } from "../../core/constants";
import { COLD_LIMIT, ZONE } from "../amounts";
import { RESCUES } from "../rescues";
import type { Chapter } from "./chapter";

export const GRAVY: Chapter = {
  id: "gravy",
  title: "Stock and gravy",
  about: "Stock ahead, gravy during the rest, and what saves it.",
  sections: [
    {
      id: "stock",
      title: "Stock",
      says: () => [
        "Neck, gizzard, heart and backbone browned, covered with water, simmered an hour or all day, no salt. Up to two days ahead in the fridge, or in the drip tray while the bird roasts. The liver makes it bitter: leave it out, or stir it in chopped at the end if you like that.",
      ],
    },
    {
      id: "gravy",
      title: "Gravy, while it rests",
      says: () => [
        {
          steps: [
            "Pour the tray's juices into a tall jug and let the fat rise.",
            "Loosen the crust of the tray with hot water; strain it to the juices.",
            "Fat, skimmed from the jug or butter, and flour in equal weights, stirred until it smells of nuts; the liquid in slowly, or the roux by the spoon into the hot liquid, a minute at the boil. Or starch stirred into cold water, in at the boil.",
            "Taste. Only then salt.",
          ],
        },
      ],
    },
    {
      id: "salty",
      title: "When the bird was brined or sold salted",
      says: () => [
        "Its drippings are salty: make the gravy with water or unsalted stock, and add drippings by the spoon until it tastes right. The plan counts the salt that is in them.",
      ],
    },
    {
      id: "rescues",
      title: "Rescues",
      says: () => [
        "Most of it can be mended in five minutes.",
        { list: RESCUES.map(({ trouble, remedy }) => `${trouble}: ${remedy}`) },
      ],
    },
  ],
};

export const CARVING: Chapter = {
  id: "carving",
  title: "Carving",
  about: "In which order, along which lines, light and dark for everybody.",
  sections: [
    {
      id: "order",
      title: "In this order",
      says: () => [
        "Show the whole bird, then carve it in the kitchen. Legs off, breast off the bone in one piece, then sliced across the grain: short fibres eat tender. A warm platter, light and dark side by side, drippings over it.",
        "At the table it is sliced from the bone: legs off, a level cut above the wing, and thin slices down to it. It takes half as long again, the slices run along the grain, and nobody should be in a hurry. A plan takes either, under Table.",
      ],
      figure: "carving",
    },
    {
      id: "knife",
      title: "Knife and board",
      says: () => [
        "A long thin blade, sharpened; a board with a groove, on a damp cloth; a fork to hold, not to stab the breast.",
      ],
    },
  ],
};

export const KEEPING: Chapter = {
  id: "keeping",
  title: "Leftovers and broth",
  about: "Two hours, shallow dishes, three days; the carcass into the pot.",
  sections: [
    {
      id: "two-hours",
      title: "Into the fridge within two hours",
      says: ({ t }) => [
        `Off the bone, in shallow dishes, within ${constant("outHours")} hours of carving; within ${constant("outHotHours")} where it is hotter than ${t(constant("hotKitchenC"))}. In the fridge ${constant("leftoverDays")} days, then eaten or frozen. The carve screen runs that clock and simulates how fast your dish cools.`,
      ],
    },
    {
      id: "reheat",
      title: "Heating it again",
      says: ({ t }) => [
        `Covered, a spoon of drippings over it, until the middle shows ${t(constant("guidelineC"))}. Once only. The same is how a bird roasted the day before comes to the table, where it is not eaten cold: then out of the fridge shortly before, and no longer than ${constant("outHours")} hours out of it.`,
      ],
    },
    {
      id: "broth",
      title: "Broth from the carcass",
      says: () => [
        "Broken up, covered with cold water, with onion, carrot and a bay leaf; three hours, hardly moving. Strained, cooled fast in a cold sink, in the fridge three days.",
      ],
    },
  ],
};

export const SAFETY: Chapter = {
  id: "safety",
  title: "Safety, and why",
  about: "The guideline, the zone, raw hands, stuffing. Follow your local food-safety authority.",
  sections: [
    {
      id: "guideline",
      title: "The guideline",
      says: ({ t }) => [
        `${t(constant("guidelineC"))} seen on a thermometer in the deepest breast and thigh, both sides, and in the middle of stuffing (USDA FSIS). At that temperature Salmonella dies in seconds, so that nothing has to be timed.`,
        `Countries differ: some ask for ${t(constant("guidelineHeldC"))} held for ${constant("guidelineHeldMin")} minutes (UK Food Standards Agency), some for ${t(constant("guidelineWholeC"))} in a whole bird (Health Canada). Choose yours in the kitchen, and follow your local food-safety authority.`,
        { caution: "Bruma computes; it replaces neither a thermometer nor your local food-safety authority." },
      ],
      see: ["probing/where"],
    },
    {
      id: "time-and-temperature",
      title: "Less hot, for longer",
      says: ({ t }) => [
        `Killing is a matter of temperature and time. The table shows for how long the published holding tables (USDA FSIS, Appendix A) ask that every part be held for the same reduction, one in ten million left. Below the guideline the plan says what it computed at the coldest point, and what it did not: the surface, the kitchen, other bacteria, people who must be careful. At ${t(63)} a small error of the thermometer is minutes.`,
      ],
      figure: "holding",
    },
    {
      id: "zone",
      title: "The zone where bacteria grow",
      says: ({ reader }) => [
        `From ${ZONE[reader.units]} they grow, fastest in the middle of it. Raw: in the fridge at ${COLD_LIMIT[reader.units]} or below. Cooked: hot, or cold within two hours. The pictures hatch it.`,
      ],
    },
    {
      id: "raw",
      title: "Raw hands",
      says: () => [
        "What touches the raw bird touches nothing else until it was washed: hands, board, knife, tap, screen. Salt portioned and packets opened beforehand. The bird itself is not washed.",
      ],
      see: ["cleaning/wash"],
    },
    {
      id: "stuffing",
      title: "Stuffing",
      says: ({ t }) => [
        `Inside the bird it has to come to ${t(constant("guidelineC"))} in its middle, however done the breast is; loosely filled, warm, just before the oven; out before carving, and never in a bird that is part frozen, smoked or on a slow fire.`,
      ],
      see: ["dressing/stuffing"],
    },
    {
      id: "hot-fat",
      title: "Hot fat and hot juice",
      says: () => [
        "Most kitchen burns of the day: tip the cavity first, carry the tray level with both hands, children away from the oven. Burning fat: lid on, heat off, never water.",
      ],
    },
  ],
};

export const CONVERSIONS: Chapter = {
  id: "conversions",
  title: "Conversions",
  about: "Ovens, weights, lengths, spoons and cups, one beside the other.",
  sections: [
    {
      id: "table",
      title: "One beside the other",
      says: () => [
        "Dials as they are marked: every 10 °C, every 25 °F, the nearest to each other. Everywhere else in Bruma you read your own units only, and may type either.",
      ],
      figure: "conversions",
    },
  ],
};
