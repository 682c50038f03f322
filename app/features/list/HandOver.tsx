import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useState } from "react";
import { packShort } from "../../../core/formats/handover";
import type { Roast } from "../../../core/plan/roast";
import { share } from "../../../storage/sharing";
import { clockNow } from "../../shell/clock";
import { database, mode } from "../../shell/database";
import { NewDevice } from "../../shell/NewDevice";
import { PairingCode } from "../../shell/PairingCode";
import { takeOut, useSharing } from "../../shell/sharing";
import { stored } from "../../shell/stored";
import { isThisMachine } from "../../shell/thisMachine";
import { Caution } from "../../ui/Caution";
import { Dots } from "../../ui/Dots";
import { Sheet } from "../../ui/Sheet";
import { Toggle } from "../../ui/Toggle";

/** To another device: in common through the server, or once, as a picture of dots that a phone's camera opens. */
export function HandOver({ roasts }: { readonly roasts: readonly [Roast, ...Roast[]] }) {
  return (
    <Sheet opens="To a phone" title="To a phone">
      <InCommon roasts={roasts} />
      <h3 className="text-xl">Or a copy, once</h3>
      <Copy roasts={roasts} />
    </Sheet>
  );
}

/** One dinner on laptop and phone: what happens on one shows on the other, and both ring. */
function InCommon({ roasts: [roast, ...others] }: { readonly roasts: readonly [Roast, ...Roast[]] }) {
  const { link } = useSharing();
  const shared = useLiveQuery(async () => (await database().shared.get(roast.id)) !== undefined, [roast.id]);
  const { lan } = mode();
  const [address] = lan?.addresses ?? [];
  if (shared === undefined) return null;
  if (link === "locked") return <PairingCode />;
  return (
    <section className="grid gap-2" aria-label="In common">
      <Toggle
        checked={shared}
        onChange={(on) => void stored("That was", on ? share(database(), roast.id) : takeOut(database(), roast.dinner))}
        label={`The same ${others.length > 0 ? "dinner" : "roast"} on every paired device`}
      />
      {shared && (
        <p role="status">
          {link === "open"
            ? "In common: what is done on one device shows on the others, readings too, and every one of them rings."
            : "The server is not there: what is done here goes to the others once it is back."}
        </p>
      )}
      {shared && address && isThisMachine(location.hostname) && (
        <>
          <p>A device that is paired already is offered the roast on its start page.</p>
          <NewDevice address={address} />
        </>
      )}
      {shared && !lan && isThisMachine(location.hostname) && (
        <p className="text-soft">
          Only this machine reaches the server now. Start it with{" "}
          <code className="whitespace-nowrap">npm start -- --lan</code> to open it to the home network; the way to pair
          the phone then stands here.
        </p>
      )}
    </section>
  );
}

/** What a picture of dots holds: version 40 at the lowest level of correction (ISO/IEC 18004). */
const MOST_BYTES = 2953;

/** Roasts as an address; without their notes where they would be too long for a picture. */
async function shortEnough(
  roasts: readonly Roast[],
): Promise<{ readonly address: string; readonly withNotes: boolean }> {
  const before = `${location.origin}/take#`;
  const { packed, withNotes } = await packShort(roasts, new Date(clockNow()), MOST_BYTES - before.length);
  return { address: before + packed, withNotes };
}

function Copy({ roasts }: { readonly roasts: readonly Roast[] }) {
  const [packed, setPacked] = useState<{ readonly address: string; readonly withNotes: boolean } | null>(null);
  useEffect(() => {
    let stopped = false;
    void shortEnough(roasts).then((made) => {
      if (!stopped) setPacked(made);
    });
    return () => {
      stopped = true;
    };
  }, [roasts]);
  if (packed === null) return null;
  const { address, withNotes } = packed;
  if (address.length > MOST_BYTES) {
    return (
      <Caution>
        {roasts.length > 1 ? "This dinner" : "This roast"} is too long for a picture: take the JSON file, or{" "}
        <a href={address} className="underline underline-offset-4">
          the same as a link
        </a>
        .
      </Caution>
    );
  }
  return (
    <>
      <Dots text={address} label={`This ${roasts.length > 1 ? "dinner" : "roast"}, to be scanned`} />
      {!withNotes && <p>The notes are too long for the picture and stay here; the JSON file has them.</p>}
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
