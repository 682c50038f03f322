import type { Remedy } from "../../../core/schedule/remedy";
import type { UnitSystem } from "../../../core/units/quantity";
import { remedyWords } from "../../../words/remedies";
import { Button } from "../../ui/Button";
import { usePlanStore } from "./planStore";

interface Props {
  readonly of: readonly Remedy[];
  readonly units: UnitSystem;
}

/** What one tap would change, each a button. */
export function Remedies({ of, units }: Props) {
  const { settle } = usePlanStore();
  return of.map(({ does, change }) => {
    const words = remedyWords(does, units);
    return (
      <Button key={words} size="small" onClick={() => settle(change)}>
        {words}
      </Button>
    );
  });
}
