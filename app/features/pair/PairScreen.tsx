import { useEffect, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { messageOf } from "../../../words/faults";
import { PageHeading } from "../../shell/PageHeading";
import { PairingCode } from "../../shell/PairingCode";
import { pair, usePaired } from "../../shell/pairing";

/** Where the picture of dots leads: the code behind the # pairs this device, and is gone from the address. */
export function PairScreen() {
  const { hash } = useLocation();
  const navigate = useNavigate();
  const { times } = usePaired();
  const [fault, setFault] = useState("");
  useEffect(() => {
    const code = hash.slice(1);
    if (code === "") return;
    void navigate("/pair", { replace: true });
    pair(code).catch((error: unknown) => setFault(messageOf(error)));
  }, [hash, navigate]);
  useEffect(() => {
    if (times > 0) void navigate("/", { replace: true });
  }, [times, navigate]);
  return (
    <div className="grid max-w-xl gap-4 py-6">
      <PageHeading className="text-4xl">Pair this device</PageHeading>
      {fault !== "" && <p>The link did not do it: {fault}.</p>}
      <PairingCode />
    </div>
  );
}
