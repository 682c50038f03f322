/** The solid's colours as rows of bytes: our temperature bands, and skin from raw over golden to burnt. */
import { VOLUME_HIGH_C, VOLUME_LOW_C, VOLUME_MOST_BROWNING } from "../../../core/bird/volume";
import { bytesFromLab, type Lab, labFromLch } from "../../ui/oklab";
import { BAND_EDGES_C, BAND_STEP_K, temperatureLab } from "../../ui/temperatureScale";

/** A tone as a shader gives it out, 0 to 1 each. */
export const screenTone = (lab: Lab): readonly [number, number, number] => {
  const [r, g, b] = bytesFromLab(lab);
  return [r / 255, g / 255, b / 255];
};

const ROW = 256;

function row(toneAt: (share: number) => Lab): Uint8Array {
  const bytes = new Uint8Array(4 * ROW);
  for (let n = 0; n < ROW; n++) bytes.set([...bytesFromLab(toneAt((n + 0.5) / ROW)), 255], 4 * n);
  return bytes;
}

/** Bands over the temperatures that a volume holds. */
export const bandRow = (): Uint8Array =>
  row((share) => {
    const celsius = VOLUME_LOW_C + share * (VOLUME_HIGH_C - VOLUME_LOW_C);
    const edge = BAND_EDGES_C.findLast((each) => each <= celsius) ?? (BAND_EDGES_C[0] as number);
    return temperatureLab(edge + BAND_STEP_K / 2);
  });

/** Of skin by its browning; the eye's own names for it are in words/names. */
const SKIN: readonly (readonly [browning: number, tone: Lab])[] = [
  [0, labFromLch(0.86, 0.045, 75)],
  [0.5, labFromLch(0.8, 0.085, 75)],
  [1, labFromLch(0.66, 0.125, 64)],
  [1.5, labFromLch(0.5, 0.115, 50)],
  [2, labFromLch(0.42, 0.095, 44)],
  [3, labFromLch(0.33, 0.07, 42)],
  [4, labFromLch(0.22, 0.04, 40)],
];
const RAW_SKIN = labFromLch(0.86, 0.04, 45);
/** The first tenth is raw skin. */
const RAW_SHARE = 0.1;

export const skinRow = (): Uint8Array =>
  row((share) => {
    if (share < RAW_SHARE) return RAW_SKIN;
    const browning = ((share - RAW_SHARE) / 0.88) * VOLUME_MOST_BROWNING;
    const after = SKIN.findIndex(([from]) => from >= browning);
    const [toB, to] = SKIN[after < 0 ? SKIN.length - 1 : after] as (typeof SKIN)[number];
    const [fromB, from] = SKIN[Math.max(0, after < 0 ? SKIN.length - 1 : after - 1)] as (typeof SKIN)[number];
    const part = toB === fromB ? 0 : Math.min(1, (browning - fromB) / (toB - fromB));
    return [from[0] + part * (to[0] - from[0]), from[1] + part * (to[1] - from[1]), from[2] + part * (to[2] - from[2])];
  });
