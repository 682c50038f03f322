import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useState } from "react";
import { Link, useLocation, useNavigate } from "react-router";
import { type Unpacked, unpackRoast } from "../../../core/formats/handover";
import type { Roast } from "../../../core/plan/schema";
import { formatMass } from "../../../core/units/quantity";
import { takeRoast } from "../../../storage/roasts";
import { CUT_NAMES, SPECIES_NAMES } from "../../bird-view/names";
import { database } from "../../shell/database";
import { usePreferences } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Button } from "../../ui/Button";
import { dayAndTime } from "../../ui/time";

/** A roast that another device handed over in the address: shown, and taken in when the cook says so. */
export function TakeScreen() {
  const { hash } = useLocation();
  const [unpacked, setUnpacked] = useState<Unpacked | null>(null);
  useEffect(() => {
    let stopped = false;
    void unpackRoast(hash.slice(1)).then((made) => {
      if (!stopped) setUnpacked(made);
    });
    return () => {
      stopped = true;
    };
  }, [hash]);
  if (unpacked === null) return null;
  if (unpacked.kind === "roast") return <Offer roast={unpacked.roast} />;
  return (
    <div className="grid max-w-xl gap-3 py-6">
      <h1 className="text-3xl">This is no roast</h1>
      {unpacked.faults.map(({ where, what }) => (
        <p key={where + what}>
          {where && <code>{where}: </code>}
          {what}
        </p>
      ))}
      <p className="text-soft">Nothing stored has changed.</p>
      <Link to="/" className="underline underline-offset-4">
        To the roasts
      </Link>
    </div>
  );
}

function Offer({ roast }: { readonly roast: Roast }) {
  const { units } = usePreferences();
  const navigate = useNavigate();
  const known = useLiveQuery(async () => (await database().roasts.get(roast.id)) !== undefined, [roast.id]);
  const { bird, serveAt, zone } = roast.plan;
  const take = async (): Promise<void> => {
    if (await stored("The roast was", takeRoast(database(), roast)))
      await navigate(`/roast/${roast.id}/cook`, { replace: true });
  };
  return (
    <div className="grid max-w-xl gap-4 py-6">
      <h1 className="text-4xl">{roast.title}</h1>
      <p className="text-lg">
        {bird.count > 1 && `${bird.count} × `}
        {SPECIES_NAMES[bird.species]}, {CUT_NAMES[bird.cut].toLowerCase()}, {formatMass(bird.massKg, units)}; on the
        table {dayAndTime(Date.parse(serveAt), zone)}.
      </p>
      {known && (
        <p>This roast is here already: it gets the plan that was sent. Its readings, and what has happened, stay.</p>
      )}
      <Button tone="primary" size="stove" className="justify-self-start" onClick={() => void take()}>
        Take this roast in
      </Button>
    </div>
  );
}
