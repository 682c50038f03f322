export { StyleScreen } from "./StyleScreen";
