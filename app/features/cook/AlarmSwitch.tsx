import { BellOff, BellRing } from "lucide-react";
import { Button } from "../../ui/Button";
import { useAlarmSwitch } from "./useAlarm";
import { abilitiesHere, withheldFrom } from "./withheld";

/** The bell: browsers give sound and notifications only after a tap; what else they withhold is said. */
export function AlarmSwitch() {
  const { on, turn } = useAlarmSwitch();
  const abilities = abilitiesHere();
  const withheld = withheldFrom(abilities);
  return (
    <section aria-label="Alarms" className="grid gap-2">
      <Button tone="quiet" className="justify-self-start max-sm:min-h-12" aria-pressed={on} onClick={() => turn(!on)}>
        {on ? <BellRing aria-hidden className="size-5" /> : <BellOff aria-hidden className="size-5" />}
        {on ? "Alarms on, while this page is open" : "Turn alarms on"}
      </Button>
      <p className="text-sm text-soft">
        A phone that sleeps cannot ring: keep this page open, or take the calendar file from the list along. A laptop
        that has the roast in common rings too.
      </p>
      {withheld.length > 0 && (
        <div className="text-sm text-soft">
          <p>
            {abilities.isSecure
              ? "This browser does not give:"
              : "This address is plain http, and browsers then withhold:"}
          </p>
          <ul className="list-disc pl-5">
            {withheld.map(({ what, instead }) => (
              <li key={what}>
                {what}; {instead}
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
