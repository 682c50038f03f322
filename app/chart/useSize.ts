import { useCallback, useRef, useState } from "react";

/** The size of an element, as it changes; the element may come later than the component. */
export function useSize<Element extends HTMLElement>() {
  const [size, setSize] = useState({ width: 0, height: 0 });
  const observer = useRef<ResizeObserver | null>(null);
  const ref = useCallback((element: Element | null) => {
    observer.current?.disconnect();
    if (!element) return;
    observer.current = new ResizeObserver(([entry]) => {
      if (entry) setSize({ width: Math.round(entry.contentRect.width), height: Math.round(entry.contentRect.height) });
    });
    observer.current.observe(element);
  }, []);
  return { ref, ...size };
}
