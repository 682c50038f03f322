/**
 * What practised roasts come to by each policy: `npm run practised [-- COUNT [FIRST [keep]]]`. With "keep" the table goes
 * to tools/practised.json, from where the science page has it.
 */
import { writeFileSync } from "node:fs";
import { loadKernel } from "../cli/loadKernel";
import { figuresOf, type Played, POLICIES, type Policy, type PolicyFigures, play } from "../core/practice/policies";
import { answerPart, answersOfAll, isRun, toolArguments } from "./shareOut";

loadKernel();

const FIRST_SEED = 1;

type Answer = Record<Policy, Played | null>;

export interface PracticeRow extends PolicyFigures {
  readonly birds: string;
  readonly policy: Policy;
}

const answerFor = (seed: number): Answer =>
  Object.fromEntries(POLICIES.map((policy) => [policy, play(seed, "usual", policy)])) as Answer;

const kindOf = ({ plan: { bird } }: Played): string => `${bird.species}, ${bird.cut}`;

if (isRun(import.meta.url)) {
  const asked = toolArguments();
  if (!asked) answerPart(answerFor);
  else {
    const [count = "1000", first = String(FIRST_SEED), keep] = asked;
    const answers = await answersOfAll<Answer>(import.meta.url, Number(count), Number(first));
    const playedBy = (policy: Policy): Played[] => answers.flatMap((answer) => answer[policy] ?? []);
    const kinds = [...new Set(playedBy("bruma").map(kindOf))].sort();
    const rows = ["all", ...kinds].flatMap((birds) =>
      POLICIES.map((policy): PracticeRow => {
        const played = playedBy(policy).filter((each) => birds === "all" || kindOf(each) === birds);
        return { birds, policy, ...figuresOf(played) };
      }),
    );
    if (keep === "keep") writeFileSync("tools/practised.json", `${JSON.stringify(rows, null, 2)}\n`);
    console.table(rows);
  }
}
