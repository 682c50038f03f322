import { existsSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { installKernel } from "../core/heat/arena";

const built = fileURLToPath(new URL("../build/kernel.wasm", import.meta.url));

/** Installs the compiled kernel where it has been built; without it the reference kernel runs, slower and equal. */
export function loadKernel(): boolean {
  if (!existsSync(built)) return false;
  installKernel(new WebAssembly.Module(readFileSync(built)));
  return true;
}
