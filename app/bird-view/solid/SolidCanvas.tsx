import { type KeyboardEvent, type PointerEvent, useEffect, useId, useLayoutEffect, useRef, useState } from "react";
import { type Kept, LOOKS, type Look, turned, zoomed } from "../../../core/bird/look";
import type { Vec3 } from "../../../core/bird/sdf";
import type { SolidGeometry } from "../../../core/bird/solidGeometry";
import { useSize } from "../../chart/useSize";
import { nextFrame, soon } from "../../shell/clock";
import { useDark } from "../../shell/preferences";
import type { BirdMark } from "../marks";
import type { Moment } from "./blocks";
import type { SolidLine } from "./lines";
import { SolidScene } from "./scene";

interface Props {
  readonly geometry: SolidGeometry;
  /** Null: raw and cold. */
  readonly moment: Moment | null;
  readonly look: Look;
  readonly kept: Kept | null;
  /** The skin is seen through, and what is still under the target shows. */
  readonly inside: boolean;
  readonly targetC: number;
  readonly lines?: readonly SolidLine[];
  readonly marks?: readonly BirdMark[];
  /** What is seen, in words. */
  readonly label: string;
  onLook(look: Look): void;
  /** A place of the skin was pointed at; its normal there. */
  onPick?(at: Vec3, outward: Vec3): void;
}

const NO_LINES: readonly SolidLine[] = [];
const NO_MARKS: readonly BirdMark[] = [];
const DEGREES_PER_PX = 0.4;
const KEY_DEG = 10;
const KEY_ZOOM = 1.15;
/** A hand that has moved no further has pointed at something. */
const STILL_PX = 4;
/** It is drawn finely once nothing has moved for so long. */
const STILL_MS = 160;

const KEYS: Record<string, (look: Look) => Look> = {
  ArrowLeft: (look) => turned(look, KEY_DEG, 0),
  ArrowRight: (look) => turned(look, -KEY_DEG, 0),
  ArrowUp: (look) => turned(look, 0, KEY_DEG),
  ArrowDown: (look) => turned(look, 0, -KEY_DEG),
  "+": (look) => zoomed(look, KEY_ZOOM),
  "=": (look) => zoomed(look, KEY_ZOOM),
  "-": (look) => zoomed(look, 1 / KEY_ZOOM),
  Home: () => LOOKS.side,
};

/** The solid itself, turned by hand, by keys and by touch. */
export function SolidCanvas(props: Props) {
  const {
    geometry,
    moment,
    look,
    kept,
    inside,
    targetC,
    lines = NO_LINES,
    marks = NO_MARKS,
    label,
    onLook,
    onPick,
  } = props;
  const dark = useDark();
  const help = useId();
  const { ref, width, height } = useSize<HTMLDivElement>();
  const canvas = useRef<HTMLCanvasElement>(null);
  const words = useRef<HTMLDivElement>(null);
  const [scene, setScene] = useState<SolidScene | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [isLost, setIsLost] = useState(false);
  const drawnTimes = useRef(0);
  const hands = useRef(new Map<number, { x: number; y: number; moved: number }>());

  useEffect(() => {
    if (!canvas.current) return;
    let made: SolidScene;
    try {
      made = new SolidScene(canvas.current, geometry);
    } catch (error) {
      setFault(error instanceof Error ? error.message : String(error));
      return;
    }
    setScene(made);
    return () => {
      setScene(null);
      made.dispose();
    };
  }, [geometry]);

  // A phone that was elsewhere takes the graphics card's memory away, and gives it back empty.
  useEffect(() => {
    const shown = canvas.current;
    if (!shown) return;
    const lost = (): void => setIsLost(true);
    const restored = (): void => setIsLost(false);
    shown.addEventListener("webglcontextlost", lost);
    shown.addEventListener("webglcontextrestored", restored);
    return () => {
      shown.removeEventListener("webglcontextlost", lost);
      shown.removeEventListener("webglcontextrestored", restored);
    };
  }, []);

  useLayoutEffect(() => {
    if (!scene || isLost || width === 0 || height === 0) return;
    const draw = (coarse: boolean): void => {
      scene.setMoment(moment, coarse);
      scene.draw({ look, kept, inside, targetC, lines, dark }, width, height, coarse);
      drawnTimes.current++;
      if (canvas.current) canvas.current.dataset.drawn = String(drawnTimes.current);
      marks.forEach((mark, n) => {
        const element = words.current?.children[n] as HTMLElement | undefined;
        const place = scene.placeOf(mark.at, width, height);
        if (element) element.style.transform = place ? `translate(${place[0]}px, ${place[1]}px)` : "scale(0)";
      });
    };
    let stopFine = (): void => undefined;
    const stopFirst = nextFrame(() => {
      draw(scene.isSlow);
      // A graphics card needs no coarse picture; elsewhere the fine one comes after it, however late that was.
      if (scene.isSlow) stopFine = soon(STILL_MS, () => draw(false));
    });
    return () => {
      stopFirst();
      stopFine();
    };
  }, [scene, isLost, moment, look, kept, inside, targetC, lines, marks, dark, width, height]);

  const onKeyDown = (event: KeyboardEvent): void => {
    const change = KEYS[event.key];
    if (!change) return;
    event.preventDefault();
    onLook(change(look));
  };
  const onPointerDown = (event: PointerEvent<HTMLCanvasElement>): void => {
    event.currentTarget.setPointerCapture(event.pointerId);
    hands.current.set(event.pointerId, { x: event.clientX, y: event.clientY, moved: 0 });
  };
  const onPointerMove = (event: PointerEvent<HTMLCanvasElement>): void => {
    const hand = hands.current.get(event.pointerId);
    if (!hand) return;
    const [dx, dy] = [event.clientX - hand.x, event.clientY - hand.y];
    const other = [...hands.current.entries()].find(([id]) => id !== event.pointerId)?.[1];
    if (other) {
      const before = Math.hypot(hand.x - other.x, hand.y - other.y);
      const after = Math.hypot(event.clientX - other.x, event.clientY - other.y);
      if (before > 0) onLook(zoomed(look, after / before));
    } else onLook(turned(look, -DEGREES_PER_PX * dx, DEGREES_PER_PX * dy));
    hands.current.set(event.pointerId, {
      x: event.clientX,
      y: event.clientY,
      moved: hand.moved + Math.hypot(dx, dy),
    });
  };
  const onPointerUp = (event: PointerEvent<HTMLCanvasElement>): void => {
    const hand = hands.current.get(event.pointerId);
    hands.current.delete(event.pointerId);
    if (!hand || hand.moved > STILL_PX || !onPick || !scene) return;
    const box = event.currentTarget.getBoundingClientRect();
    const at = scene.skinAt((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
    if (at) onPick(at.point, at.outward);
  };

  if (fault) {
    return (
      <p role="status" className="p-4 text-soft">
        This browser cannot draw the solid here ({fault}). The cuts show the same bird.
      </p>
    );
  }
  return (
    <div ref={ref} className="relative h-full min-h-0 w-full overflow-hidden">
      {/* biome-ignore lint/a11y/noInteractiveElementToNoninteractiveRole: it is turned by keys, as its role says */}
      <canvas
        ref={canvas}
        role="application"
        aria-label={label}
        aria-describedby={help}
        tabIndex={0}
        onKeyDown={onKeyDown}
        onPointerDown={onPointerDown}
        onPointerMove={onPointerMove}
        onPointerUp={onPointerUp}
        onPointerCancel={(event) => hands.current.delete(event.pointerId)}
        className="absolute inset-0 h-full w-full cursor-grab touch-none rounded-2xl active:cursor-grabbing"
      />
      {isLost && (
        <p role="status" className="absolute inset-x-4 top-4 text-soft">
          This device has let go of the solid; it comes back by itself. The cuts show the same bird.
        </p>
      )}
      <p id={help} className="sr-only">
        Arrow keys turn the bird, plus and minus bring it nearer, Home brings it back.
      </p>
      <div ref={words} aria-hidden hidden={isLost} className="pointer-events-none absolute inset-0">
        {marks.map(({ kind, label: text, at }) => (
          <span key={`${kind}${at.join()}`} className="absolute left-0 top-0">
            <span
              className={`absolute -translate-x-1/2 -translate-y-1/2 ${kind === "centre" ? "size-3 rounded-full border-2 border-ink bg-mist-1" : "text-xl font-bold leading-none [text-shadow:0_0_3px_var(--mist-1)]"}`}
            >
              {kind === "coldest" && "+"}
            </span>
            <span
              className={`absolute left-0 -translate-x-1/2 whitespace-nowrap rounded-full bg-mist-1/85 px-1.5 text-xs font-semibold ${kind === "centre" ? "top-2" : "-top-7"}`}
            >
              {text}
            </span>
          </span>
        ))}
      </div>
    </div>
  );
}
