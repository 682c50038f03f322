import { ofRoast } from "../../shell/ofRoast";
import { CompareBoard } from "./CompareBoard";

export const CompareScreen = ofRoast(CompareBoard);
