/** Chapters up to the oven: buying, thawing, cleaning, salting, cutting, dressing. Practice is common; guidance is USDA FSIS. */
import { SPECIES_RECORDS } from "../../core/bird/species";
import { constant } from "../../core/constants";
import { COLD_LIMIT } from "../amounts";
import type { Chapter } from "./chapter";

export const BUYING: Chapter = {
  id: "buying",
  title: "Which bird, and how much of it",
  about: "Weight for your guests, one bird or two, fresh, frozen or sold salted.",
  sections: [
    {
      id: "how-much",
      title: "How much to buy",
      says: ({ kg }) => [
        `For each usual appetite about ${kg(SPECIES_RECORDS.turkey.portionKg.value)} of a whole turkey or chicken as bought, ${kg(SPECIES_RECORDS.duck.portionKg.value)} of a duck or goose, ${kg(constant("crownPortionKg"))} of a crown, ${kg(constant("bonelessPortionKg"))} boned. A little less than half of a whole turkey comes to the plate as cooked meat; of a duck or a goose less than a third, since so much of it is fat and bone.`,
        "Say in the plan how many are light or hearty eaters and how many meals of leftovers you want: it counts the rest.",
      ],
    },
    {
      id: "one-or-two",
      title: "One large bird or two smaller ones",
      says: () => [
        "Two smaller birds are done sooner, brown more evenly and feed as many, but need more room in the oven and more carving. A large one is a sight at the table; its breast waits longer for its legs.",
        "Compare holds both against one another for your own bird, with time, juices and room.",
      ],
      figure: "two-birds",
    },
    {
      id: "presalted",
      title: "Sold salted or injected",
      says: () => [
        "Read the small print: “contains a solution of”, “basted”, “kosher” all mean that there is salt in it, usually about as much as you would have given. Do not salt it again: the drippings get too salty for gravy. It can still be dried uncovered, and it may be brined all the same where you want the brine's own flavour on the skin; the plan says what it then comes to.",
      ],
      see: ["gravy/salty"],
    },
  ],
};

export const THAWING: Chapter = {
  id: "thawing",
  title: "Thawing",
  about: "In the fridge, in cold water, and what to do when the middle is still ice.",
  sections: [
    {
      id: "how-long",
      title: "How long it takes",
      says: ({ reader }) => [
        `In the fridge at ${COLD_LIMIT[reader.units]} or below, in its wrapping and in a tray: about a day for each ${reader.units === "us" ? "four to five pounds" : "two kilograms"}, and longer in a cold fridge than anyone expects.`,
        `In cold water, in a bag that does not leak, with fresh cold water every 30 minutes: about half an hour for each ${reader.units === "us" ? "pound" : "half kilogram"}. A bird thawed in water is cooked at once: no days of drying after it.`,
      ],
      figure: "thaw",
    },
    {
      id: "limits",
      title: "And how long it may wait then",
      says: () => [
        `Thawed in the fridge, it may wait ${constant("thawedLimitDays")} days more, raw; thawed in water, not at all. The days in salt count. The plan holds your hours against these, and offers another way where they do not fit.`,
      ],
    },
    {
      id: "still-frozen",
      title: "Still frozen in the middle, on the morning",
      says: () => [
        "Reach into the cavity: is there ice? Tell the plan how much; it simulates both ways out for this bird.",
        {
          list: [
            "Into cold water until the ice is gone, then at once into the oven.",
            "Or straight into the oven as it is: half as long again, giblets out with tongs as soon as they come free. Only in an oven, and never stuffed: a smoker or a spit is too slow for a frozen bird.",
          ],
        },
      ],
      see: ["trouble/late"],
    },
  ],
};

export const CLEANING: Chapter = {
  id: "cleaning",
  title: "Opening and cleaning",
  about: "Giblets out, the button out, pat dry; and why not to wash it.",
  sections: [
    {
      id: "wash",
      title: "Wash the bird, or not?",
      says: () => [
        "Do not wash it. Water splashes what is on the skin over the sink, the tap and whatever stands near; it does not take it off the bird. Heat does.",
        "Pat it dry with paper, throw the paper away, and wash your hands, the board and the sink with hot soapy water.",
      ],
      see: ["safety/raw"],
    },
    {
      id: "giblets",
      title: "Giblets and neck",
      says: () => [
        "They sit in a bag: one often at the neck end, under the flap of skin, one in the cavity. Feel in both ends. Neck, gizzard and heart go to the stock; the liver makes it bitter and is fried by itself or left out.",
        "Many a bird is sold without: it goes into the heat as heavy as it was bought. Say so in the plan, under the bird.",
      ],
      see: ["gravy/stock"],
    },
    {
      id: "pop-up",
      title: "The pop-up button",
      says: ({ t }) => [
        `Take it out, and do not go by it. It is a plug that melts at one temperature, often well above what the breast needs and at one place only; the thigh may be far from ${t(constant("guidelineC"))} when it springs, and the breast long dry. It leaves a hole the size of a pencil, no harm.`,
      ],
      see: ["probing/where"],
    },
  ],
};

export const SALTING: Chapter = {
  id: "salting",
  title: "Salt and brine",
  about: "Dry salt, brines, injection: how deep it goes, and whether it cooks faster.",
  sections: [
    {
      id: "which",
      title: "Which way of salting",
      says: () => [
        {
          list: [
            "Dry salt, then uncovered in the fridge for a day or two: the simplest, and the skin dries and crisps. The default.",
            "Brine, by the hour: strong salt water for hours to a day; saltier outside than in, so the hours matter. It needs a bucket and room in the fridge.",
            "Brine, by weight (an equilibrium brine): as much salt as bird and water together shall hold; it cannot get too salty, and takes about two days.",
            "Injection: a tenth of its weight of salted water through a needle; the salt starts inside, and hours are enough.",
            "None: salt in the gravy and at the table; right for a bird that was sold salted.",
          ],
        },
        "What runs out of salted meat is raw: away with it, never into the gravy.",
      ],
    },
    {
      id: "how-deep",
      title: "How deep does it go, day by day?",
      says: ({ cm }) => [
        `Slowly: about ${cm(1)} in the first day, and hardly to the middle of a whole breast in three: each step takes longer, since the way grows and the difference shrinks. It is enough: the rim is what every slice has, and heat evens it out a little more. Warmth would hasten it, which is why it is not done outside the fridge. Move the hours and see.`,
        "Only salt goes deep. Herbs, butter, acids and sugar stay on the surface and flavour skin and drippings.",
      ],
      figure: "salt-by-day",
    },
    {
      id: "faster",
      title: "Does a brined bird cook faster?",
      says: () => [
        "Hardly. What is said of it comes from birds that went in less cold, or from skin that was wet. Here is one bird, simulated with and without.",
      ],
      figure: "faster-salted",
    },
    {
      id: "injected",
      title: "Injected birds",
      says: () => [
        "A bird injected at the factory has its salt already, spread unevenly along the needle's tracks. It sheds more water in the oven, so its drippings are thin and salty: make the gravy with water or unsalted stock, and taste before you salt.",
      ],
      see: ["buying/presalted", "gravy/salty"],
    },
    {
      id: "how-much",
      title: "How much, and why by weight",
      says: ({ reader }) => [
        `Usual is ${constant("drySaltPercent")} % of the bird as bought, anywhere from 0.7 to 1.5 %. By weight, because a cup of one salt is twice as much as a cup of another: hollow flakes weigh less than half of table salt. The plan gives ${reader.units === "us" ? "ounces" : "grams"} and the spoons of the salt you chose; weigh ten level teaspoons of yours once and tell it.`,
      ],
    },
  ],
};

export const CUTTING: Chapter = {
  id: "cutting",
  title: "Cutting, or leaving whole",
  about: "Whole, spatchcocked, in parts, boned: what each gives and costs, step by step.",
  sections: [
    {
      id: "which",
      title: "What each cut gives",
      says: () => [
        {
          list: [
            "Whole: shown at the table. The breast lies on top, thin and lean; the legs lie low and sheltered, and need to be hotter. It is the hardest bird to get right, and the slowest.",
            "Spatchcocked: the backbone out, pressed flat. Legs and breast lie level and are done closer together, in about two thirds of the time, with all of the skin on top.",
            "In parts: each piece leaves when it is done. Quickest, evenest, nothing to show.",
            "Crown: the breast on its bone; legs cooked by themselves, or left out.",
            "Boned: breasts, or legs stuffed and tied: sliced like a roast.",
          ],
        },
      ],
      figure: "faster-cut",
    },
    {
      id: "steps",
      title: "Step by step",
      says: () => [
        "Lines to cut along, on a bird like yours. A damp cloth under the board; the blade away from the hand that holds.",
      ],
      figure: "cut-guides",
    },
    {
      id: "tying",
      title: "To tie, or not",
      says: () => [
        "Legs tied loosely and wings tucked: it stands steady and the tips do not burn. Tied tight, the thighs lie pressed against the body, where no heat gets to them, and finish last by even more. Left open they finish sooner and brown on the inside too.",
      ],
    },
  ],
};

export const DRESSING: Chapter = {
  id: "dressing",
  title: "What goes on and in",
  about: "Fat, paste, glaze, stuffing: when each helps and when it burns.",
  sections: [
    {
      id: "fat",
      title: "Oil or butter on the skin",
      says: () => [
        "A thin coat before roasting helps the skin to colour evenly. For smoke leave it off until it has coloured: fat keeps smoke out. Butter under the skin bastes nothing deeper than the skin, and tastes good. A duck or a goose brings its own: score or prick the skin, never the meat.",
      ],
    },
    {
      id: "paste",
      title: "An alkaline paste",
      says: () => [
        "A little baking powder with salt, rubbed thinly on a dried skin: it browns sooner and crisps. Too much tastes of soap.",
      ],
    },
    {
      id: "sugar",
      title: "Sugar, honey and glaze: why not early",
      says: () => [
        "Sugar colours an hour before meat is done, and burns soon after. Glaze goes on in thin passes when little time is left; a sweet rub wants moderate heat or foil over it.",
      ],
      see: ["trouble/dark"],
    },
    {
      id: "stuffing",
      title: "Stuffing: beside it, or inside, raw or warm?",
      says: ({ t }) => [
        `Beside it is the default: crisp, and done when it is done. Inside, it is the coldest place of all and has to come to ${t(constant("guidelineC"))} in its middle too, while the breast around it goes on cooking.`,
        "If it goes inside: warm, loosely, just before the oven. Cold stuffing costs more time and more of the breast. Raw meat or eggs in it make its middle the thing to measure. It comes out before the bird is carved.",
      ],
      figure: "stuffed",
      see: ["safety/stuffing"],
    },
  ],
};
