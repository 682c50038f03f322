import { MINUTE_MS } from "../../../core/units/time";
import { overWords } from "../../../words/leftovers";
import { largeCountdown, largeDelay, timeBeside } from "../../../words/time";
import { useHabits } from "../../shell/preferences";
import { NextAction } from "./NextAction";

interface Props {
  /** What goes there, as it is called. */
  readonly action: string;
  readonly detail: string;
  /** Once its time is over. */
  readonly asked: string;
  readonly byMs: number;
  /** Hours that it may stand out. */
  readonly hours: number;
  readonly now: number;
  readonly zone: string;
}

/** Into the fridge by its hour, as the next action; then whether it was there. */
export function IntoFridge({ action, detail, asked, byMs, hours, now, zone }: Props) {
  const reader = useHabits();
  const at = timeBeside(byMs, now, zone, reader);
  if (now >= byMs)
    return <NextAction action={asked} {...largeDelay((now - byMs) / MINUTE_MS)} below={overWords(hours, at)} />;
  return <NextAction action={action} {...largeCountdown(byMs - now)} below={`by ${at}; ${detail}`} />;
}
