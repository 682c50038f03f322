import type { ReactNode } from "react";

interface Props {
  /** What to do, in the imperative. */
  readonly action: string;
  /** The number that counts, readable from two metres. */
  readonly figure: string;
  readonly below?: ReactNode;
}

/** The next action and its countdown: the largest thing on the screen. */
export function NextAction({ action, figure, below }: Props) {
  return (
    <section aria-label="Next" className="rounded-3xl bg-ink px-5 py-5 text-mist-1">
      <p className="text-xl leading-snug">{action}</p>
      <p className="font-display text-[clamp(4rem,22vw,7rem)] font-semibold leading-[0.95] tracking-tight" role="timer">
        {figure}
      </p>
      {below && <div className="mt-2 text-lg opacity-90">{below}</div>}
    </section>
  );
}
