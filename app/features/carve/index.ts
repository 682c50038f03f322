import { ofRoast } from "../../shell/ofRoast";
import { CarveBoard } from "./CarveBoard";

export const CarveScreen = ofRoast(CarveBoard);
