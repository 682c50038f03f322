import type { CentrePoints } from "../../core/bird/centres";
import type { Vec3 } from "../../core/bird/sdf";
import { CENTRES, type CentreTemperatures } from "../../core/bird/solid";
import { formatTemperature, type UnitSystem } from "../../core/units/quantity";
import { PART_NAMES } from "../../words/names";

/** A point of the bird that is told on its picture. */
export interface BirdMark {
  readonly kind: "centre" | "coldest";
  readonly label: string;
  readonly at: Vec3;
}

interface Known {
  readonly centres: CentrePoints;
  readonly centresC: CentreTemperatures;
  readonly coldestAt: Vec3 | undefined;
  readonly coldestC: number;
  readonly units: UnitSystem;
}

/** The thermal centres that are known, and the coldest point. */
export function marksOf({ centres, centresC, coldestAt, coldestC, units }: Known): readonly BirdMark[] {
  const found = CENTRES.flatMap((centre): BirdMark[] => {
    const [at, celsius] = [centres[centre], centresC[centre]];
    if (!at || celsius === undefined) return [];
    return [{ kind: "centre", label: `${PART_NAMES[centre]} ${formatTemperature(celsius, units)}`, at }];
  });
  if (!coldestAt) return found;
  return [...found, { kind: "coldest", label: `coldest ${formatTemperature(coldestC, units)}`, at: coldestAt }];
}
