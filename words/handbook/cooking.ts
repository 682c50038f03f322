/** Chapters at the heat: the oven, the thermometer, trouble, the rest. Practice is common; guidance is USDA FSIS. */
import { constant } from "../../core/constants";
import { formatTemperatureDifference } from "../../core/units/quantity";
import { OUTERMOST, WEIGHED_BY } from "../amounts";
import type { Chapter } from "./chapter";

export const HEATING: Chapter = {
  id: "heating",
  title: "How long, and how hot",
  about: "Times for your bird and way with their doubt; the oven before the bird; doors and covers.",
  sections: [
    {
      id: "how-long",
      title: "How long for which bird",
      says: ({ reader }) => [
        "Computed for a bird from the fridge, until every place that is measured shows the guideline after the rest. The doubt is what nobody can know beforehand: how true your oven's dial is, how wet the skin, how thick this breast. At a fire, under a cover and on a hot stone less is known, and it is larger. A plan counts it in; a thermometer takes most of it away.",
        `Minutes a ${WEIGHED_BY[reader.units]}, the same for all, is too long for large birds and too short for small ones: time grows with the thickness, not with the weight.`,
      ],
      figure: "how-long",
    },
    {
      id: "oven-first",
      title: "Why the oven first",
      says: () => [
        "An oven that only says it is hot has hot air and cold walls, and walls are half of its heat. Put in before it is ready, the bird takes longer by an uncertain time, and that is the one thing a plan cannot count. So: oven on, a quarter hour longer than its lamp says, then the bird.",
        "Who wants it so puts the bird into a cold oven, and says so by no minutes on before. The plan then counts how slowly a usual oven heats; how slowly yours does it cannot know, so look in earlier than it says.",
      ],
    },
    {
      id: "counter",
      title: "Out of the fridge an hour before?",
      says: ({ reader }) => [
        `Straight in is the default. An hour on the counter warms the ${OUTERMOST[reader.units]}, which the oven would do in minutes, and hardly the middle; it takes little off the roast and leaves the skin in the warmth that bacteria like.`,
      ],
      figure: "counter",
    },
    {
      id: "basting",
      title: "Baste, or leave the door shut?",
      says: () => [
        "Leave the door shut. Each opening lets out most of the hot air, and what is spooned over the skin wets it again: it colours later, and none of it gets into the meat. If you like the glazed look, a few times towards the end are enough.",
        "In smoke some mist the bird with water, since a wet skin is said to take more of it. The lid that is lifted costs as much as with a spoon, and the skin colours later: seldom, and not in the first hour.",
      ],
      figure: "basting",
    },
    {
      id: "foil",
      title: "Foil, shields, lids and wraps",
      says: ({ t }) => [
        {
          list: [
            "Foil over the breast from the start, off in time for colour: holds the breast back while the legs get on.",
            "Foil on when it is brown enough: keeps the colour where it is.",
            "Wrapped tight: steams it, ends the stall of a slow smoke, softens the skin.",
            `In a roasting bag, or with a lid on: its own steam cooks it a quarter quicker. A bag is for the oven, at ${t(constant("bagMostC"))} at most and away from its walls, with a spoonful of flour in it and slits in the top; cut it open with care for the steam.`,
            "Wing tips and the ends of the drumsticks capped: they burn first.",
          ],
        },
      ],
      see: ["trouble/dark", "trouble/leg-first"],
    },
    {
      id: "under",
      title: "What lies under it",
      says: ({ t }) => [
        "A rack in a low tray is the default: heat gets at the legs, the underside stays off its own juice, and the tray catches it. The walls of a deep tray shade the legs, and the bird takes some minutes longer; on the bare tray its underside stews. Vegetables under it season the drippings and keep them from burning. A stone, preheated with the oven, heats legs that lag behind. On an open grate all sides are roasted, over a tray with a little water in it.",
        `Over a fire, and in an oven of ${t(constant("drippingsBurnC"))} and more, water a finger deep in a tray that is dry keeps the drippings from burning; burnt, they are no gravy. What it adds to the oven's air is not computed.`,
      ],
    },
    {
      id: "upright",
      title: "Upright on a stand",
      says: () => [
        "On a stand no side lies on anything: a small whole bird browns all round and is done some minutes sooner than on a rack in a tray. Lower the shelf, since it stands as tall as it is long; carry it level, the stand and what drips are hot. It is a choice under the bird, in the plan's heat.",
      ],
    },
    {
      id: "fire",
      title: "Covered grill, smoker, spit",
      says: ({ t }) => [
        `Legs towards the fire, water or vegetables in the tray under the bird. A smoker below ${t(120)} takes the bird slowly through the warmth in which bacteria grow: only small or spatchcocked birds, never stuffed, never with ice in them. Briquettes, wood or pellets for so many hours, more in wind and cold: the list counts them. Charcoal and gas have no smoke of their own: a piece of dry hardwood as large as a fist at a time, in the first hours, while the skin is wet.`,
        "Smoked first and roasted in the oven, or the other way round: a stage of the plan takes it into another heat, which is brought up in time; that is also the way out where a fire will not hold.",
      ],
    },
  ],
};

export const PROBING: Chapter = {
  id: "probing",
  title: "The thermometer",
  about: "Where it goes, how deep to push it, and what not to trust instead.",
  sections: [
    {
      id: "where",
      title: "Where the probe goes, and how deep",
      says: ({ cmRange }) => [
        "The deepest meat, off the bone, on both sides at the end: bone and the cavity's air show another temperature.",
        {
          list: [
            `Breast: in from the neck end, level with the board and along the breastbone, about halfway between skin and bone. Push until the tip is past the middle of the thickest part, then draw it back slowly: the lowest reading on the way is the one that counts. In the breast of a whole turkey that is ${cmRange(2, 3)} under the nearest surface; the picture says how far along the probe.`,
            `Thigh: in where thigh and body meet, beside the drumstick, towards the body and beside the bone, not on it: ${cmRange(2.5, 3)} deep in a turkey, ${cmRange(1.5, 2)} in a chicken or a duck.`,
            "Stuffing: into its middle, through the opening.",
          ],
        },
        "Touching bone, it jumps or stands still: draw back a little. Every reading is the lowest you can find near there.",
      ],
      figure: "probe-places",
      see: ["trouble/disagree"],
    },
    {
      id: "leg",
      title: "Safe, and tender",
      says: ({ t }) => [
        `What the guideline asks is asked of the thigh too, and is enough for safety. A leg's sinews soften slowly and hotter: from about ${t(constant("tenderLegC"))} it is tender, at ${t(82)} it falls from the bone, and it stays moist, which no breast would. A whole bird's legs mostly come to it by themselves while the breast is waited for; pieces do not, and are given a target of their own.`,
      ],
    },
    {
      id: "juices",
      title: "Clear juices",
      says: () => [
        "They do not tell. Juices run clear in some birds before they are safe, and pink in others, young or smoked or salted ones, long after. A thermometer tells.",
      ],
      see: ["trouble/pink"],
    },
    {
      id: "loose-leg",
      title: "A leg that moves loosely",
      says: () => [
        "It says that the joint is soft, at some temperature well above the guideline and at one place. It comes late for the breast, and a tied or spatchcocked bird shows it at another time. Nice to see; not to be gone by.",
      ],
    },
    {
      id: "check",
      title: "Is the thermometer right?",
      says: ({ t }) => [
        `In a glass of ice with water it shows ${t(0)}; in boiling water the boiling point of your height above the sea. Tell what yours shows under Kitchen, and every reading is put right.`,
      ],
    },
    {
      id: "one-thermometer",
      title: "With one hand thermometer",
      says: () => [
        "Three readings are worth more than one: a first about two thirds through, a second twenty minutes later, then as the stove screen asks. It says where and when the next one would tell most.",
      ],
    },
  ],
};

export const TROUBLE: Chapter = {
  id: "trouble",
  title: "When something is not as planned",
  about: "Late, early, no heat, pale, dark, pink, dry, the leg before the breast.",
  sections: [
    {
      id: "late",
      title: "It is late",
      says: () => [
        {
          steps: [
            "Read breast and thigh, deep, both sides. A shallow or a bony reading is the usual reason.",
            "Look at What if on the stove screen: oven up, wrap it, legs off: each is simulated from where your bird is now.",
            "Tell the table. The rest may be short: twenty minutes for a turkey, fifteen for a small bird. Dishes keep better than guests.",
            "Only one part late? Take off what is done, and put the rest back.",
          ],
        },
      ],
      see: ["trouble/leg-late", "trouble/no-heat"],
    },
    {
      id: "no-heat",
      title: "The oven is off, the fire out",
      says: ({ t }) => [
        "Leave it shut. A hot oven holds its heat for half an hour and more, and goes on cooking meanwhile.",
        `Say so under Correct something on the stove screen, and once more when it is on again: what is read in between is no slow oven then, and the finish moves by what it truly costs. What was noticed late is put right there too. Where it stays off, move the bird into another heat and say so: the stove screen offers it. Off for longer than ${constant("outHours")} hours with meat that has not come to ${t(60)}, follow your local food-safety authority: heat afterwards does not make all of it good.`,
      ],
    },
    {
      id: "early",
      title: "It is early",
      says: ({ t }) => [
        `Foil and two towels, or an insulated box: a turkey stays hot for an hour and a half. Longer: an oven at ${t(90)} or a little less, or carve it, cover it with drippings and heat it again. Bare on the board it is cold in half an hour, and its skin soft under tight foil.`,
      ],
      see: ["resting/how-long"],
    },
    {
      id: "leg-first",
      title: "The leg is done before the breast",
      says: () => [
        "Rare in a whole bird, usual in one spatchcocked or roasted breast down. Take the legs off at the joint and keep them in foil: they gain by waiting. The breast goes on, in less time than you think once the legs are off. Say so on the stove screen, and it forecasts what is left.",
        "Not to be cut yet? Foil over the legs, breast towards the hot side of the oven.",
      ],
    },
    {
      id: "leg-late",
      title: "The breast is done before the leg",
      says: () => [
        "The usual trouble of a whole bird. Foil over the breast now. Or take it out, cut off the legs and put them back by themselves while the breast rests: they take ten to twenty minutes more, and the rest hides it.",
      ],
      see: ["heating/foil"],
    },
    {
      id: "pale",
      title: "Pale skin",
      says: ({ t }) => [
        `It is wet, or the oven too mild. Foil off, door shut, oven up to ${t(220)} for the last quarter of an hour, while it is still a little short of done. Next time: dry it uncovered for a day, and leave the basting.`,
      ],
    },
    {
      id: "dark",
      title: "Too dark, too soon",
      says: () => [
        "Loose foil over what is dark, the oven down a step, and the tray a level lower. Sugar in a rub or a glaze does it first of all.",
      ],
      see: ["dressing/sugar"],
    },
    {
      id: "pink",
      title: "Pink meat",
      says: ({ t }) => [
        `Colour does not tell. Smoke, salt, a young bird's bones and some ovens leave meat pink at ${t(80)}; others are grey long before they are safe. Read it at the deepest place: at ${t(constant("guidelineC"))} it is done, whatever its colour.`,
      ],
      see: ["probing/juices"],
    },
    {
      id: "dry",
      title: "Dry breast",
      says: ({ t }) => [
        `Each degree beyond ${t(65)} presses out more. Slice it thin across the grain and lay it in hot gravy or drippings. Next time: salt it, take it out earlier (it rises by itself at rest), or spatchcock it so that the legs are not waited for.`,
      ],
      see: ["resting/carry-over"],
    },
    {
      id: "disagree",
      title: "The thermometers disagree",
      says: () => [
        "Two places do differ, by ten degrees and more in a whole bird. The same place: believe the lower one, draw the probe a little back and forth and take the least it shows. A jump upwards is often bone or air; the screen sets such a reading aside and says so.",
      ],
    },
    {
      id: "stall",
      title: "It stands still",
      says: () => [
        "In slow smoke a wet skin can give off as much heat as it takes in, and the temperature rests for an hour. Wrap it tight, or turn the heat up.",
      ],
    },
  ],
};

export const RESTING: Chapter = {
  id: "resting",
  title: "Out, and resting",
  about: "When to take it out, how far it rises, how long it may wait.",
  sections: [
    {
      id: "carry-over",
      title: "It rises by itself",
      says: ({ reader }) => [
        "Out of the oven the outside is hotter than the middle, and goes on warming it: by a few degrees in a chicken, by five to ten in a large turkey from a hot oven. The plan takes it out early by what this bird will gain, less a margin, and wants the target seen before carving. If the rest falls short, it goes back in.",
        `More than ${formatTemperatureDifference(constant("carryOverMostK"), reader.units)} of it is never counted on: small pieces from a very hot oven or grill are computed to gain more, and nothing published was found to hold that against.`,
      ],
      figure: "rest",
    },
    {
      id: "how-long",
      title: "How long it rests",
      says: () => [
        `Breasts and legs by themselves 5 to ${constant("pieceRestMin")} minutes, small birds 15 to 20, a turkey ${constant("usualRestMin")}, a large one 45 to 60; up to ${constant("longestRestMin")} well wrapped. The juices thicken and stay in the slices, and you have time for the gravy. Loose foil; bare if the skin has to stay crisp; foil and towels to hold it.`,
        "The rest is the plan's buffer: the bird goes in early enough that a late one still rests and an early one is still hot.",
      ],
    },
    {
      id: "lift",
      title: "Lifting it",
      says: () => [
        "Hot juice stands in the cavity: tip it into the tray, away from you, before you lift. The fat of a duck or a goose is deep and hot: pour it off in two goes.",
      ],
    },
  ],
};
