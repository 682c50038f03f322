import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useState } from "react";
import { Link, useLocation } from "react-router";
import { type Unpacked, unpackRoasts } from "../../../core/formats/handover";
import type { Roast } from "../../../core/plan/roast";
import { takeRoasts } from "../../../storage/roasts";
import { capital } from "../../../words/capital";
import { wrongWords } from "../../../words/incoming";
import { dayAndTime } from "../../../words/time";
import { birdWords, titleShown } from "../../../words/titles";
import { database } from "../../shell/database";
import { PageHeading } from "../../shell/PageHeading";
import { useHabits } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { useGoOn } from "../../shell/useGoOn";
import { Button } from "../../ui/Button";

/** A roast that another device handed over in the address: shown, and taken in when the cook says so. */
export function TakeScreen() {
  const { hash } = useLocation();
  const [unpacked, setUnpacked] = useState<Unpacked | null>(null);
  useEffect(() => {
    let stopped = false;
    void unpackRoasts(hash.slice(1)).then((made) => {
      if (!stopped) setUnpacked(made);
    });
    return () => {
      stopped = true;
    };
  }, [hash]);
  if (unpacked === null) return null;
  if (unpacked.kind === "roasts") return <Offer roasts={unpacked.roasts} />;
  return (
    <div className="grid max-w-xl gap-3 py-6">
      <PageHeading className="text-3xl">This is no roast</PageHeading>
      {unpacked.faults.map(({ where, wrong }) => (
        <p key={where + wrong.kind}>
          {where && <code>{where}: </code>}
          {wrongWords(wrong)}
        </p>
      ))}
      <p className="text-soft">Nothing stored has changed.</p>
      <Link to="/" className="underline underline-offset-4">
        To the roasts
      </Link>
    </div>
  );
}

function Offer({ roasts }: { readonly roasts: readonly [Roast, ...Roast[]] }) {
  const reader = useHabits();
  const goOn = useGoOn();
  const [first, ...others] = roasts;
  const ids = roasts.map(({ id }) => id);
  const known = useLiveQuery(
    async () => (await database().roasts.bulkGet(ids)).some((here) => here !== undefined),
    [ids.join()],
  );
  const { serveAt, zone } = first.plan;
  const take = async (): Promise<void> => {
    if (await stored("The roast was", takeRoasts(database(), roasts)))
      await goOn(`/roast/${first.id}/cook`, { replace: true });
  };
  return (
    <div className="grid max-w-xl gap-4 py-6">
      {roasts.map((roast) => (
        <div key={roast.id}>
          <PageHeading className="text-4xl">{titleShown(roast, reader)}</PageHeading>
          {roast.named && <p className="text-lg">{capital(birdWords(roast.plan.bird, reader.units))}</p>}
        </div>
      ))}
      <p className="text-lg">On the table {dayAndTime(Date.parse(serveAt), zone, reader)}.</p>
      {known && (
        <p>
          {others.length > 0 ? "What of this dinner is here already gets" : "This roast is here already: it gets"} the
          plan that was sent. Its readings, and what has happened, stay.
        </p>
      )}
      <Button tone="primary" size="stove" className="justify-self-start" onClick={() => void take()}>
        {others.length > 0 ? "Take this dinner in" : "Take this roast in"}
      </Button>
    </div>
  );
}
