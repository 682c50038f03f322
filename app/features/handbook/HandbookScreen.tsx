import { CONSTANTS } from "../../../core/constants";
import { CONSTANT_GROUPS, constantTold, originTold } from "../../../words/constants";

const shown = (value: number): string =>
  value !== 0 && (Math.abs(value) < 0.001 || Math.abs(value) >= 100_000)
    ? value.toExponential(2)
    : String(Math.round(value * 1000) / 1000);

/** Every number the tool uses, with its source. */
export function HandbookScreen() {
  return (
    <div className="grid gap-6 py-4">
      <h1 className="text-4xl">Handbook</h1>
      <section className="grid max-w-prose gap-2 text-lg">
        <h2 className="text-xl">Safety, in short</h2>
        <p>
          Poultry and its stuffing: 74 °C (165 °F) seen on a thermometer in the deepest breast and thigh, both sides.
          Fridge at or below 4 °C (40 °F). No more than two hours out; one above 32 °C (90 °F). Keep raw juices off
          everything else; wash hands, not the bird. Bruma computes; it does not replace a thermometer, nor your local
          food-safety authority.
        </p>
      </section>
      <section aria-labelledby="numbers">
        <h2 id="numbers" className="mb-2 text-xl">
          Every number, and where it is from
        </h2>
        {CONSTANT_GROUPS.map(({ title, does, names }) => (
          <section key={title} className="grid gap-2">
            <h3 className="text-lg">{title}</h3>
            <p className="text-soft">{does}</p>
            <table className="w-full table-fixed break-words text-left text-[0.95rem]">
              <tbody>
                {names.map((name) => (
                  <tr key={name} className="border-b border-line align-top last:border-0">
                    <td className="px-3 py-1.5">{constantTold(name)}</td>
                    <td className="px-3 py-1.5 text-right">{shown(CONSTANTS[name].value)}</td>
                    <td className="whitespace-nowrap px-3 py-1.5">{CONSTANTS[name].unit}</td>
                    <td className="px-3 py-1.5 text-soft">{originTold(name)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        ))}
      </section>

      <p>
        <a href="/licences.txt" className="underline underline-offset-4">
          Licences: Bruma's own, and those of its libraries and fonts
        </a>
      </p>
    </div>
  );
}
