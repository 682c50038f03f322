import { encode } from "uqr";

/** A text as a picture of dots (ISO/IEC 18004) that a phone's camera reads. */
export function Dots({ text, label }: { readonly text: string; readonly label: string }) {
  const { data, size } = encode(text, { ecc: "L", border: 4 });
  const path = data.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x},${y}h1v1h-1z`] : []))).join("");
  return (
    // Dark on light in either theme: cameras want it so.
    <svg
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label={label}
      shapeRendering="crispEdges"
      className="mx-auto aspect-square w-full max-w-[26rem] shrink-0 rounded-2xl bg-white"
    >
      <path d={path} fill="#000" />
    </svg>
  );
}
