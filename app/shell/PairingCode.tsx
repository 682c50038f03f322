import { type FormEvent, useState } from "react";
import { messageOf } from "../../words/faults";
import { Button } from "../ui/Button";
import { pair } from "./pairing";

/** Where the code that pairs this device with the machine that runs Bruma is typed. */
export function PairingCode() {
  const [code, setCode] = useState("");
  const [fault, setFault] = useState("");
  const [isAsking, setIsAsking] = useState(false);
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    setIsAsking(true);
    try {
      await pair(code);
      setCode("");
      setFault("");
    } catch (error) {
      // What was typed stays.
      setFault(messageOf(error));
    } finally {
      setIsAsking(false);
    }
  };
  return (
    <form onSubmit={(event) => void submit(event)} className="grid gap-2">
      <label className="text-sm text-soft">
        Pairing code, as it stands on the screen of the machine that runs Bruma
        <input
          value={code}
          inputMode="numeric"
          autoComplete="one-time-code"
          aria-invalid={fault !== ""}
          aria-describedby="pairing-fault"
          onChange={(event) => setCode(event.target.value)}
          className="mt-1 block min-h-12 w-40 rounded-xl border border-line-strong bg-mist-1 px-3 text-lg text-ink tabular-nums"
        />
      </label>
      <p id="pairing-fault" role="alert" className="text-sm font-medium text-ember empty:hidden">
        {fault}
      </p>
      <Button type="submit" disabled={isAsking} className="justify-self-start">
        Pair this device
      </Button>
    </form>
  );
}
