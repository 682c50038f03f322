import { useLiveQuery } from "dexie-react-hooks";
import { requireBetween } from "../../../core/errors";
import { boilingPointC, corrected, isUnfit, MOST_OFF_K } from "../../../core/kitchen/calibration";
import type { Equipment } from "../../../core/plan/kitchen";
import { guidelineFor } from "../../../core/safety/guideline";
import {
  formatAltitude,
  formatTemperature,
  formatTemperatureDifference,
  parseAltitudeM,
  parseTemperatureC,
} from "../../../core/units/quantity";
import { changeKitchen, kitchenOf } from "../../../storage/kitchen";
import { database } from "../../shell/database";
import { usePreferences } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { UnitField } from "../../ui/UnitField";

type Calibration = NonNullable<Equipment["calibration"]>;

/** Ice and boiling water, once: every reading that is typed is put right by it. */
export function Thermometer() {
  const { units } = usePreferences();
  const kitchen = useLiveQuery(() => kitchenOf(database(), units), [units]);
  if (!kitchen) return null;
  const { calibration } = kitchen;
  const t = (celsius: number, decimals = 0): string => formatTemperature(celsius, units, decimals);
  const change = (measured: Partial<Calibration>): void => {
    void stored(
      "The calibration was",
      changeKitchen(
        database(),
        ({ calibration: before }) => ({ calibration: { iceC: 0, altitudeM: 0, ...before, ...measured } }),
        units,
      ),
    );
  };
  const boilsAtC = boilingPointC(calibration?.altitudeM ?? 0);
  const guidelineC = guidelineFor(kitchen.guideline, "whole").meatC;
  const offK = corrected(guidelineC, calibration) - guidelineC;
  return (
    <section className="grid gap-4" aria-labelledby="thermometer-title">
      <div>
        <h2 id="thermometer-title" className="text-xl">
          Your thermometer, tried
        </h2>
        <p className="text-soft">
          On the eve: in a glass of crushed ice and water, stirred, and in boiling water. What you type at the stove is
          put right by it.
        </p>
      </div>
      <div className="grid grid-cols-5 items-start gap-4 max-sm:grid-cols-2">
        <UnitField
          label="In ice water it shows"
          shown={calibration ? t(calibration.iceC, 1) : ""}
          hint={`should be ${t(0)}`}
          parse={(text) => requireBetween("in ice water", parseTemperatureC(text, units), -10, 10, "°C")}
          onChange={(iceC) => change({ iceC })}
        />
        <UnitField
          label="In boiling water"
          shown={calibration?.boilC === undefined ? "" : t(calibration.boilC, 1)}
          hint={`here should be ${t(boilsAtC, 1)}; may be left out`}
          parse={(text) => requireBetween("in boiling water", parseTemperatureC(text, units), 80, 110, "°C")}
          onChange={(boilC) => change({ boilC })}
        />
        <UnitField
          label="Height above the sea"
          shown={formatAltitude(calibration?.altitudeM ?? 0, units)}
          hint="water boils cooler higher up"
          parse={(text) => requireBetween("height", parseAltitudeM(text, units), -400, 5000, "m")}
          onChange={(altitudeM) => change({ altitudeM })}
        />
      </div>
      {calibration && (
        <>
          {isUnfit(calibration) ? (
            <Caution>
              It is off by more than {formatTemperatureDifference(MOST_OFF_K, units)}: get another; what it says of the
              breast decides what you eat.
            </Caution>
          ) : (
            <p role="status">
              {Math.abs(offK) < 0.25
                ? `It is right where it counts: ${t(guidelineC)} on it is ${t(guidelineC)}.`
                : `${t(guidelineC)} on it is ${t(guidelineC + offK, 1)}: every reading you type is put right by that.`}
            </p>
          )}
          <Button
            className="justify-self-start"
            onClick={() =>
              void stored(
                "That was",
                changeKitchen(database(), () => ({ calibration: undefined }), units),
              )
            }
          >
            Take it as exact again
          </Button>
        </>
      )}
    </section>
  );
}
