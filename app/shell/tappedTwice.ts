/**
 * A tap often changes what lies under the thumb, and a second one right behind it (a wet thumb, a slow phone) is not
 * meant for what came there. For a moment nothing hears it; the control that was tapped does, while it stays in its place.
 */
import { nextFrame, soon } from "./clock";

/** Systems take two taps for one double tap up to 300 to 500 ms (from memory). */
const TWICE_MS = 400;
const CONTROLS = "a, button, label, summary, select, [role]";
const PRESSES = ["pointerdown", "mousedown", "pointerup", "mouseup", "click"] as const;

/** Called once, for the whole page. */
export function sparesWhatComes(): void {
  const shield = document.createElement("div");
  shield.ariaHidden = "true";
  shield.className = "fixed z-[100] size-12 -translate-x-1/2 -translate-y-1/2";
  let end = (): void => undefined;
  const guard = (tapped: Element, x: number, y: number): void => {
    end();
    const look = (): void => {
      if (tapped.contains(document.elementFromPoint(x, y))) {
        stopLooking = nextFrame(look);
        return;
      }
      shield.style.left = `${x}px`;
      shield.style.top = `${y}px`;
      document.body.append(shield);
    };
    let stopLooking = nextFrame(look);
    const stopWaiting = soon(TWICE_MS, () => end());
    end = () => {
      stopLooking();
      stopWaiting();
      shield.remove();
    };
  };
  // Before whatever closes itself at a press beside it.
  const heard = (event: MouseEvent): void => {
    const { target, type, detail, clientX, clientY } = event;
    if (target === shield) {
      event.stopImmediatePropagation();
      event.preventDefault();
      return;
    }
    const tapped = type === "click" && target instanceof Element ? target.closest(CONTROLS) : null;
    // A key presses without a count.
    if (tapped && detail > 0) guard(tapped, clientX, clientY);
  };
  for (const press of PRESSES) addEventListener(press, heard, { capture: true });
}
