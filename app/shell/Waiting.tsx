import { PageHeading } from "./PageHeading";

/** The first view's own heading. */
export function Heading() {
  return (
    <PageHeading className="max-w-[16ch] text-5xl leading-[1.02]" title="Roasts">
      From how big a bird to dinner on time
    </PageHeading>
  );
}

/** While something is opened: on the first view its heading stands there already, where it will stay. */
export function Waiting() {
  return (
    <div className="flex flex-col gap-7 py-4">
      {location.pathname === "/" && <Heading />}
      <p className="text-lg text-soft">Opening your roasts …</p>
    </div>
  );
}
