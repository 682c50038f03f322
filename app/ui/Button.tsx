import type { ButtonHTMLAttributes } from "react";

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** One primary action a screen; quiet for what is beside the point. */
  readonly tone?: "primary" | "plain" | "quiet";
  readonly size?: "small" | "table" | "stove";
}

const TONES = {
  primary: "bg-ember text-on-ember border-transparent font-semibold hover:brightness-110",
  plain: "bg-mist-1 text-ink border-line-strong hover:bg-mist-2",
  quiet:
    "bg-transparent text-ink border-transparent underline decoration-line-strong underline-offset-4 hover:decoration-ember",
};
const SIZES = {
  small: "min-h-8 px-2.5 text-[0.88rem] max-sm:min-h-12",
  table: "min-h-10 px-4 text-[0.95rem] max-sm:min-h-12",
  stove: "min-h-14 px-6 text-xl",
};

export function Button({ tone = "plain", size = "table", className = "", ...rest }: Props) {
  return (
    <button
      type="button"
      className={`inline-flex items-center justify-center gap-2 text-balance rounded-full border transition disabled:opacity-60 ${TONES[tone]} ${SIZES[size]} ${className}`}
      {...rest}
    />
  );
}
