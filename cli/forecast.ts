/** `forecast --plan FILE --readings FILE.csv [--at 120m]`: when each target will be met, by the model refitted to a log. */

import { centresOf } from "../core/bird/form";
import { forecasting } from "../core/forecast/forecast";
import { roastOptions } from "../core/forecast/plannedInput";
import { lateOf, mapLate, type Quantiles } from "../core/forecast/shares";
import { rowsIn } from "../core/formats/csv";
import { readLog } from "../core/formats/readingLog";
import type { Roast } from "../core/plan/roast";
import { targetsOf } from "../core/plan/targets";
import { roastUntil } from "../core/practice/playedOn";
import { drain } from "../core/processes/cook";
import { parseDurationS } from "../core/units/quantity";
import { MINUTE_MS } from "../core/units/time";
import { rowReason } from "../words/incoming";
import { CommandError, NEVER_MET, USAGE } from "./errors";
import { oneOf, readOptions, required, tenth } from "./options";
import { readText, roastsIn } from "./readFile";

const minutes = ({ p10, p50, p90 }: Quantiles) => ({
  p10: tenth(p10),
  p50: tenth(p50),
  p90: mapLate(lateOf(p90), tenth),
});

/** The roast as it stood so long after it went in; as its file has it where that is not asked, or it has not gone in. */
function byThen(roast: Roast, minute: number | null): Roast {
  const { inAt } = roast.happened;
  if (minute === null || inAt === undefined) return roast;
  return roastUntil(roast, new Date(Date.parse(inAt) + minute * MINUTE_MS).toISOString());
}

/** @throws CommandError when a file cannot be read or says nothing, or a target is never met */
export function forecast(args: readonly string[]): unknown {
  const { values } = readOptions(args, {
    plan: { type: "string" },
    readings: { type: "string" },
    at: { type: "string" },
    unit: { type: "string" },
  });
  const planPath = required("--plan", values.plan, "--plan roast.json");
  const [first] = roastsIn("--plan", planPath, readText("--plan", planPath));
  if (!first) throw new CommandError(USAGE, `${planPath}: there is no roast in it`);
  const untilMin = values.at === undefined ? null : parseDurationS(values.at) / 60;
  const { plan, happened } = byThen(first.roast, untilMin);
  const logPath = required("--readings", values.readings, "--readings log.csv");
  const unit = oneOf("--unit", values.unit?.toUpperCase(), ["C", "F"] as const, "C");
  const [header = [], ...rows] = rowsIn(readText("--readings", logPath));
  const log = readLog(header, rows, {
    unit,
    zone: plan.zone,
    centres: centresOf(plan.bird),
    ...(happened.inAt && { inAtMs: Date.parse(happened.inAt) }),
  });
  const [rejected] = log.rejected;
  if (log.readings.length === 0 && rejected) {
    throw new CommandError(USAGE, `${logPath}: line ${rejected.line}: ${rowReason(rejected)}`);
  }
  const readings = log.readings.filter(({ minute }) => untilMin === null || minute <= untilMin);
  const made = drain(forecasting(roastOptions({ plan, happened }, targetsOf(plan)), readings));
  const never = Object.entries(made.targets).find(([, quantiles]) => !Number.isFinite(quantiles.p50));
  if (never) {
    throw new CommandError(NEVER_MET, `${never[0]}: its target is not met in most of the birds that fit the readings`);
  }
  return {
    unit: "minutes since the bird went in",
    atMinute: tenth(Math.max(0, ...readings.map(({ minute }) => minute))),
    targets: Object.fromEntries(Object.entries(made.targets).map(([part, quantiles]) => [part, minutes(quantiles)])),
    all: minutes(made.pull),
    readings: {
      used: readings.length - made.setAside.length,
      rejected: log.rejected.map((row) => ({ line: row.line, why: rowReason(row) })),
      setAside: made.setAside,
    },
  };
}
