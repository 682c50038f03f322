import { useRef } from "react";
import { Drag } from "./drag";
import type { ClockScale } from "./timeScale";

interface Props {
  readonly kind: "scrub" | "serve" | "stage";
  readonly label: string;
  readonly valueText: string;
  readonly ms: number;
  readonly scale: ClockScale;
  readonly stepMs: number;
  onMove(ms: number, settled: boolean): void;
  /** Of the lane a stage's handle stands in. */
  readonly topPx?: number;
}

const LOOKS = {
  serve: "top-0 h-7 px-2.5 bg-ember text-on-ember",
  scrub: "bottom-0 h-7 px-2.5 bg-ink text-mist-1",
  stage: "h-[34px] w-6 justify-center",
} as const;

const COARSE_STEPS = 12;

/** A moment on the axis that can be taken by hand or by arrow keys. The scale is held still while it is dragged. */
export function TimeHandle({ kind, label, valueText, ms, scale, stepMs, onMove, topPx }: Props) {
  const held = useRef<Drag | null>(null);
  const told = (at: number | null | undefined, settled: boolean): void => {
    if (at !== null && at !== undefined) onMove(at, settled);
  };
  const snapped = (value: number): number => Math.round(value / stepMs) * stepMs;
  const endX = scale.toX(scale.untilMs);
  // What lies beyond the axis stands at its end.
  const x = Math.min(scale.toX(ms), endX);
  return (
    <div className="pointer-events-none absolute inset-y-0 z-10" style={{ left: x }}>
      {kind !== "stage" && (
        <div className={`absolute bottom-[22px] top-[18px] -ml-px w-0.5 ${kind === "serve" ? "bg-ember" : "bg-ink"}`} />
      )}
      <div
        role="slider"
        tabIndex={0}
        aria-label={label}
        aria-valuenow={ms}
        aria-valuemin={scale.fromMs}
        aria-valuemax={Math.max(scale.untilMs, ms)}
        aria-valuetext={valueText}
        // In the middle over its moment, and at the axis's end no further than it.
        style={{ top: topPx, translate: `min(-50%, calc(${endX - x}px - 100%))` }}
        title={kind === "stage" ? valueText : undefined}
        className={`pointer-events-auto absolute flex cursor-ew-resize touch-none items-center whitespace-nowrap rounded-full text-[0.8rem] font-semibold ${kind === "stage" ? "" : "shadow-card"} ${LOOKS[kind]}`}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          held.current = new Drag(scale, event.clientX, ms, stepMs);
        }}
        onPointerMove={(event) => told(held.current?.move(event.clientX), false)}
        onPointerUp={(event) => {
          told(held.current?.drop(event.clientX), true);
          held.current = null;
        }}
        onPointerCancel={() => {
          told(held.current?.cancel(), false);
          held.current = null;
        }}
        onKeyDown={(event) => {
          const steps = {
            ArrowLeft: -1,
            ArrowDown: -1,
            ArrowRight: 1,
            ArrowUp: 1,
            PageDown: -COARSE_STEPS,
            PageUp: COARSE_STEPS,
          }[event.key];
          if (steps === undefined) return;
          event.preventDefault();
          onMove(snapped(ms) + steps * stepMs, true);
        }}
      >
        {kind === "stage" ? (
          <span aria-hidden className="h-full w-1 rounded-full bg-[oklch(0.2_0.03_235)] ring-2 ring-mist-1" />
        ) : kind === "serve" ? (
          valueText.split(", ").at(-1)
        ) : (
          valueText
        )}
      </div>
    </div>
  );
}
