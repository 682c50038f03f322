import { useNavigate } from "react-router";
import type { SharedRoast } from "../../../core/formats/shared";
import { takeAlong } from "../../../storage/sharing";
import { database } from "../../shell/database";
import { PairingCode } from "../../shell/PairingCode";
import { useSharing } from "../../shell/sharing";
import { Button } from "../../ui/Button";
import { dayAndTime } from "../../ui/time";

/** Roasts that other devices have in common through the server, and this one has not yet. */
export function Offered() {
  const { link, offered } = useSharing();
  const navigate = useNavigate();
  const take = async (shared: SharedRoast): Promise<void> => {
    await takeAlong(database(), shared);
    useSharing.setState({ offered: offered.filter(({ roast }) => roast.id !== shared.roast.id) });
    await navigate(`/roast/${shared.roast.id}/cook`);
  };
  if (link === "locked") return <PairingCode />;
  if (offered.length === 0) return null;
  return (
    <section aria-label="On the other device">
      <h2 className="mb-2 text-lg text-soft">On the other device</h2>
      <ul className="grid gap-3">
        {offered.map((shared) => (
          <li key={shared.roast.id} className="flex flex-wrap items-center gap-4 rounded-2xl border border-line p-4">
            <span className="grow">
              <b className="block text-xl">{shared.roast.title}</b>
              on the table {dayAndTime(Date.parse(shared.roast.plan.serveAt), shared.roast.plan.zone)}
            </span>
            <Button size="stove" onClick={() => void take(shared)}>
              Cook it here too
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
