import { Children, type ReactNode } from "react";
import { unbroken } from "../../words/unbroken";

/** Of what is shown, the words: each number kept with its unit. */
export const keptTogether = (shown: ReactNode): ReactNode =>
  Children.map(shown, (each) => (typeof each === "string" ? unbroken(each) : each));
