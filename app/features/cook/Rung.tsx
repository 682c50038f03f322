import { clockTime } from "../../../words/time";
import { useAlarmSwitch } from "../../day/alarm";
import { useHabits } from "../../shell/preferences";

/** What has rung for this roast, newest first: for a cook who only heard that something did. */
export function Rung({ roastId, zone }: { readonly roastId: string; readonly zone: string }) {
  const reader = useHabits();
  const { rung } = useAlarmSwitch();
  const own = rung.filter((each) => each.roastId === roastId);
  if (own.length === 0) return null;
  return (
    <details className="text-sm text-soft">
      <summary className="min-h-12 cursor-pointer content-center">What has rung: {own.length}</summary>
      <ol aria-label="What has rung" className="grid gap-1 pb-2">
        {own.toReversed().map(({ atMs, does }) => (
          <li key={`${atMs} ${does}`}>
            <b>{clockTime(atMs, zone, reader)}</b> {does}
          </li>
        ))}
      </ol>
    </details>
  );
}
