/** Tests simulate as a shell does: with the compiled kernel. What holds it against the reference asks for both itself. */
import { loadKernel } from "../../cli/loadKernel";

loadKernel();
