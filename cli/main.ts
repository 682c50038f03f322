/** The bruma command: `npm run --silent bruma -- <command>`. One JSON object on standard output. */
import { loadKernel } from "./loadKernel";
import { run } from "./run";

loadKernel();
const { exitCode, stdout, stderr } = run(process.argv.slice(2));
process.stdout.write(stdout);
process.stderr.write(stderr);
process.exitCode = exitCode;
