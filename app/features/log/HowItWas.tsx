import { useLiveQuery } from "dexie-react-hooks";
import { X } from "lucide-react";
import { useState } from "react";
import { MOST_PHOTOS, type Roast } from "../../../core/plan/roast";
import { addPhoto, deletePhoto, photosOf } from "../../../storage/photos";
import { messageOf } from "../../../words/faults";
import { RATING_NAMES } from "../../../words/names";
import { dayAndTime } from "../../../words/time";
import { instantNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { useHabits } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { FilePicker } from "../../ui/FilePicker";
import { IconButton } from "../../ui/IconButton";
import { Segmented } from "../../ui/Segmented";
import { smallJpeg } from "../../ui/smallJpeg";
import { Notes } from "./Notes";

interface Props {
  readonly roast: Roast;
  onRating(rating: number): void;
  onClose(closed: boolean): void;
}

const RATINGS = ["1", "2", "3", "4", "5"] as const;

/** For next time: how it was, what to change, what it looked like; then the record is closed. */
export function HowItWas({ roast, onRating, onClose }: Props) {
  const reader = useHabits();
  const { closedAt } = roast.happened;
  const [fault, setFault] = useState<string | null>(null);
  const photos = useLiveQuery(() => photosOf(database(), roast.id), [roast.id]) ?? [];
  const take = async (file: File): Promise<void> => {
    try {
      await addPhoto(database(), roast.id, { takenAt: instantNow(), jpeg: await smallJpeg(file) });
      setFault(null);
    } catch (error) {
      setFault(messageOf(error));
    }
  };
  return (
    <section aria-label="For next time" className="grid gap-4 rounded-3xl border border-line bg-mist-1 p-4">
      <h2 className="text-2xl">For next time</h2>
      <div className="grid gap-1.5">
        <p className="text-soft">How was it?</p>
        <Segmented
          label="How was it?"
          value={roast.rating ? (String(roast.rating) as (typeof RATINGS)[number]) : ("" as "1")}
          choices={RATINGS.map((value) => ({ value, label: RATING_NAMES[Number(value) - 1] ?? value }))}
          onChange={(value) => {
            if (!closedAt) onRating(Number(value));
          }}
        />
      </div>
      <Notes roast={roast} isClosed={closedAt !== undefined} />
      {photos.length > 0 && (
        <ul className="grid grid-cols-3 gap-2" aria-label="Pictures">
          {photos.map(({ key, takenAt, jpeg }) => (
            <li key={key} className="relative">
              <img
                src={`data:image/jpeg;base64,${jpeg}`}
                alt={`Taken ${dayAndTime(Date.parse(takenAt), roast.plan.zone, reader)}`}
                className="aspect-square w-full rounded-2xl object-cover"
              />
              {!closedAt && (
                <span className="absolute right-1 top-1 rounded-full bg-mist-1">
                  <IconButton
                    label="Take this picture out"
                    icon={X}
                    onClick={() =>
                      void stored("The picture is still there; that was", deletePhoto(database(), key ?? 0))
                    }
                  />
                </span>
              )}
            </li>
          ))}
        </ul>
      )}
      {fault && <Caution>The picture was not kept: {fault}.</Caution>}
      <div className="flex flex-wrap gap-3">
        {photos.length < MOST_PHOTOS && !closedAt && (
          <FilePicker label="A picture" accept="image/*" onFile={take}>
            Add a picture
          </FilePicker>
        )}
        {closedAt ? (
          <OpenAgain onOpen={() => onClose(false)} />
        ) : (
          <Button tone="primary" onClick={() => onClose(true)}>
            Close the record
          </Button>
        )}
      </div>
      <p role="status" className="text-soft">
        {closedAt
          ? `Closed ${dayAndTime(Date.parse(closedAt), roast.plan.zone, reader)}; it stands among the roasts that are done.`
          : "Everything is kept as you go; closing says that nothing more will happen."}
      </p>
    </section>
  );
}

/** What is closed opens again only on purpose. */
function OpenAgain({ onOpen }: { onOpen(): void }) {
  const [asked, setAsked] = useState(false);
  if (!asked) return <Button onClick={() => setAsked(true)}>Open the record again</Button>;
  return (
    <div className="flex flex-wrap items-center gap-3">
      <span>What happened could then be changed. Open it?</span>
      <Button onClick={onOpen}>Yes, open it</Button>
      <Button onClick={() => setAsked(false)}>No, leave it closed</Button>
    </div>
  );
}
