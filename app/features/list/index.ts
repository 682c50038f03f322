export { ListScreen } from "./ListScreen";
