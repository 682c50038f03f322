import { ofRoast } from "../../shell/ofRoast";
import { RecordBoard } from "./RecordBoard";

export { LogScreen } from "./LogScreen";
export const RecordScreen = ofRoast(RecordBoard);
