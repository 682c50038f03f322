import type { ReactNode } from "react";
import { unbroken } from "../../../words/unbroken";
import { keptTogether } from "../../ui/keptTogether";

interface Props {
  /** What to do, in the imperative. */
  readonly action: string;
  /** The number that counts; 15 mm high on a phone 70 mm wide, so that it is read from two metres. */
  readonly figure: string;
  readonly unit?: string;
  readonly below?: ReactNode;
}

/** How wide a character of the figure is, and one of its unit, in the figure's own size. */
const DIGIT_EM = 0.61;
const COLON_EM = 0.3;
const UNIT_EM = 0.15;
/** So much has a phone's width. */
const MOST_EM = 2.46;

/** What would break the line of a phone is set smaller. */
function isWide(figure: string, unit = ""): boolean {
  const colons = figure.split(":").length - 1;
  return (figure.length - colons) * DIGIT_EM + colons * COLON_EM + unit.length * UNIT_EM > MOST_EM;
}

/** The next action and its countdown: the largest thing on the screen. */
export function NextAction({ action, figure, unit, below }: Props) {
  return (
    <section aria-label="Next" className="rounded-3xl bg-ink px-5 py-4 text-mist-1 low:[grid-column:1]! low:py-2">
      <p className="text-xl leading-snug">{unbroken(action)}</p>
      <p
        className="flex flex-wrap items-baseline gap-x-2 font-display font-semibold leading-[0.92] tracking-tight"
        role="timer"
      >
        <span
          className="text-[clamp(4rem,31.5vw,8rem)] max-sm:data-wide:text-[25vw] low:text-[12vw] low:data-wide:text-[10vw]"
          {...(isWide(figure, unit) && { "data-wide": "" })}
        >
          {figure}
        </span>
        {unit && <span className="text-3xl">{unit}</span>}
      </p>
      {below && <div className="mt-1 text-lg opacity-90">{keptTogether(below)}</div>}
    </section>
  );
}
