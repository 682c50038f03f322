import { useRef } from "react";
import type { ClockScale } from "./timeScale";

interface Props {
  readonly kind: "scrub" | "serve";
  readonly label: string;
  readonly valueText: string;
  readonly ms: number;
  readonly scale: ClockScale;
  readonly stepMs: number;
  onMove(ms: number, settled: boolean): void;
}

const COARSE_STEPS = 12;

/** A moment on the axis that can be taken by hand or by arrow keys. The scale is held still while it is dragged. */
export function TimeHandle({ kind, label, valueText, ms, scale, stepMs, onMove }: Props) {
  const held = useRef<{ scale: ClockScale; offset: number } | null>(null);
  const snapped = (value: number): number => Math.round(value / stepMs) * stepMs;
  const serve = kind === "serve";
  return (
    <div className="pointer-events-none absolute inset-y-0 z-10" style={{ left: scale.toX(ms) }}>
      <div className={`absolute bottom-[22px] top-[18px] -ml-px w-0.5 ${serve ? "bg-ember" : "bg-ink"}`} />
      <div
        role="slider"
        tabIndex={0}
        aria-label={label}
        aria-valuenow={ms}
        aria-valuemin={scale.fromMs}
        aria-valuemax={scale.untilMs}
        aria-valuetext={valueText}
        className={`pointer-events-auto absolute flex h-7 -translate-x-1/2 cursor-ew-resize touch-none items-center whitespace-nowrap rounded-full px-2.5 text-[0.8rem] font-semibold shadow-card ${
          serve ? "top-0 bg-ember text-on-ember" : "bottom-0 bg-ink text-mist-1"
        }`}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          held.current = { scale, offset: event.clientX - scale.toX(ms) };
        }}
        onPointerMove={(event) => {
          if (held.current) onMove(snapped(held.current.scale.toMs(event.clientX - held.current.offset)), false);
        }}
        onPointerUp={(event) => {
          if (!held.current) return;
          onMove(snapped(held.current.scale.toMs(event.clientX - held.current.offset)), true);
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
        {serve ? valueText.split(", ").at(-1) : valueText}
      </div>
    </div>
  );
}
