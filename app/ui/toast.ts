/** A word in passing. What draws it is fetched behind the first screen; what is said before that waits for it. */
import type { toast as drawn, ExternalToast } from "sonner";

let begin: (toasts: typeof drawn) => void;
const begun = new Promise<typeof drawn>((resolve) => {
  begin = resolve;
});

/** Called once what draws them is on the page. */
export const toastsDrawnBy = (toasts: typeof drawn): void => begin(toasts);

/** What can be taken back stays long enough to be read, thought about and reached, ms. */
const TAKEN_BACK_MS = 8000;

const says =
  (kind: "message" | "info" | "success" | "error") =>
  (text: string, options?: ExternalToast): void =>
    void begun.then((toasts) =>
      toasts[kind](text, options?.action ? { duration: TAKEN_BACK_MS, ...options } : options),
    );

export const toast = {
  message: says("message"),
  info: says("info"),
  success: says("success"),
  error: says("error"),
} as const;
