/** The demo's roast that came late: how late, as the log tells it. The figure goes with the model, by `npm run demo-data`. */
import computed from "../../demo/computed.json";

const late = computed.past["demo-late"];
export const LATE_BY = `${late.pulledMin - late.predicted.pullMinute} min later`;
