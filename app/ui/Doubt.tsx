/** A predicted number with its doubt: the number is sharp, its spread fades out on both sides like mist. */
interface Props {
  readonly value: string;
  /** In words: "give or take 12 min". */
  readonly doubt: string;
  readonly label: string;
}

export function Doubt({ value, doubt, label }: Props) {
  return (
    <div>
      <div className="text-sm text-soft">{label}</div>
      <div className="font-display text-2xl font-semibold leading-none">{value}</div>
      <div
        aria-hidden
        className="mt-1.5 h-1.5 w-full max-w-36 rounded-full"
        style={{
          background:
            "linear-gradient(90deg, transparent, color-mix(in oklch, var(--ember) 45%, transparent) 35%, var(--ember) 50%, color-mix(in oklch, var(--ember) 45%, transparent) 65%, transparent)",
        }}
      />
      <div className="mt-1 text-sm text-soft">{doubt}</div>
    </div>
  );
}

/** An amount or a fact: no doubt needed. */
export function Fact({
  value,
  label,
  note,
}: {
  readonly value: string;
  readonly label: string;
  readonly note?: string;
}) {
  return (
    <div>
      <div className="text-sm text-soft">{label}</div>
      <div className="font-display text-2xl font-semibold leading-none">{value}</div>
      {note && <div className="mt-1.5 text-sm text-soft">{note}</div>}
    </div>
  );
}
