/**
 * The compiled kernel: what heat and solids are computed with where a shell (worker, command line) has it. Without it
 * their references in TypeScript run and give the same numbers.
 */
let installed: WebAssembly.Module | undefined;

export function installKernel(module: WebAssembly.Module | undefined): void {
  installed = module;
}

/** The module, where one is installed. */
export const compiledKernel = (): WebAssembly.Module | undefined => installed;

/** Below it in a memory the module keeps what its own functions put aside. */
export const FIRST_ADDRESS = 2048;
/** A memory grows by so many. */
export const PAGE_BYTES = 65_536;

/** The module at work over a memory of its own, and whatever functions it has. */
export function kernelOver<Exports>(module: WebAssembly.Module, memory: WebAssembly.Memory): Exports {
  const env = { memory, abort: () => undefined };
  return new WebAssembly.Instance(module, { env }).exports as unknown as Exports;
}
