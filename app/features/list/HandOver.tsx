import { useEffect, useState } from "react";
import { encode } from "uqr";
import { packRoast } from "../../../core/formats/handover";
import type { Roast } from "../../../core/formats/roast";
import { isThisMachine } from "../../shell/thisMachine";
import { Caution } from "../../ui/Caution";
import { Sheet } from "../../ui/Sheet";

/** The roast as a picture of dots that a phone's camera opens. */
export function HandOver({ roast }: { readonly roast: Roast }) {
  return (
    <Sheet opens="To a phone" title="To a phone">
      <Dots roast={roast} />
    </Sheet>
  );
}

function Dots({ roast }: { readonly roast: Roast }) {
  const [packed, setPacked] = useState<string | null>(null);
  useEffect(() => {
    let stopped = false;
    void packRoast(roast, new Date()).then((made) => {
      if (!stopped) setPacked(made);
    });
    return () => {
      stopped = true;
    };
  }, [roast]);
  if (packed === null) return null;
  const address = `${location.origin}/take#${packed}`;
  const { data, size } = encode(address, { ecc: "L", border: 4 });
  const path = data.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x},${y}h1v1h-1z`] : []))).join("");
  return (
    <>
      {/* Dark on light in either theme: cameras want it so. */}
      <svg
        viewBox={`0 0 ${size} ${size}`}
        role="img"
        aria-label="This roast, to be scanned"
        shapeRendering="crispEdges"
        className="mx-auto w-full max-w-[24rem] rounded-2xl bg-white"
      >
        <path d={path} fill="#000" />
      </svg>
      <p>
        Point the phone's camera at it: Bruma opens there and asks before it takes the plan in. The plan is in the
        address itself and goes through no server; readings stay where they are.
      </p>
      {isThisMachine(location.hostname) && (
        <Caution>
          This page is open at {location.host}, which only this machine reaches. Open Bruma at an address the phone
          reaches too, or hand over the JSON file.
        </Caution>
      )}
      <a href={address} className="self-start underline underline-offset-4">
        The same as a link
      </a>
    </>
  );
}
