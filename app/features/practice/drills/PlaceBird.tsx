import { useMemo, useState } from "react";
import { keptAlong, LOOKS, type Look, nearestSide, wholeBounds } from "../../../../core/bird/look";
import { type Placing, placingAt, squareFrom, stemOf } from "../../../../core/bird/placing";
import type { Vec3 } from "../../../../core/bird/sdf";
import type { Centre } from "../../../../core/bird/solid";
import type { SolidGeometry } from "../../../../core/bird/solidGeometry";
import { distanceBetween, mirrorImage } from "../../../../core/bird/vector";
import { volumeC } from "../../../../core/bird/volume";
import { volumeAtPull } from "../../../../core/forecast/planned";
import { plannedInput } from "../../../../core/forecast/plannedInput";
import { usualPlan } from "../../../../core/plan/usualPlan";
import type { PlaceQuestion } from "../../../../core/practice/drills";
import { formatTemperatureDifference, type UnitSystem } from "../../../../core/units/quantity";
import { CUT_NAMES, PART_NAMES } from "../../../../words/names";
import { offLength, placedFromNames } from "../../../../words/probing";
import { SEEN_FROM_NAMES } from "../../../../words/solid";
import { type SolidLine, stemLine } from "../../../bird-view/solid/lines";
import { Placer } from "../../../bird-view/solid/Placer";
import { SeenFrom } from "../../../bird-view/solid/SeenFrom";
import { SolidCanvas } from "../../../bird-view/solid/SolidCanvas";
import { useSolid } from "../../../bird-view/useGeometry";
import { usePreferences } from "../../../shell/preferences";
import { useSimulated } from "../../../simulation/useSimulated";
import { Button } from "../../../ui/Button";
import type { Off } from "./off";

interface Props {
  readonly question: PlaceQuestion;
  readonly centre: Centre;
  onNext(off: Off): void;
}

/** A bird to push the thermometer into; then how far off it was, cut open along the stem. */
export default function PlaceBird(props: Props) {
  const geometry = useSolid(props.question, props.question.massKg);
  return geometry ? (
    <Bird {...props} geometry={geometry} />
  ) : (
    <p role="status" className="p-4 text-soft">
      Shaping the bird …
    </p>
  );
}

const SERVED_AT = "2027-01-01T18:00:00.000Z";
const MARK_RADIUS_M = 0.0043;
const FIRST_DEPTH_M = 0.03;

function Bird({ question, centre, geometry, onNext }: Props & { readonly geometry: SolidGeometry }) {
  const { units } = usePreferences();
  const bounds = useMemo(() => wholeBounds(geometry.extent), [geometry]);
  const [placing, setPlacing] = useState<Placing>(() => squareFrom("above", FIRST_DEPTH_M, bounds));
  const [look, setLook] = useState<Look>(LOOKS.side);
  const [off, setOff] = useState<Off | null>(null);
  const { species, cut, massKg } = question;
  const input = useMemo(() => {
    const method = cut === "spatchcock" ? "hot-flat" : "steady";
    return plannedInput(
      usualPlan({ bird: { species, cut, massKg, state: "fresh" }, method, serveAt: SERVED_AT, zone: "UTC" }),
    );
  }, [species, cut, massKg]);
  const { answer } = useSimulated<"plan">({ kind: "plan", input, quality: "solid" }, { urgency: "behind" });
  const stem = useMemo(() => stemOf(placing, geometry, bounds), [placing, geometry, bounds]);
  const deepest = geometry.centres[centre] as Vec3;
  const lines = useMemo<readonly SolidLine[]>(() => {
    if (!stem) return [];
    if (!off) return [stemLine(stem)];
    const there = stem.tip[0] < 0 ? mirrorImage(deepest) : deepest;
    return [stemLine(stem), { points: [there], radiusM: MARK_RADIUS_M, tone: "ember", tipped: false }];
  }, [stem, off, deepest]);
  const tell = (): void => {
    if (!stem) return;
    const own: Vec3 = [Math.abs(stem.tip[0]), stem.tip[1], stem.tip[2]];
    const mm = 1000 * geometry.scale * distanceBetween(own, deepest);
    const cook = answer?.kind === "done" ? answer : null;
    const volume = cook && volumeAtPull(cook);
    const kelvin =
      cook && volume ? volumeC(cook.lattice, volume, stem.tip) - volumeC(cook.lattice, volume, deepest) : null;
    setOff({ mm, kelvin });
  };
  return (
    <section aria-label={`${CUT_NAMES[cut]} ${species}`} className="grid gap-4 lg:grid-cols-[1.25fr_1fr]">
      <div className="grid content-start gap-2">
        <p className="text-xl">
          {CUT_NAMES[cut]} {species}: to the deepest meat of the <b>{PART_NAMES[centre]}</b>.
        </p>
        <div className="h-72">
          <SolidCanvas
            geometry={geometry}
            moment={null}
            look={look}
            kept={off && stem ? keptAlong(stem.tip, stem.way, look) : null}
            inside={false}
            targetC={0}
            lines={lines}
            label={`${CUT_NAMES[cut]} ${species} with a thermometer ${placedFromNames(cut)[placing.from].toLowerCase()}, seen ${SEEN_FROM_NAMES[nearestSide(look)].toLowerCase()}`}
            onLook={setLook}
            {...(!off && {
              onPick: (at: Vec3, outward: Vec3) => setPlacing(placingAt(at, outward, placing.depthM, geometry, bounds)),
            })}
          />
        </div>
        <div className="flex flex-wrap items-center gap-3">
          <SeenFrom look={look} onLook={setLook} />
          {off ? (
            <Button tone="primary" onClick={() => onNext(off)}>
              Next
            </Button>
          ) : (
            <Button tone="primary" disabled={!stem} onClick={tell}>
              It is there
            </Button>
          )}
        </div>
        <p role="status" className="text-lg font-medium">
          {off ? offWords(off, units) : stem ? "" : "The stem passes beside the bird."}
        </p>
      </div>
      <div inert={off !== null}>
        <Placer
          placing={placing}
          geometry={geometry}
          cut={cut}
          units={units}
          onPlace={(change) => setPlacing({ ...placing, ...change })}
        />
      </div>
    </section>
  );
}

const offWords = ({ mm, kelvin }: Off, units: UnitSystem): string => {
  const shows =
    kelvin === null || Math.abs(kelvin) < 0.5
      ? ""
      : ` As the bird comes out it would show ${formatTemperatureDifference(Math.abs(kelvin), units)} too ${kelvin > 0 ? "much" : "little"}.`;
  return `${offLength(mm, units)} from the deepest meat, which is marked.${shows}`;
};
