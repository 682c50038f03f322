/** What stands in the cells of the log. */
import { Archive, ArchiveRestore, CookingPot, CopyPlus, Pencil, Trash2 } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import { putBack, throwAway } from "../../../storage/bin";
import { changeRoast, duplicateRoast } from "../../../storage/roasts";
import { bandWords, copyTitle, offWords } from "../../../words/log";
import { METHOD_WORDS } from "../../../words/methods";
import { heatsNamed, ratingName } from "../../../words/names";
import { clockTime, dayName } from "../../../words/time";
import { birdWords } from "../../../words/titles";
import { clockNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { NameField } from "../../shell/NameField";
import { useHabits } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Button } from "../../ui/Button";
import { IconButton } from "../../ui/IconButton";
import { toast } from "../../ui/toast";
import { useOnce } from "../../ui/useOnce";
import type { Line } from "./line";
import { useCookAgain } from "./useCookAgain";

interface Props {
  readonly line: Line;
}

export function When({ line: { outAt, roast } }: Props) {
  return <span className="block w-20 max-sm:w-auto">{dayName(Date.parse(outAt), roast.plan.zone, useHabits())}</span>;
}

export function Titled({ line }: Props) {
  const { units } = useHabits();
  const [isNamed, setIsNamed] = useState(false);
  const { id, title, method, movedTo, oven, rating, note } = line;
  return (
    <div className="min-w-44">
      {isNamed ? (
        <NameField roastId={id} title={title} onDone={() => setIsNamed(false)} />
      ) : (
        <span className="flex items-start gap-1">
          <Link to={`/log/${id}`} className="font-display text-lg font-semibold hover:underline">
            {title}
          </Link>
          <IconButton label={`Rename ${title}`} icon={Pencil} onClick={() => setIsNamed(true)} />
        </span>
      )}
      <span className="block text-sm text-soft">{birdWords(line, units)}</span>
      <span className="block text-sm text-soft lg:hidden">
        {[METHOD_WORDS[method].short, heatsNamed(line, oven, movedTo), ratingName(rating)].filter(Boolean).join(", ")}
      </span>
      {note && <span className="block text-sm lg:hidden">{note}</span>}
    </div>
  );
}

/** Against what was predicted: figures first, then in words, with a mark that does not live by its colour. */
export function Came({ line: { outAt, predictedAt, minutesOff, inBand, roast } }: Props) {
  const reader = useHabits();
  const at = (iso: string): string => clockTime(Date.parse(iso), roast.plan.zone, reader);
  return (
    <div className="min-w-44">
      <b className="whitespace-nowrap font-semibold">{offWords(minutesOff)}</b>
      <span className="block text-sm text-soft">
        out {at(outAt)}
        {predictedAt && `, said ${at(predictedAt)}`}
      </span>
      {inBand !== null && (
        <span className={`block text-sm ${inBand ? "text-soft" : "font-medium text-ember"}`}>
          {inBand ? "✓" : "✗"} {bandWords(inBand)}
        </span>
      )}
    </div>
  );
}

export function Rated({ line: { rating } }: Props) {
  return <span className="whitespace-nowrap">{ratingName(rating)}</span>;
}

export function Note({ line: { note } }: Props) {
  return <span className="block min-w-44 max-w-xs text-[0.95rem]">{note}</span>;
}

export function Acts({ line }: Props) {
  const { id, title, isArchived } = line;
  const again = useCookAgain(line.roast);
  const remove = async (): Promise<void> => {
    if (!(await stored("That it is deleted was", throwAway(database(), id, clockNow())))) return;
    toast.message(`“${title}” is deleted; it is kept for a week`, {
      action: { label: "Undo", onClick: () => void stored("It was", putBack(database(), id, clockNow())) },
    });
  };
  const archive = async (away: boolean): Promise<void> => {
    const changed = changeRoast(database(), id, ({ archived: _, ...before }) =>
      away ? { ...before, archived: true } : before,
    );
    if (!(await stored("That was", changed))) return;
    toast.message(away ? `“${title}” is archived: out of the way, and kept` : `“${title}” is in the log again`, {
      action: { label: "Undo", onClick: () => void archive(!away) },
    });
  };
  const duplicate = useOnce(async () => {
    const made = { newId: crypto.randomUUID(), title: copyTitle(title), nowMs: clockNow() };
    if (await stored("The copy was", duplicateRoast(database(), id, made)))
      toast.message(`“${made.title}” is in the log`);
    return false;
  });
  return (
    <div className="flex items-center gap-1 sm:flex-col sm:items-end">
      <Button
        size="small"
        aria-label={`Cook this again: ${title}`}
        onClick={() => void again()}
        className="whitespace-nowrap"
      >
        <CookingPot aria-hidden className="size-4" />
        Cook this again
      </Button>
      <span className="flex">
        <IconButton label={`Duplicate ${title}`} icon={CopyPlus} onClick={() => void duplicate()} />
        <IconButton
          label={isArchived ? `Take ${title} out of the archive` : `Archive ${title}`}
          icon={isArchived ? ArchiveRestore : Archive}
          onClick={() => void archive(!isArchived)}
        />
        <IconButton label={`Delete ${title}`} icon={Trash2} onClick={() => void remove()} />
      </span>
    </div>
  );
}
