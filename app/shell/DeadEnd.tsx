import { Link } from "react-router";
import { PageHeading } from "./PageHeading";

/** Where nothing more is to be seen: why, and the way back. */
export function DeadEnd({ title, why }: { readonly title: string; readonly why: string }) {
  return (
    <div className="mx-auto max-w-xl p-8">
      <PageHeading className="text-3xl">{title}</PageHeading>
      <p className="my-3 text-soft">{why}</p>
      <Link to="/" className="underline">
        To the roasts
      </Link>
    </div>
  );
}
