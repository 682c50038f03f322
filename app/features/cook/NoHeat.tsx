import type { ReactNode } from "react";
import { largeCountdown } from "../../../words/time";
import type { Acts } from "../../day/acts";
import type { Item } from "../../day/items";
import { Button } from "../../ui/Button";
import { NextAction } from "./NextAction";

interface Props {
  readonly item: Item;
  readonly sinceMs: number;
  /** When it would be out; nothing where that is not to be told. */
  readonly finish: ReactNode;
  readonly acts: Acts;
  /** Where else it can be cooked on. */
  readonly children: ReactNode;
}

/** Its heat is off: for how long by now, what to do meanwhile, and what it comes to once it is on again. */
export function NoHeat({ item: { does, why }, sinceMs, finish, acts, children }: Props) {
  const { figure, unit } = largeCountdown(sinceMs);
  return (
    <>
      <NextAction
        action={does}
        figure={figure}
        unit={`${unit} so far`}
        below={finish ? <>On again now, it is out {finish}</> : "On again now, it would not get there at this heat."}
      />
      <Button tone="primary" size="stove" onClick={() => acts.heatIsOn()}>
        It is on again
      </Button>
      {children}
      <p className="text-lg">{why}</p>
    </>
  );
}
