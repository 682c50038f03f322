import { lazy, Suspense } from "react";
import type { SharedTitle } from "../../../core/formats/shared";
import { messageOf } from "../../../words/faults";
import { dayAndTime, type Reader } from "../../../words/time";
import { titleShown } from "../../../words/titles";
import { database } from "../../shell/database";
import { useHabits } from "../../shell/preferences";
import { takeFromServer, useSharing } from "../../shell/sharing";
import { useGoOn } from "../../shell/useGoOn";
import { Button } from "../../ui/Button";
import { toast } from "../../ui/toast";

/** Of its own script: asked for only where a server asks for a code. */
const PairingCode = lazy(async () => ({ default: (await import("../../shell/PairingCode")).PairingCode }));

/** Those of one dinner side by side: they are taken along together. */
const byDinner = (offered: readonly SharedTitle[]): readonly (readonly [SharedTitle, ...SharedTitle[]])[] => {
  const dinners = new Map<string, [SharedTitle, ...SharedTitle[]]>();
  for (const each of offered) {
    const known = dinners.get(each.dinner);
    if (known) known.push(each);
    else dinners.set(each.dinner, [each]);
  }
  return [...dinners.values()];
};

const calledOf = ({ bird, serveAt, zone, ...called }: SharedTitle, reader: Reader): string =>
  bird ? titleShown({ ...called, plan: { bird, serveAt, zone } }, reader) : called.title;

/** Roasts that other devices have in common through the server, and this one has not yet. */
export function Offered() {
  const reader = useHabits();
  const { link, offered } = useSharing();
  const goOn = useGoOn();
  const take = async (dinner: readonly [SharedTitle, ...SharedTitle[]]): Promise<void> => {
    try {
      await takeFromServer(
        database(),
        dinner.map(({ id }) => id),
      );
      await goOn(`/roast/${dinner[0].id}/cook`);
    } catch (error) {
      toast.error(`It was not taken along: ${messageOf(error)}`);
    }
  };
  if (link === "locked")
    return (
      <Suspense fallback={null}>
        {" "}
        <PairingCode />{" "}
      </Suspense>
    );
  if (offered.length === 0) return null;
  return (
    <section aria-label="On the other device">
      <h2 className="mb-2 text-lg text-soft">On the other device</h2>
      <ul className="grid gap-3">
        {byDinner(offered).map((dinner) => (
          <li key={dinner[0].id} className="flex flex-wrap items-center gap-4 rounded-2xl border border-line p-4">
            <span className="grow">
              {dinner.map((each) => (
                <b key={each.id} className="block text-xl">
                  {calledOf(each, reader)}
                </b>
              ))}
              on the table {dayAndTime(Date.parse(dinner[0].serveAt), dinner[0].zone, reader)}
            </span>
            <Button size="stove" onClick={() => void take(dinner)}>
              Cook it here too
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
