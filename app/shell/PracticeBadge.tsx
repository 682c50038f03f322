import { usePace } from "./clock";
import { endPractice } from "./practiceClock";

/** Nobody takes a fast clock for the kitchen's. */
export function PracticeBadge() {
  const { pace } = usePace();
  if (!pace) return null;
  return (
    <p className="flex flex-wrap items-center gap-x-3 rounded-full bg-caution px-3 text-sm text-caution-ink print:hidden">
      Practice clock, {pace.rate} times as fast as life; practice has roasts of its own.
      <button type="button" className="min-h-11 underline underline-offset-4" onClick={endPractice}>
        Back to the real time
      </button>
    </p>
  );
}
