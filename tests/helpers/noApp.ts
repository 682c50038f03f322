import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

/** The root of a server that has no app to send: the library looks at every file below it. */
export const NO_APP = mkdtempSync(join(tmpdir(), "bruma-no-app-"));
