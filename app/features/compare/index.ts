export { CompareScreen } from "./CompareScreen";
