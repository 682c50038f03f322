import { useEffect, useRef } from "react";
import type { SectionPlane } from "../../core/bird/section";
import { useSize } from "../chart/useSize";
import { temperatureColour } from "../ui/temperatureScale";
import type { BandScale } from "./bandScale";
import { ringed, traceAbove } from "./isolines";

interface Props {
  readonly plane: SectionPlane;
  readonly field: Float32Array;
  readonly bands: BandScale;
  /** Drawn as a line; none when left out. */
  readonly target?: number | undefined;
  /** SVG path of the skin, in columns and rows. */
  readonly outline: string;
}

/** Room around the raster, in samples: for labels that stand beside the bird. */
export const ROOM = 2;

/** The isotherm bands inside the outline, painted; the SVG above it carries the lines and words. */
export function BandCanvas({ plane, field, bands, target, outline }: Props) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const canvas = useRef<HTMLCanvasElement>(null);
  const { columns, rows } = plane;
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context || width === 0 || height === 0) return;
    // As an SVG view box is fitted: centred, as large as it goes.
    const across = columns - 1 + 2 * ROOM;
    const down = rows - 1 + 2 * ROOM;
    const scale = Math.min(width / across, height / down) * devicePixelRatio;
    const left = (width * devicePixelRatio - scale * (columns - 1)) / 2;
    const top = (height * devicePixelRatio - scale * (rows - 1)) / 2;
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.clearRect(0, 0, context.canvas.width, context.canvas.height);
    context.setTransform(scale, 0, 0, scale, left, top);
    context.save();
    context.clip(new Path2D(outline));
    let least = Number.POSITIVE_INFINITY;
    let most = Number.NEGATIVE_INFINITY;
    for (const value of field) {
      if (value < least) least = value;
      if (value > most) most = value;
    }
    const first = bands.edges.findLast((edge) => edge <= least) ?? (bands.edges[0] as number);
    context.fillStyle = bands.colourOf(first);
    context.fillRect(-ROOM, -ROOM, across, down);
    const around = ringed(field, columns, rows);
    for (const edge of bands.edges) {
      if (edge <= first || edge > most) continue;
      context.beginPath();
      traceAbove(around, edge, context);
      context.fillStyle = bands.colourOf(edge);
      context.fill();
    }
    if (target !== undefined && least < target && most > target) {
      context.beginPath();
      traceAbove(around, target, context);
      const pixel = devicePixelRatio / scale;
      context.strokeStyle = "rgb(255 255 255 / 0.95)";
      context.lineWidth = 3.5 * pixel;
      context.stroke();
      context.strokeStyle = temperatureColour(110);
      context.lineWidth = 1.5 * pixel;
      context.setLineDash([5 * pixel, 3 * pixel]);
      context.stroke();
      context.setLineDash([]);
    }
    context.restore();
  }, [field, bands, target, outline, columns, rows, width, height]);
  return (
    <div ref={ref} className="absolute inset-0" aria-hidden="true">
      <canvas
        ref={canvas}
        width={width * devicePixelRatio}
        height={height * devicePixelRatio}
        className="h-full w-full"
      />
    </div>
  );
}
