/** A copy of everything as a file, and when there was the last one. */
import { type ExportWatch, exportFile } from "../../storage/files";
import { saveFile } from "../ui/saveFile";
import { clockNow } from "./clock";
import { database } from "./database";
import { usePreferences } from "./preferences";

/** @returns the name of the file; null where it was broken off @throws Error when what is stored cannot be read */
export async function writeCopy(watch?: ExportWatch): Promise<string | null> {
  const now = new Date(clockNow());
  const name = `bruma-roasts-${now.toISOString().slice(0, 10)}.json`;
  const file = await exportFile(database(), now, watch);
  if (!file) return null;
  saveFile(name, file);
  await usePreferences.getState().set({ lastCopyAt: now.toISOString() });
  return name;
}
