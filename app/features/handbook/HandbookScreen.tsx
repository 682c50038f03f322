import { type Constant, type ConstantName, SOURCES } from "../../../core/sources";

function originText({ origin }: Constant): string {
  switch (origin.kind) {
    case "published":
      return `${origin.source}${origin.fromMemory ? " (from memory)" : ""}`;
    case "common practice":
      return "common practice";
    case "fitted":
      return `fitted to ${origin.cases}`;
    case "chosen":
      return `chosen: ${origin.reason}`;
  }
}

const shown = (value: number): string =>
  value !== 0 && (Math.abs(value) < 0.001 || Math.abs(value) >= 100_000)
    ? value.toExponential(2)
    : String(Math.round(value * 1000) / 1000);

/** Every number the tool uses, with its source. */
export function HandbookScreen() {
  const rows = Object.entries(SOURCES) as [ConstantName, Constant][];
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
        <div className="rounded-2xl border border-line bg-mist-1 max-md:text-sm">
          <table className="w-full table-fixed break-words text-left text-[0.95rem]">
            <thead>
              <tr className="border-b border-line text-soft">
                <th className="px-3 py-2 font-medium">What</th>
                <th className="px-3 py-2 text-right font-medium">Value</th>
                <th className="px-3 py-2 font-medium">Unit</th>
                <th className="px-3 py-2 font-medium">Origin</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(([name, constant]) => (
                <tr key={name} className="border-b border-line align-top last:border-0">
                  <td className="px-3 py-1.5">{constant.what}</td>
                  <td className="px-3 py-1.5 text-right">{shown(constant.value)}</td>
                  <td className="whitespace-nowrap px-3 py-1.5">{constant.unit}</td>
                  <td className="px-3 py-1.5 text-soft">{originText(constant)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </section>

      <p>
        <a href="/licences.txt" className="underline underline-offset-4">
          Licences: Bruma's own, and those of its libraries and fonts
        </a>
      </p>
    </div>
  );
}
