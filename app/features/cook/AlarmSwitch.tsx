import { BellOff, BellRing } from "lucide-react";
import { memo } from "react";
import { useAlarmSwitch } from "../../day/alarm";
import { Button } from "../../ui/Button";
import { abilitiesHere, withheldFrom } from "./withheld";

/** The bell: browsers give sound and notifications only after a tap. */
export function AlarmSwitch() {
  const { on, turn } = useAlarmSwitch();
  return (
    <Button tone={on ? "quiet" : "plain"} className="shrink-0" aria-pressed={on} onClick={() => turn(!on)}>
      {on ? <BellRing aria-hidden className="size-5" /> : <BellOff aria-hidden className="size-5" />}
      {on ? "Alarms on" : "Turn alarms on"}
    </Button>
  );
}

/** What no alarm can do, and what this browser withholds besides. */
export const AlarmLimits = memo(function AlarmLimits() {
  // What a browser gives is asked for by a tap on the switch, and told again once that is answered.
  useAlarmSwitch();
  const abilities = abilitiesHere();
  const withheld = withheldFrom(abilities);
  return (
    <section aria-label="Alarms" className="grid gap-2 text-sm text-soft">
      <p>
        Alarms ring while this page is open; a phone that sleeps cannot ring. Take the calendar file from the list
        along, or have the roast in common with a laptop: it rings too.
      </p>
      {withheld.length > 0 && (
        <>
          <p>
            {abilities.isSecure
              ? "This browser does not give:"
              : "This address is plain http, and browsers then withhold what follows. A server that is started with --lan has an https address, which gives it:"}
          </p>
          <ul className="list-disc pl-5">
            {withheld.map(({ what, instead }) => (
              <li key={what}>
                {what}; {instead}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
});
