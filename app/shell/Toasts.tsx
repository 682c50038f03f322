import { useEffect } from "react";
import { Toaster, toast } from "sonner";
import { toastsDrawnBy } from "../ui/toast";
import { useDark } from "./preferences";

/** Where words in passing are drawn: under the ways from screen to screen, and clear of the main act at the thumb. */
export function Toasts() {
  useEffect(() => toastsDrawnBy(toast), []);
  const theme = useDark() ? "dark" : "light";
  return (
    <Toaster
      position="top-center"
      offset={{ top: 68 }}
      mobileOffset={{ top: 68 }}
      theme={theme}
      // Over a sheet too, which takes every tap on the page below it.
      toastOptions={{ className: "pointer-events-auto" }}
    />
  );
}
