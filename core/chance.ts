/** Numbers by chance that are the same every time: from a seed, by the Mersenne twister, whose first numbers differ from seed to seed. */
import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { mersenne } from "pure-rand/generator/mersenne";
import { hashOf } from "./hash";

/** Evenly from 0 to 1, 1 left out. */
export function evenNumbers(seed: number): () => number {
  const generator = mersenne(seed);
  return () => uniformFloat64(generator);
}

/** Standard normal ones, by Box and Muller's transform of even ones. */
export function normalNumbers(even: () => number): () => number {
  return () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
}

/** A number from 0 to 1 that is the same for the same text: its hash, mixed so that like texts part. */
export function chanceOf(text: string): number {
  let value = hashOf(text);
  value = Math.imul(value ^ (value >>> 16), 0x85ebca6b);
  value = Math.imul(value ^ (value >>> 13), 0xc2b2ae35);
  return ((value ^ (value >>> 16)) >>> 0) / 2 ** 32;
}
