import { useNavigate } from "react-router";
import { toast } from "sonner";
import { messageOf } from "../../../core/errors";
import { database } from "../../shell/database";
import { PairingCode } from "../../shell/PairingCode";
import { takeFromServer, useSharing } from "../../shell/sharing";
import { Button } from "../../ui/Button";
import { dayAndTime } from "../../ui/time";

/** Roasts that other devices have in common through the server, and this one has not yet. */
export function Offered() {
  const { link, offered } = useSharing();
  const navigate = useNavigate();
  const take = async (id: string): Promise<void> => {
    try {
      await takeFromServer(database(), id);
      await navigate(`/roast/${id}/cook`);
    } catch (error) {
      toast.error(`It was not taken along: ${messageOf(error)}`);
    }
  };
  if (link === "locked") return <PairingCode />;
  if (offered.length === 0) return null;
  return (
    <section aria-label="On the other device">
      <h2 className="mb-2 text-lg text-soft">On the other device</h2>
      <ul className="grid gap-3">
        {offered.map(({ id, title, serveAt, zone }) => (
          <li key={id} className="flex flex-wrap items-center gap-4 rounded-2xl border border-line p-4">
            <span className="grow">
              <b className="block text-xl">{title}</b>
              on the table {dayAndTime(Date.parse(serveAt), zone)}
            </span>
            <Button size="stove" onClick={() => void take(id)}>
              Cook it here too
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
