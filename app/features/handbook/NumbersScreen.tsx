import { CONSTANTS } from "../../../core/constants";
import { CONSTANT_GROUPS, constantTold, originTold } from "../../../words/constants";
import { SPECIES_NAMES } from "../../../words/species";
import { SPECIES_NUMBERS } from "../../../words/speciesNumbers";
import { PageHeading } from "../../shell/PageHeading";
import { BackLink } from "./BackLink";

const shown = (value: number): string =>
  value !== 0 && (Math.abs(value) < 0.001 || Math.abs(value) >= 100_000)
    ? value.toExponential(2)
    : String(Math.round(value * 1000) / 1000);

/** Every number the tool uses, grouped, with what its group does to a roast and where each is from. */
export function NumbersScreen() {
  return (
    <article className="grid max-w-4xl gap-7 py-4">
      <BackLink />
      <header className="grid gap-2">
        <PageHeading className="text-4xl">Every number and its origin</PageHeading>
        <p className="text-lg">
          What the computed bird is made of, in the units it is computed in. A number that is not here is not used.
        </p>
      </header>
      <section className="grid gap-2">
        <h2 className="text-2xl">What differs from species to species</h2>
        <p className="text-lg text-soft">
          Beside their shapes: how much to buy, what comes to the plate, how salt and heat find them.
        </p>
        <dl className="rounded-2xl border border-line bg-mist-1 px-4">
          {SPECIES_NUMBERS.map(({ trait, what, of }) => (
            <div key={trait} className="grid gap-x-6 border-b border-line py-1.5 last:border-0">
              <dt className="first-letter:uppercase">{what}</dt>
              {of.map(({ species, number, origin }) => (
                <dd key={species} className="grid grid-cols-[minmax(0,1fr)_auto] text-sm text-soft">
                  <span>
                    {SPECIES_NAMES[species]}: {origin}
                  </span>
                  <b className="text-right text-ink">
                    {shown(number.value)} {number.unit}
                  </b>
                </dd>
              ))}
            </div>
          ))}
        </dl>
      </section>
      {CONSTANT_GROUPS.map(({ title, does, names }) => (
        <section key={title} className="grid gap-2">
          <h2 className="text-2xl">{title}</h2>
          <p className="text-lg text-soft">{does}</p>
          <dl className="rounded-2xl border border-line bg-mist-1 px-4">
            {names.map((name) => (
              <div
                key={name}
                className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-6 border-b border-line py-1.5 last:border-0"
              >
                <dt className="first-letter:uppercase">{constantTold(name)}</dt>
                <dd className="text-right font-semibold">
                  {shown(CONSTANTS[name].value)} {CONSTANTS[name].unit === "1" ? "" : CONSTANTS[name].unit}
                </dd>
                <dd className="col-span-2 text-sm text-soft">{originTold(name)}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </article>
  );
}
