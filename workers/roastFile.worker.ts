/** Reads a file of roasts away from the page: tens of megabytes are a second of work, and it may be broken off. */
import { checkRoastFile, type FileCheck } from "../core/formats/file";

self.onmessage = async ({ data }: MessageEvent<Blob>): Promise<void> => {
  const check: FileCheck = checkRoastFile(await data.text());
  self.postMessage(check);
};
