import type { Response } from "express";
import { diskWords } from "./durable";

/**
 * Does what writes to the disk; answers with 507 and a sentence when it cannot.
 * @param meanwhile what became of what was to be written
 * @returns what the work returns, null when it failed
 */
export function onDisk<Result>(response: Response, meanwhile: string, work: () => Result): Result | null {
  try {
    return work();
  } catch (error) {
    response.status(507).json({ why: diskWords(error, meanwhile) });
    return null;
  }
}
