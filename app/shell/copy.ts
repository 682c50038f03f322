/** A copy of everything as a file, and when there was the last one. */
import { exportAll } from "../../storage/files";
import { saveFile } from "../ui/saveFile";
import { clockNow } from "./clock";
import { database } from "./database";
import { usePreferences } from "./preferences";

/** @returns the name of the file @throws Error when what is stored cannot be read */
export async function writeCopy(): Promise<string> {
  const now = new Date(clockNow());
  const name = `bruma-roasts-${now.toISOString().slice(0, 10)}.json`;
  saveFile(name, "application/json", await exportAll(database(), now));
  await usePreferences.getState().set({ lastCopyAt: now.toISOString() });
  return name;
}
