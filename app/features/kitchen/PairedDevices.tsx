import { useCallback, useEffect, useState } from "react";
import { messageOf } from "../../../words/faults";
import { dayAndTime } from "../../../words/time";
import { mode } from "../../shell/database";
import { NewDevice } from "../../shell/NewDevice";
import { type PairedDevice, pairedDevices, unpair } from "../../shell/pairing";
import { useHabits } from "../../shell/preferences";
import { isThisMachine } from "../../shell/thisMachine";
import { Button } from "../../ui/Button";
import { toast } from "../../ui/toast";

/** Devices that may speak to this machine's server; shown on this machine, once it is open to the home network. */
export function PairedDevices() {
  const reader = useHabits();
  const { lan } = mode();
  const [devices, setDevices] = useState<readonly PairedDevice[] | null>(null);
  const [isAdding, setIsAdding] = useState(false);
  const isHere = lan !== undefined && isThisMachine(location.hostname);
  const look = useCallback((): void => {
    pairedDevices().then(setDevices, (error: unknown) => toast.error(`No list of devices: ${messageOf(error)}`));
  }, []);
  useEffect(() => {
    if (isHere) look();
  }, [isHere, look]);
  if (!isHere || devices === null) return null;
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const remove = async (device: PairedDevice): Promise<void> => {
    try {
      await unpair(device.id);
      look();
    } catch (error) {
      toast.error(`${device.name} is still paired: ${messageOf(error)}`);
    }
  };
  return (
    <section className="grid gap-3" aria-label="Paired devices">
      <h2 className="text-xl">Paired devices</h2>
      {devices.length === 0 && <p className="text-soft">No other device is paired with this machine.</p>}
      <ul className="grid gap-2">
        {devices.map((device) => (
          <li key={device.id} className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <span>
              {device.name}, paired {dayAndTime(Date.parse(device.pairedAt), timeZone, reader)}
            </span>
            <Button size="small" onClick={() => void remove(device)}>
              Remove it
            </Button>
          </li>
        ))}
      </ul>
      {isAdding ? (
        <>
          <NewDevice address={lan.addresses[0] ?? `${location.origin}/`} />
          <Button
            className="justify-self-start"
            onClick={() => {
              setIsAdding(false);
              look();
            }}
          >
            Done
          </Button>
        </>
      ) : (
        <Button className="justify-self-start" onClick={() => setIsAdding(true)}>
          Pair another device
        </Button>
      )}
    </section>
  );
}
