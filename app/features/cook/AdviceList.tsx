import { Button } from "../../ui/Button";
import type { AdviceWords } from "./adviceWords";

interface Props {
  readonly advice: readonly AdviceWords[];
  /** What is done by a tap; others are only said. */
  onDone(key: string): (() => void) | null;
}

/** What is due and what the readings show, most urgent first. */
export function AdviceList({ advice, onDone }: Props) {
  if (advice.length === 0) return null;
  return (
    <ul aria-label="What to mind" className="grid gap-2">
      {advice.map(({ key, does, why, rings }) => {
        const done = onDone(key);
        return (
          <li
            key={key}
            className={`grid gap-1 rounded-2xl px-4 py-3 ${rings ? "bg-ember-wash" : "border border-line bg-mist-1"}`}
          >
            <h2 className="text-xl leading-snug">{does}</h2>
            <p className="text-soft">{why}</p>
            {done && (
              <Button size="stove" className="justify-self-start" onClick={done}>
                Done
              </Button>
            )}
          </li>
        );
      })}
    </ul>
  );
}
