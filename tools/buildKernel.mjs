// Compiles the AssemblyScript kernel to build/kernel.wasm when one of its sources is newer than what was built.
import { existsSync, mkdirSync, statSync } from "node:fs";

const sources = [
  "core/heat/wasm/kernel.as.ts",
  "core/heat/wasm/exchange.as.ts",
  "core/bird/wasm/field.as.ts",
  "core/bird/wasm/rays.as.ts",
];
const output = "build/kernel.wasm";

export async function buildKernel() {
  const changedMs = Math.max(...sources.map((source) => statSync(source).mtimeMs));
  if (existsSync(output) && statSync(output).mtimeMs > changedMs) return;
  mkdirSync("build", { recursive: true });
  const { default: asc } = await import("assemblyscript/asc");
  const { error, stderr } = await asc.main([
    ...sources,
    "--outFile",
    output,
    "--runtime",
    "stub",
    "--importMemory",
    "--enable",
    "simd",
    "--optimizeLevel",
    "3",
    "--noAssert",
  ]);
  if (error) throw new Error(`the kernel does not compile: ${error.message}\n${stderr.toString()}`);
}

// After an install, of its own accord; one without what only developers need goes on without it.
if (process.argv[1]?.endsWith("buildKernel.mjs") && existsSync("node_modules/assemblyscript")) await buildKernel();
