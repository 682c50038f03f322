import { useRef } from "react";

/**
 * An act that is begun once, however often it is tapped: what is under way is not begun again beside itself.
 * @param act true where it leads away: what it was begun at may be seen for a moment still, and begins nothing more
 */
export function useOnce<Args extends readonly unknown[]>(
  act: (...args: Args) => Promise<boolean>,
): (...args: Args) => Promise<void> {
  const isUnderWay = useRef(false);
  return async (...args) => {
    if (isUnderWay.current) return;
    isUnderWay.current = true;
    let leadsAway = false;
    try {
      leadsAway = await act(...args);
    } finally {
      isUnderWay.current = leadsAway;
    }
  };
}
