import { existsSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { installKernel } from "../core/compiled";

const built = fileURLToPath(new URL("../build/kernel.wasm", import.meta.url));

/** Installs the compiled kernel where it has been built; without it the reference kernel runs, and it is said how. */
export function loadKernel(): boolean {
  if (!existsSync(built)) {
    console.error(
      "the compiled kernel is not built: the numbers are the same and take ten times as long (npm install builds it)",
    );
    return false;
  }
  installKernel(new WebAssembly.Module(readFileSync(built)));
  return true;
}
