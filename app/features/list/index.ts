import { ofRoast } from "../../shell/ofRoast";
import { ListBoard } from "./ListBoard";

export const ListScreen = ofRoast(ListBoard);
