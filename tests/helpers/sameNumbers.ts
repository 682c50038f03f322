/** Fields of numbers that are the same byte for byte are equal at once: one by one, a bird's pictures take seconds. */
import { expect } from "vitest";

type Numbers = Exclude<ArrayBufferView, DataView>;

const areNumbers = (value: unknown): value is Numbers => ArrayBuffer.isView(value) && !(value instanceof DataView);
const bytesOf = ({ buffer, byteOffset, byteLength }: Numbers): Buffer => Buffer.from(buffer, byteOffset, byteLength);

expect.addEqualityTesters([
  (a: unknown, b: unknown): true | undefined =>
    areNumbers(a) && areNumbers(b) && a.constructor === b.constructor && bytesOf(a).equals(bytesOf(b))
      ? true
      : // What differs is looked at one by one, and told.
        undefined,
]);
