/** Vapour over wet meat: saturation pressure and what drives it off. */
import { constant } from "../constants";

const PA_PER_MMHG = 133.322;

/** Saturation pressure of water in Pa: Antoine's equation with the usual constants for 1 to 100 °C (from memory). */
export function saturationPa(celsius: number): number {
  return PA_PER_MMHG * 10 ** (8.07131 - 1730.63 / (233.426 + celsius));
}

/** The drive's table: entries every 0.25 K from −20 °C; past the last the front boils and the drive goes on steeply. */
export const DRIVE_LOW_C = -20;
export const DRIVE_STEPS_PER_K = 4;
const LAST_C = 99;
const BOILING_C = 110;
const ATMOSPHERE = constant("atmospherePa");

/**
 * Stefan-flow drive −ln(1 − p/P) of air saturated at a temperature; the vapour flux is
 * K·P/(R_v·T)·(drive(surface) − drive(air)).
 */
export const SATURATED_DRIVE = Float64Array.from(
  { length: (BOILING_C - DRIVE_LOW_C) * DRIVE_STEPS_PER_K + 1 },
  (_, n) => {
    const celsius = DRIVE_LOW_C + n / DRIVE_STEPS_PER_K;
    const wet = Math.min(celsius, LAST_C);
    return -Math.log(1 - saturationPa(wet) / ATMOSPHERE) + Math.max(0, celsius - LAST_C) * 20;
  },
);

/** {@link SATURATED_DRIVE} between its entries; held at its ends. */
export function saturatedDrive(celsius: number): number {
  const place = Math.min(Math.max((celsius - DRIVE_LOW_C) * DRIVE_STEPS_PER_K, 0), SATURATED_DRIVE.length - 1.001);
  const n = Math.floor(place);
  return (
    (SATURATED_DRIVE[n] as number) + (place - n) * ((SATURATED_DRIVE[n + 1] as number) - (SATURATED_DRIVE[n] as number))
  );
}

/** The same drive for air of a given vapour pressure. */
export function airDrive(vapourPa: number): number {
  return -Math.log(1 - Math.min(vapourPa, 0.995 * ATMOSPHERE) / ATMOSPHERE);
}

/** Mass-transfer coefficient in m/s from a convective one in W/m²K: the Chilton–Colburn analogy. */
export function massTransferMPerS(convectionWPerM2K: number): number {
  return convectionWPerM2K / (constant("airVolumetricHeatJPerM3K") * constant("lewisNumberPower"));
}
