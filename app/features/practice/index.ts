import { ofRoast } from "../../shell/ofRoast";
import { DebriefBoard } from "./DebriefBoard";
import { RehearsalBoard } from "./RehearsalBoard";

export { DrillsScreen } from "./drills/DrillsScreen";
export { PracticeScreen } from "./PracticeScreen";
export const RehearsalScreen = ofRoast(RehearsalBoard);
export const DebriefScreen = ofRoast(DebriefBoard);
