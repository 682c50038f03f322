export { HandbookScreen } from "./HandbookScreen";
