/** What the log says of the demo's past roasts: the figures go with the model, by `npm run demo-data`. */
import computed from "../../demo/computed.json";
import { offWords } from "../../words/log";

/** How much later or sooner than predicted it came out. */
export function offOf(id: keyof typeof computed.past): string {
  const { pulledMin, predicted } = computed.past[id];
  return offWords(pulledMin - predicted.pullMinute);
}
