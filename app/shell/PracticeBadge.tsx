import { usePace } from "./clock";
import { changeRate, endPractice, RATES } from "./practiceClock";

/** Nobody takes a fast clock for the kitchen's. */
export function PracticeBadge() {
  const { pace } = usePace();
  if (!pace) return null;
  return (
    <div className="flex flex-wrap items-center gap-x-3 rounded-2xl bg-caution px-3 py-1 text-sm text-caution-ink print:hidden">
      <label>
        Practice clock, with roasts of its own:{" "}
        <select
          value={pace.rate}
          onChange={(event) => changeRate(Number(event.target.value))}
          className="min-h-11 rounded-xl border border-line-strong bg-mist-1 px-2 text-ink"
        >
          {[...new Set([...RATES, pace.rate])]
            .sort((a, b) => a - b)
            .map((rate) => (
              <option key={rate} value={rate}>
                {rate === 0 ? "held" : rate === 1 ? "as fast as life" : `${rate} times life`}
              </option>
            ))}
        </select>
      </label>
      <button type="button" className="min-h-11 underline underline-offset-4" onClick={endPractice}>
        Back to the real time
      </button>
    </div>
  );
}
