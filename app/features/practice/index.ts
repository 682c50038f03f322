import { ofRoast } from "../../shell/ofRoast";
import { DebriefBoard } from "./DebriefBoard";

export { PracticeScreen } from "./PracticeScreen";
export const DebriefScreen = ofRoast(DebriefBoard);
