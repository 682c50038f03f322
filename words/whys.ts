/** Answers with a why, for where the question arises: one sentence, and where the handbook has the rest. */

export const WHYS = {
  wash: {
    says: "Not washed: water splashes what is on the skin about the kitchen, heat kills it.",
    to: "cleaning/wash",
  },
  "pop-up": {
    says: "A pop-up button melts at one place and one temperature: out with it, a thermometer tells.",
    to: "cleaning/pop-up",
  },
  juices: {
    says: "Clear juices do not tell: they come early in some birds and late in others.",
    to: "probing/juices",
  },
  "loose-leg": {
    says: "A leg moves loosely when its joint is soft, long after the breast is done.",
    to: "probing/loose-leg",
  },
  tying: {
    says: "Tied tight, the thighs lie where no heat gets to them; loosely tied they stand steady and cook.",
    to: "cutting/tying",
  },
  liver: { says: "The liver makes stock bitter: left out, or stirred in at the end.", to: "gravy/stock" },
  sugar: { says: "Sugar burns long before meat is done: late, or under foil.", to: "dressing/sugar" },
  stuffing: {
    says: "Warm, loose and just before it goes in: its middle is the last to be hot.",
    to: "dressing/stuffing",
  },
  injected: { says: "Sold salted, it has had its salt: more makes the gravy too salty.", to: "salting/injected" },
  counter: {
    says: "An hour on the counter hardly warms the middle, and the skin lies in the warmth bacteria like.",
    to: "heating/counter",
  },
  basting: {
    says: "Each opening lets the heat out and wets the skin; nothing of it gets into the meat.",
    to: "heating/basting",
  },
  "oven-first": {
    says: "Walls are half of an oven's heat: on a quarter hour longer than its lamp says, then the bird.",
    to: "heating/oven-first",
  },
  "cold-oven": {
    says: "Into a cold oven, turned on as the bird goes in: counted is how slowly a usual oven heats. What bakes before it is out an hour sooner, so that it cools.",
    to: "heating/oven-first",
  },
  probe: {
    says: "Deepest meat, off the bone, both sides: past the middle, then drawn back to the lowest it shows.",
    to: "probing/where",
  },
  under: { says: "Low walls let the heat at the legs; high ones shade them.", to: "heating/under" },
  tender: { says: "Legs are safe before they are tender; hotter, they stay moist.", to: "probing/leg" },
  guideline: {
    says: "What heat leaves alive is a matter of temperature and time: less hot for longer comes to the same.",
    to: "safety/guideline",
  },
  carving: {
    says: "Off the bone it is cut across the grain and is done in two thirds of the time; from the bone it is seen whole, and cut along the grain.",
    to: "carving/order",
  },
  faster: { says: "Only salt goes deep, and slowly; it hardly changes how long it roasts.", to: "salting/how-deep" },
  "leg-first": { says: "Legs done first come off and wait in foil; the breast goes on.", to: "trouble/leg-first" },
} as const satisfies Record<string, { readonly says: string; readonly to: string }>;

export type WhyId = keyof typeof WHYS;
