import { useEffect, useState } from "react";
import { Link } from "react-router";
import { messageOf } from "../../words/faults";
import { Dots } from "../ui/Dots";
import { everyInLife } from "./clock";
import { mode } from "./database";
import { type Offer, offeredCodes } from "./pairing";

const ASK_EVERY_MS = 3000;

/** How another device is paired: a picture of dots for its camera, or an address and a code to be typed. */
export function NewDevice({ address }: { readonly address: string }) {
  const [offer, setOffer] = useState<Offer | null>(null);
  const [fault, setFault] = useState("");
  const fingerprint = mode().lan?.fingerprint;
  useEffect(() => {
    // Asked again and again: a code is gone once it was used, and after five minutes.
    const ask = (): void => {
      offeredCodes().then(
        (offered) => {
          setOffer(offered);
          setFault("");
        },
        (error: unknown) => setFault(messageOf(error)),
      );
    };
    ask();
    return everyInLife(ASK_EVERY_MS, ask);
  }, []);
  if (fault !== "") return <p>No pairing code: {fault}.</p>;
  if (!offer) return null;
  if (offer.kind === "wait") {
    return <p>Somebody has typed many wrong codes. The next code comes in a moment.</p>;
  }
  return (
    <div className="grid gap-3">
      <div className="max-w-56">
        <Dots text={`${address}pair#${offer.long}`} label="The way to pair a device, to be scanned" />
      </div>
      <p>
        Point the phone's camera at it. Or open <b className="break-all">{address}</b> there and type{" "}
        <b className="font-display text-2xl tabular-nums">{offer.short}</b>. Either works once, for five minutes; then
        another one stands here.
      </p>
      {fingerprint && (
        <p className="text-soft">
          The first time, the phone says that it does not know this certificate. Its SHA-256 fingerprint is{" "}
          <code className="break-all text-ink">{fingerprint}</code>; go on, then follow{" "}
          <Link to="/trust" className="underline underline-offset-4">
            Trust this kitchen
          </Link>{" "}
          there: the stove then has notifications, a screen that stays awake, and Bruma without the network.
        </p>
      )}
    </div>
  );
}
