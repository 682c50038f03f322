import { useMemo } from "react";
import { toast } from "sonner";
import { wentIn, withPrediction } from "../../../core/forecast/prediction";
import { stageNow } from "../../../core/forecast/whatIf";
import { cookStage, type Roast } from "../../../core/formats/roast";
import { derivePlan } from "../../../core/schedule/derive";
import { changeRoast } from "../../../storage/roasts";
import { Superseded } from "../../../workers/pool";
import { predictPull } from "../../../workers/predict";
import { clockNow, instantNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { useSimulatedPlan } from "../../simulation/useSimulatedPlan";
import { Caution } from "../../ui/Caution";
import { useNow } from "../../ui/useNow";
import { AlarmSwitch } from "./AlarmSwitch";
import { Before } from "./Before";
import { Done } from "./Done";
import { Resting } from "./Resting";
import { Roasting } from "./Roasting";
import { useBridge } from "./useBridge";
import { useReadings } from "./useReadings";
import { useWakeLock } from "./useWakeLock";

/** The stove side: one next action, large; what has happened decides which of four faces is shown. */
export function CookBoard({ roast }: { readonly roast: Roast }) {
  const now = useNow();
  const stage = cookStage(roast);
  const simulated = useSimulatedPlan(roast.plan);
  const { readings, add } = useReadings(roast.id);
  const bridgeFault = useBridge(roast, readings, add);
  useWakeLock(stage === "roasting" || stage === "resting");
  const { cook, shares } = simulated;
  const { inAt } = roast.happened;
  const derived = useMemo(
    () => (cook ? derivePlan(roast.plan, cook, shares, clockNow(), inAt) : null),
    [roast.plan, cook, shares, inAt],
  );
  const observed = useMemo(
    () =>
      (readings ?? [])
        .map(({ at, part, side, celsius }) => {
          const minute = (Date.parse(at) - Date.parse(inAt ?? "")) / 60_000;
          return { minute, part, celsius, ...(side && { side }) };
        })
        .filter(({ minute }) => minute >= 0),
    [readings, inAt],
  );

  const change = (next: (before: Roast) => Roast): void => {
    changeRoast(database(), roast.id, next).catch((error: unknown) => {
      toast.error(`That was not stored: ${error instanceof Error ? error.message : String(error)}`);
    });
  };
  const happened = (event: Partial<Roast["happened"]>): void =>
    change((before) => ({ ...before, happened: { ...before.happened, ...event } }));
  const goesIn = (atMs: number): void => {
    change((before) => wentIn(before, atMs));
    if (roast.happened.predicted) return;
    predictPull(roast.plan, atMs)
      .then((predicted) => change((before) => withPrediction(before, predicted, atMs)))
      .catch((error: unknown) => {
        // Asked again for a corrected moment: the newer one answers for both.
        if (error instanceof Superseded) return;
        toast.error(`No prediction was stored: ${error instanceof Error ? error.message : String(error)}`);
      });
  };
  const takeBack = (...events: (keyof Roast["happened"])[]): void =>
    change((before) => ({
      ...before,
      happened: Object.fromEntries(
        Object.entries(before.happened).filter(([event]) => !events.includes(event as keyof Roast["happened"])),
      ),
    }));

  if (simulated.fault) return <Caution>The simulation stopped: {simulated.fault}</Caution>;
  if (!cook || !derived || !readings) return <p className="py-10 text-soft">Cooking this bird once, to see …</p>;
  return (
    <div
      className={`mx-auto flex w-full grow flex-col gap-4 pb-2 ${stage === "roasting" || stage === "resting" ? "max-w-3xl lg:max-w-none" : "max-w-3xl"}`}
    >
      <div className="flex items-center justify-between gap-3">
        <h1 className="text-lg leading-tight text-soft">{roast.title}</h1>
        {stage !== "done" && <AlarmSwitch />}
      </div>
      {bridgeFault && <Caution>{bridgeFault}</Caution>}
      {stage === "planned" && (
        <Before
          plan={roast.plan}
          derived={derived}
          now={now}
          onIn={goesIn}
          thermometer={roast.thermometer}
          onThermometer={(thermometer) => change((before) => ({ ...before, thermometer }))}
        />
      )}
      {stage === "roasting" && (
        <Roasting
          roast={roast}
          cook={cook}
          derived={derived}
          readings={readings}
          observed={observed}
          now={now}
          onReading={add}
          onPull={() => happened({ pulledAt: instantNow() })}
          onTakeBack={() => takeBack("inAt", "predicted")}
          onThermometer={(thermometer) => change((before) => ({ ...before, thermometer }))}
          onInAt={goesIn}
          onDone={happened}
          onDoor={(openMin) => {
            const at = new Date(clockNow() - openMin * 60_000).toISOString();
            change((before) => ({
              ...before,
              happened: { ...before.happened, doors: [...(before.happened.doors ?? []), { at, openMin }] },
            }));
            toast.success(`Noted: the door was open for ${openMin} min; the forecast counts with it`);
          }}
          onWhatIf={(name, { stages, leaves }) => {
            const minute = Math.round((clockNow() - Date.parse(roast.happened.inAt ?? "")) / 60_000);
            const at = instantNow();
            const left = leaves.length > 0 ? ` (${leaves.join(" and ")} out)` : "";
            change((before) => ({
              ...before,
              plan: { ...before.plan, stages },
              happened: {
                ...before.happened,
                stagesDone: stageNow(stages, minute + 1, {}),
                ...(leaves.length > 0 && {
                  left: [...(before.happened.left ?? []), ...leaves.map((piece) => ({ piece, at }))],
                }),
              },
              notes: `${before.notes}${before.notes && "\n"}Minute ${minute}: ${name}${left}.`.slice(-4000),
            }));
            toast.success(`${name}: it is the plan now`, {
              action: {
                label: "Undo",
                onClick: () =>
                  change((before) => ({
                    ...before,
                    plan: roast.plan,
                    notes: roast.notes,
                    happened: { ...before.happened, stagesDone: roast.happened.stagesDone, left: roast.happened.left },
                  })),
              },
            });
          }}
        />
      )}
      {stage === "resting" && (
        <Resting
          roast={roast}
          cook={cook}
          derived={derived}
          observed={observed}
          now={now}
          onReading={add}
          onCarve={() => happened({ carvedAt: instantNow() })}
          onCover={(cover) => change((before) => ({ ...before, plan: { ...before.plan, cover } }))}
          onBackIn={() =>
            change((before) => {
              const { pulledAt, outs = [], ...rest } = before.happened;
              if (!pulledAt) return before;
              const out = { outAt: pulledAt, backAt: instantNow() };
              return { ...before, happened: { ...rest, outs: [...outs, out] } };
            })
          }
          onTakeBack={() => takeBack("pulledAt")}
        />
      )}
      {stage === "done" && (
        <Done
          roast={roast}
          readings={readings}
          onTakeBack={() => takeBack("carvedAt", "closedAt")}
          onRecord={(record) => change((before) => ({ ...before, ...record }))}
          onClose={(closed) => (closed ? happened({ closedAt: instantNow() }) : takeBack("closedAt"))}
        />
      )}
    </div>
  );
}
