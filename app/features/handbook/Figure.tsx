import type { ComponentType } from "react";
import type { FigureId } from "../../../words/handbook/chapter";
import { Carving, CutGuides } from "./figures/Guides";
import { HowLong } from "./figures/HowLong";
import { ProbePlaces } from "./figures/ProbePlaces";
import { RestCurves } from "./figures/RestCurves";
import { SaltByDay } from "./figures/SaltByDay";
import { Conversions, Glossary, Holding } from "./figures/Tables";
import { ThawTable } from "./figures/ThawTable";
import { Versus, type VersusId } from "./figures/Versus";

const FIGURES: Record<Exclude<FigureId, VersusId>, ComponentType> = {
  "how-long": HowLong,
  thaw: ThawTable,
  "salt-by-day": SaltByDay,
  "probe-places": ProbePlaces,
  rest: RestCurves,
  "cut-guides": CutGuides,
  carving: Carving,
  holding: Holding,
  conversions: Conversions,
  glossary: Glossary,
};

const isPlain = (id: FigureId): id is Exclude<FigureId, VersusId> => id in FIGURES;

/** A picture or a table of the handbook. */
export function Figure({ id }: { readonly id: FigureId }) {
  if (!isPlain(id)) return <Versus id={id} />;
  const Shown = FIGURES[id];
  return <Shown />;
}
