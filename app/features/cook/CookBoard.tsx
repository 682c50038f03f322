import { Link } from "react-router";
import type { Roast } from "../../../core/plan/schema";
import { useBridgeState } from "../../day/listener";
import { useDay } from "../../day/roastDay";
import type { Beside } from "../../simulation/useDinner";
import { Caution } from "../../ui/Caution";
import { SafetyNotices } from "../../ui/SafetyNotices";
import { namesIn } from "../../ui/titles";
import { AlarmSwitch } from "./AlarmSwitch";
import { actsOf } from "./acts";
import { Before } from "./Before";
import { Done } from "./Done";
import { ProbeQuestions } from "./ProbeQuestions";
import { Resting } from "./Resting";
import { Roasting } from "./Roasting";

/** A word about thermometers whose clock is wrong; nothing where there is none. */
const clockWord = (devices: readonly string[]): string | null =>
  devices.length > 0
    ? `The clock of the thermometer ${devices.filter((name) => name !== "").join(", ")} is wrong: its readings count from the moment they come.`
    : null;

/** The stove side: one next action, large; what has happened decides which of four faces is shown. */
export function CookBoard({ roast: stored }: { readonly roast: Roast }) {
  const day = useDay(stored.id);
  const { unheard, unstored, wrongClocks } = useBridgeState();
  if (!day) return <p className="py-10 text-soft">Opening the day …</p>;
  const { roast, stage, simulated, derived, beside } = day;
  const acts = actsOf(
    roast,
    beside.flatMap((other) => (other.isPiece ? [other.roast] : [])),
  );
  const names = namesIn([roast, ...beside.map((other) => other.roast)]);
  const isOn = stage === "roasting" || stage === "resting";
  return (
    <div className={`mx-auto flex w-full grow flex-col gap-3 pb-2 ${isOn ? "max-w-3xl lg:max-w-none" : "max-w-3xl"}`}>
      <div className="flex items-center justify-between gap-3">
        <h1 className="text-lg leading-tight text-soft">{roast.title}</h1>
        {stage !== "done" && <AlarmSwitch />}
      </div>
      {beside.length > 0 && (
        <nav aria-label="Other roasts of this dinner" className="flex flex-wrap items-center gap-x-4">
          <Others of={beside.filter(({ isPiece }) => isPiece)} under="In with it" names={names} />
          <Others of={beside.filter(({ isPiece }) => !isPiece)} under="For the same dinner" names={names} />
        </nav>
      )}
      {stage !== "done" && <SafetyNotices plan={roast.plan} cook={simulated.cook} derived={derived} isIn={isOn} />}
      {isOn && <ProbeQuestions roast={roast} acts={acts} />}
      {isOn &&
        roast.thermometer === "bridge" &&
        [unheard, unstored, clockWord(wrongClocks)].map((fault) => fault && <Caution key={fault}>{fault}</Caution>)}
      {stage === "planned" && <Before day={day} acts={acts} />}
      {stage === "roasting" && <Roasting day={day} acts={acts} />}
      {stage === "resting" && <Resting day={day} acts={acts} />}
      {stage === "done" && <Done day={day} acts={acts} />}
    </div>
  );
}

interface OthersProps {
  readonly of: readonly Beside[];
  readonly under: string;
  readonly names: ReadonlyMap<string, string>;
}

/** To the other roasts of a dinner, each with a stove screen of its own. */
function Others({ of, under, names }: OthersProps) {
  if (of.length === 0) return null;
  return (
    <span className="flex flex-wrap items-center gap-x-3">
      <span className="text-soft">{under}</span>
      {of.map(({ roast }) => (
        <Link
          key={roast.id}
          to={`/roast/${roast.id}/cook`}
          className="min-h-12 content-center underline underline-offset-4"
        >
          {names.get(roast.id)}
        </Link>
      ))}
    </span>
  );
}
