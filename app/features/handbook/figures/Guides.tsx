import { useState } from "react";
import type { Cut } from "../../../../core/bird/form";
import { SPECIES, SPECIES_RECORDS, type Species } from "../../../../core/bird/species";
import { carveSteps } from "../../../../core/kitchen/carveGuides";
import { CUT_GUIDES, type CutGuideId, cutGuide } from "../../../../core/kitchen/cutGuides";
import { CARVE_WORDS, CUT_WORDS } from "../../../../words/guides";
import { CUT_NAMES } from "../../../../words/names";
import { SPECIES_NAMES } from "../../../../words/species";
import { CutGuideView } from "../../../bird-view/CutGuideView";
import { GuideSteps } from "../../../bird-view/GuideSteps";
import { Segmented } from "../../../ui/Segmented";

interface BirdChoice {
  readonly value: Species;
  onChange(species: Species): void;
}

const BirdChoice = ({ value, onChange }: BirdChoice) => (
  <Segmented
    label="Species"
    value={value}
    choices={SPECIES.map((species) => ({ value: species, label: SPECIES_NAMES[species] }))}
    onChange={onChange}
  />
);

/** Every guide at the board. */
export function CutGuides() {
  const [species, setSpecies] = useState<Species>("turkey");
  const [id, setId] = useState<CutGuideId>("spatchcock");
  const ofSkin = SPECIES_RECORDS[species].rendersFat;
  const guides = CUT_GUIDES.filter((guide) => guide !== "score-skin" || ofSkin);
  const shown = guides.includes(id) ? id : "spatchcock";
  return (
    <div className="grid gap-3">
      <BirdChoice value={species} onChange={setSpecies} />
      <Segmented<CutGuideId>
        label="What is done"
        value={shown}
        choices={guides.map((guide) => ({ value: guide, label: CUT_WORDS[guide].name }))}
        onChange={setId}
      />
      <CutGuideView guide={cutGuide(shown, species)} species={species} />
    </div>
  );
}

const CARVED = ["whole", "spatchcock", "parts", "crown"] as const satisfies readonly Cut[];

/** The order of the knife for each cut of bird. */
export function Carving() {
  const [species, setSpecies] = useState<Species>("turkey");
  const [cut, setCut] = useState<(typeof CARVED)[number]>("whole");
  return (
    <div className="grid gap-3">
      <BirdChoice value={species} onChange={setSpecies} />
      <Segmented<(typeof CARVED)[number]>
        label="Cut"
        value={cut}
        choices={CARVED.map((value) => ({ value, label: CUT_NAMES[value] }))}
        onChange={setCut}
      />
      <GuideSteps
        steps={carveSteps(species, cut).map((step) => ({ id: step.id, step, words: CARVE_WORDS[step.id] }))}
        species={species}
        size="sheet"
      />
    </div>
  );
}
