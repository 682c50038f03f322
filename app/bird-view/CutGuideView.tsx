import type { Species } from "../../core/bird/species";
import type { CutGuide } from "../../core/kitchen/cutGuides";
import { CUT_WORDS, cutStepWords } from "../../words/guides";
import { usePreferences } from "../shell/preferences";
import { Caution } from "../ui/Caution";
import { GuideSteps } from "./GuideSteps";

/** What to do at the board, step by step: tools, drawings, what goes to the pot, cautions. */
export function CutGuideView({ guide, species }: { readonly guide: CutGuide; readonly species: Species }) {
  const { units } = usePreferences();
  const { tools, toPot, cautions } = CUT_WORDS[guide.id];
  return (
    <>
      <p className="text-soft">
        {guide.minutes} minutes. To hand: {tools(units).join(", ")}.
      </p>
      <GuideSteps
        steps={guide.steps.map((step) => ({ id: step.id, step, words: cutStepWords(guide.id, step.id) }))}
        species={species}
        size="sheet"
        solid="raw"
      />
      <p>
        <span className="font-semibold">To the stock pot:</span> {toPot.join(", ")}.
      </p>
      {cautions.map((caution) => (
        <Caution key={caution}>{caution}</Caution>
      ))}
    </>
  );
}
