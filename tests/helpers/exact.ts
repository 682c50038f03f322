/**
 * Exact transient conduction with a convective surface: series for the slab and the sphere (Carslaw and Jaeger,
 * Conduction of Heat in Solids, chapters III and IX; the eigenvalue equations as in any heat-transfer text).
 */

/** The n-th root of a function that falls through zero once in each interval (low, high), by bisection. */
export function root(f: (x: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  for (let n = 0; n < 100; n++) {
    const middle = (a + b) / 2;
    if (f(a) * f(middle) <= 0) b = middle;
    else a = middle;
  }
  return (a + b) / 2;
}

const TERMS = 60;
const TINY = 1e-9;

/** (T − T∞)/(T₀ − T∞) at distance x from the mid-plane of a slab of half-thickness L; x and Fo are in units of L. */
export function slab(biot: number, fourier: number, x: number): number {
  let sum = 0;
  for (let n = 0; n < TERMS; n++) {
    const z = root(
      (value) => value * Math.sin(value) - biot * Math.cos(value),
      n * Math.PI + TINY,
      n * Math.PI + Math.PI / 2,
    );
    sum += ((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))) * Math.exp(-z * z * fourier) * Math.cos(z * x);
  }
  return sum;
}

/** The same for a sphere of radius R, at distance r from its centre in units of R. */
export function sphere(biot: number, fourier: number, r: number): number {
  let sum = 0;
  for (let n = 0; n < TERMS; n++) {
    const z = root(
      (value) => Math.sin(value) * (1 - biot) - value * Math.cos(value),
      n * Math.PI + TINY,
      (n + 1) * Math.PI - TINY,
    );
    const weight = (4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z));
    const shape = r < TINY ? 1 : Math.sin(z * r) / (z * r);
    sum += weight * Math.exp(-z * z * fourier) * shape;
  }
  return sum;
}
