import { ofRoast } from "../../shell/ofRoast";
import { CookBoard } from "./CookBoard";

export const CookScreen = ofRoast(CookBoard);
