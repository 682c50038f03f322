import { usePreferences } from "./preferences";

/** The code that pairs this device with the machine that runs Bruma. */
export function PairingCode() {
  const { pairingCode, set } = usePreferences();
  return (
    <label className="text-sm text-soft">
      Pairing code, as it stands on the screen of the machine that runs Bruma
      <input
        value={pairingCode}
        inputMode="numeric"
        autoComplete="off"
        onChange={(event) => void set({ pairingCode: event.target.value.trim() })}
        className="mt-1 block min-h-12 w-40 rounded-xl border border-line-strong bg-mist-1 px-3 text-base text-ink"
      />
    </label>
  );
}
