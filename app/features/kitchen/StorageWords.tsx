import { dayAndTime } from "../../../words/time";
import { useHabits, usePreferences } from "../../shell/preferences";
import { askToKeep, useStorageKept } from "../../shell/storageKept";
import { Button } from "../../ui/Button";

const ROOM_SCARCE = 0.8;

/** Whether the browser keeps what is stored, how much room there is, and when there was the last copy. */
export function StorageWords() {
  const reader = useHabits();
  const { kept, usedMb, roomMb } = useStorageKept();
  const { lastCopyAt } = usePreferences();
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  return (
    <ul className="grid gap-1">
      <li>
        {lastCopyAt === ""
          ? "No copy has been written to a file on this device yet."
          : `Last copy to a file: ${dayAndTime(Date.parse(lastCopyAt), timeZone, reader)}.`}
      </li>
      {kept === true && <li>The browser keeps it until you delete it.</li>}
      {kept === false && (
        <li className="flex flex-wrap items-center gap-x-3 gap-y-1">
          The browser may clear it when the device is short of room: keep a copy.
          <Button size="small" onClick={() => void askToKeep()}>
            Ask it to keep it
          </Button>
        </li>
      )}
      {kept === null && <li>This browser does not say whether it keeps it: keep a copy.</li>}
      {usedMb !== null && roomMb !== null && usedMb > ROOM_SCARCE * roomMb && (
        <li>
          {Math.round(usedMb)} of {Math.round(roomMb)} MB that the browser gives are used.
        </li>
      )}
    </ul>
  );
}
