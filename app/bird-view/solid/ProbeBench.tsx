import { useMemo, useState } from "react";
import { keptAlong, LOOKS, type Look, wholeBounds } from "../../../core/bird/look";
import { type Placing, placingAt, placingOf, type Stem, squareFrom, stemOf } from "../../../core/bird/placing";
import type { Vec3 } from "../../../core/bird/sdf";
import type { Centre } from "../../../core/bird/solid";
import { pointIn, type SolidGeometry } from "../../../core/bird/solidGeometry";
import { along, distanceBetween } from "../../../core/bird/vector";
import { volumeC } from "../../../core/bird/volume";
import { type PlannedDone, volumeAtPull } from "../../../core/forecast/planned";
import { plannedInput } from "../../../core/forecast/plannedInput";
import type { ProbeGuide } from "../../../core/forecast/probeGuide";
import type { Plan } from "../../../core/plan/schema";
import { highestTargetC } from "../../../core/plan/targets";
import type { UnitSystem } from "../../../core/units/quantity";
import { PART_NAMES } from "../../../words/names";
import { type PlacedReading, placedFromNames, placedLength, placedWords } from "../../../words/probing";
import { CentreChart } from "../../chart/CentreChart";
import { useSize } from "../../chart/useSize";
import { usePreferences } from "../../shell/preferences";
import { useSimulated } from "../../simulation/useSimulated";
import { Segmented } from "../../ui/Segmented";
import { useSolid } from "../useGeometry";
import { type SolidLine, stemLine } from "./lines";
import { momentAt } from "./moment";
import { Placer } from "./Placer";
import { SeenFrom } from "./SeenFrom";
import { SolidCanvas } from "./SolidCanvas";

interface Props {
  readonly plan: Plan;
  readonly inAtMs: number;
  readonly guides: readonly ProbeGuide[];
  /** At the stove: how far short of the deepest a tip seems to sit, by the readings, cm. */
  readonly seemsShortCm?: Partial<Record<Centre, number>>;
}

/** A thermometer on the bird itself: where it belongs, where the readings say it is, and anywhere else one likes. */
export default function ProbeBench(props: Props) {
  const { plan } = props;
  const input = useMemo(() => plannedInput(plan), [plan]);
  const { answer } = useSimulated<"plan">({ kind: "plan", input, quality: "solid" });
  const geometry = useSolid(plan.bird, plan.bird.massKg);
  if (!geometry || !answer) {
    return (
      <p role="status" className="p-4 text-soft">
        Shaping the bird …
      </p>
    );
  }
  return answer.kind === "done" ? <Bench {...props} geometry={geometry} cook={answer} /> : null;
}

const FIRST_DEPTH_M = 0.05;

function Bench({
  plan,
  inAtMs,
  guides,
  seemsShortCm = {},
  geometry,
  cook,
}: Props & { geometry: SolidGeometry; cook: PlannedDone }) {
  const { units } = usePreferences();
  const bounds = useMemo(() => wholeBounds(geometry.extent), [geometry]);
  // What is in doubt comes first.
  const first = guides.find(({ centre }) => seemsShortCm[centre] !== undefined) ?? guides[0];
  const [chosen, setChosen] = useState<Centre | "own">(first?.centre ?? "own");
  const [placing, setPlacing] = useState<Placing>(() =>
    first ? placingOf(first, geometry, bounds) : squareFrom("above", FIRST_DEPTH_M, bounds),
  );
  const [look, setLook] = useState<Look>(LOOKS.side);
  const [view, setView] = useState<"outside" | "cut">("outside");
  const stem = useMemo(() => stemOf(placing, geometry, bounds), [placing, geometry, bounds]);
  const kept = useMemo(() => (stem && view === "cut" ? keptAlong(stem.tip, stem.way, look) : null), [stem, view, look]);
  const short = chosen === "own" ? undefined : seemsShortCm[chosen];
  const lines = useMemo<readonly SolidLine[]>(() => {
    if (!stem) return [];
    if (short === undefined) return [stemLine(stem)];
    // Short of its place: drawn back along the way it was pushed in; past it: further on.
    return [stemLine(stem), stemLine(stem, along(stem.tip, stem.way, -short / 100 / geometry.scale))];
  }, [stem, short, geometry]);
  // Placed in the raw bird; cut open as it comes out.
  const moment = useMemo(() => momentAt(cook.frames, view === "cut" ? cook.pullMinute : 0, cook.lattice), [cook, view]);
  const curve = useMemo(
    () =>
      stem
        ? cook.frames.flatMap(({ minute, volume }) =>
            volume ? [{ minute, celsius: volumeC(cook.lattice, volume, stem.tip) }] : [],
          )
        : [],
    [stem, cook],
  );
  const reading = stem && placedReading(stem, geometry, cook);
  const place = (change: Partial<Placing>): void => {
    setChosen("own");
    setPlacing({ ...placing, ...change });
  };
  return (
    <div className="grid gap-4 lg:grid-cols-[1.25fr_1fr]">
      <div className="grid content-start gap-2">
        <div className="flex flex-wrap items-center justify-between gap-2">
          <Segmented<Centre | "own">
            label="The thermometer is"
            value={chosen}
            choices={[
              ...guides.map(({ centre }) => ({ value: centre, label: `In the ${PART_NAMES[centre]}` })),
              { value: "own", label: "A place of your own" },
            ]}
            onChange={(next) => {
              setChosen(next);
              const guide = guides.find(({ centre }) => centre === next);
              if (guide) setPlacing(placingOf(guide, geometry, bounds));
            }}
          />
        </div>
        <div className="h-72">
          <SolidCanvas
            geometry={geometry}
            moment={moment}
            look={look}
            kept={kept}
            inside={false}
            targetC={highestTargetC(plan)}
            lines={lines}
            label={`The bird with a thermometer ${placedFromNames(plan.bird.cut)[placing.from].toLowerCase()}. ${reading ? placedWords(reading, units) : "The stem passes beside the bird."}`}
            onLook={setLook}
            onPick={(point, outward) => {
              setChosen("own");
              setPlacing(placingAt(point, outward, placing.depthM, geometry, bounds));
            }}
          />
        </div>
        <div className="flex flex-wrap items-center gap-2">
          <Segmented<"outside" | "cut">
            label="It is shown"
            value={view}
            choices={[
              { value: "outside", label: "From outside" },
              { value: "cut", label: "Cut along the stem" },
            ]}
            onChange={setView}
          />
          <SeenFrom look={look} onLook={setLook} />
        </div>
        <p role="status" className="text-lg">
          {reading ? placedWords(reading, units) : "The stem passes beside the bird."}
        </p>
        {short !== undefined && (
          <p className="font-medium">
            By the readings the tip sits about {placedLength(Math.abs(short), units, false)}{" "}
            {short > 0 ? "short of there: push it further in" : "past there: draw it back"}.
          </p>
        )}
        <p className="text-sm text-soft">
          Drag to turn the bird; point at a place of the skin to push the stem in there.
        </p>
      </div>
      <div className="grid content-start gap-2">
        <Placer placing={placing} geometry={geometry} cut={plan.bird.cut} units={units} onPlace={place} />
        <Curve plan={plan} inAtMs={inAtMs} cook={cook} points={curve} units={units} />
      </div>
    </div>
  );
}

/** What the tip is worth as the bird comes out. */
function placedReading({ tip }: Stem, geometry: SolidGeometry, cook: PlannedDone): PlacedReading | null {
  const own: Vec3 = [Math.abs(tip[0]), tip[1], tip[2]];
  const nearest = (Object.entries(geometry.centres) as [Centre, Vec3][])
    .map(([centre, at]) => ({ centre, at, offM: distanceBetween(own, at) }))
    .sort((a, b) => a.offM - b.offM)[0];
  const volume = volumeAtPull(cook);
  if (!nearest || !volume) return null;
  return {
    at: pointIn(geometry, tip),
    centre: nearest.centre,
    offCm: 100 * geometry.scale * nearest.offM,
    showsC: volumeC(cook.lattice, volume, tip),
    deepestC: volumeC(cook.lattice, volume, nearest.at),
  };
}

function Curve({
  plan,
  inAtMs,
  cook,
  points,
  units,
}: {
  readonly plan: Plan;
  readonly inAtMs: number;
  readonly cook: PlannedDone;
  readonly points: readonly { minute: number; celsius: number }[];
  readonly units: UnitSystem;
}) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const beside = useMemo(() => ({ name: "this tip", points }), [points]);
  return (
    <section aria-label="What it would show" ref={ref} className="h-52 overflow-hidden">
      {width > 0 && (
        <CentreChart
          history={cook.history}
          targetC={highestTargetC(plan)}
          pullMinute={cook.pullMinute}
          inAtMs={inAtMs}
          zone={plan.zone}
          units={units}
          beside={beside}
          width={width}
          height={height}
        />
      )}
    </section>
  );
}
