// AssemblyScript, not TypeScript: compiled by tools/buildKernel.mjs. `../kernel.ts` is the reference that the tests
// hold this against; change both together. Arguments are byte addresses in the imported memory.

/** Σ_faces g · (potential[neighbour] − potential[c]) of two cells side by side, and of one; `t` is where the first one's potential is. */
// @ts-ignore: decorator
@inline
function intoTwo(t: usize, here: v128, faceX: usize, faceY: usize, faceZ: usize, bytesY: usize, bytesZ: usize): v128 {
  let net = f64x2.mul(v128.load(faceX), f64x2.sub(v128.load(t, 8), here));
  net = f64x2.add(net, f64x2.mul(v128.load(faceX - 8), f64x2.sub(v128.load(t - 8), here)));
  net = f64x2.add(net, f64x2.mul(v128.load(faceY), f64x2.sub(v128.load(t + bytesY), here)));
  net = f64x2.add(net, f64x2.mul(v128.load(faceY - bytesY), f64x2.sub(v128.load(t - bytesY), here)));
  net = f64x2.add(net, f64x2.mul(v128.load(faceZ), f64x2.sub(v128.load(t + bytesZ), here)));
  net = f64x2.add(net, f64x2.mul(v128.load(faceZ - bytesZ), f64x2.sub(v128.load(t - bytesZ), here)));
  return net;
}

// @ts-ignore: decorator
@inline
function intoOne(t: usize, here: f64, faceX: usize, faceY: usize, faceZ: usize, bytesY: usize, bytesZ: usize): f64 {
  let net = load<f64>(faceX) * (load<f64>(t, 8) - here);
  net += load<f64>(faceX - 8) * (load<f64>(t - 8) - here);
  net += load<f64>(faceY) * (load<f64>(t + bytesY) - here);
  net += load<f64>(faceY - bytesY) * (load<f64>(t - bytesY) - here);
  net += load<f64>(faceZ) * (load<f64>(t + bytesZ) - here);
  net += load<f64>(faceZ - bytesZ) * (load<f64>(t - bytesZ) - here);
  return net;
}

/** content[c] += factor · Σ_faces g · (potential[neighbour] − potential[c]); two cells at a time. */
export function conduct(
  content: usize,
  potential: usize,
  facesX: usize,
  facesY: usize,
  facesZ: usize,
  runs: usize,
  runCount: i32,
  strideY: i32,
  strideZ: i32,
  factor: f64,
): void {
  const bytesY: usize = (<usize>strideY) << 3;
  const bytesZ: usize = (<usize>strideZ) << 3;
  const factors = f64x2.splat(factor);
  for (let r = 0; r < runCount; r += 2) {
    let at: usize = (<usize>load<i32>(runs + ((<usize>r) << 2))) << 3;
    const end: usize = (<usize>load<i32>(runs + ((<usize>(r + 1)) << 2))) << 3;
    const lastPair = end - 16;
    while (<isize>at <= <isize>lastPair) {
      const t = potential + at;
      const here = v128.load(t);
      const net = intoTwo(t, here, facesX + at, facesY + at, facesZ + at, bytesY, bytesZ);
      v128.store(content + at, f64x2.add(v128.load(content + at), f64x2.mul(factors, net)));
      at += 16;
    }
    if (at < end) {
      const t = potential + at;
      const here = load<f64>(t);
      const net = intoOne(t, here, facesX + at, facesY + at, facesZ + at, bytesY, bytesZ);
      store<f64>(content + at, load<f64>(content + at) + factor * net);
    }
  }
}

/** Conductances of all faces, and of those of each cell together; two cells at a time. */
export function joinCells(
  conductivity: usize,
  facesX: usize,
  facesY: usize,
  facesZ: usize,
  total: usize,
  runs: usize,
  runCount: i32,
  strideY: i32,
  strideZ: i32,
  twiceSizeM: f64,
): void {
  const bytesY: usize = (<usize>strideY) << 3;
  const bytesZ: usize = (<usize>strideZ) << 3;
  const sizes = f64x2.splat(twiceSizeM);
  for (let r = 0; r < runCount; r += 2) {
    let at: usize = (<usize>load<i32>(runs + ((<usize>r) << 2))) << 3;
    const end: usize = (<usize>load<i32>(runs + ((<usize>(r + 1)) << 2))) << 3;
    const lastPair = end - 16;
    while (<isize>at <= <isize>lastPair) {
      const k = conductivity + at;
      const here = v128.load(k);
      const twice = f64x2.mul(sizes, here);
      const x = v128.load(k, 8);
      const y = v128.load(k + bytesY);
      const z = v128.load(k + bytesZ);
      const towardsX = f64x2.div(f64x2.mul(twice, x), f64x2.add(here, x));
      const towardsY = f64x2.div(f64x2.mul(twice, y), f64x2.add(here, y));
      const towardsZ = f64x2.div(f64x2.mul(twice, z), f64x2.add(here, z));
      v128.store(facesX + at, towardsX);
      v128.store(facesY + at, towardsY);
      v128.store(facesZ + at, towardsZ);
      const across = f64x2.add(v128.load(facesX + at - 8), v128.load(facesY + at - bytesY));
      const behind = f64x2.add(across, v128.load(facesZ + at - bytesZ));
      const ahead = f64x2.add(f64x2.add(towardsX, towardsY), towardsZ);
      v128.store(total + at, f64x2.add(ahead, behind));
      at += 16;
    }
    if (at < end) {
      const k = conductivity + at;
      const here = load<f64>(k);
      const twice = twiceSizeM * here;
      const x = load<f64>(k, 8);
      const y = load<f64>(k + bytesY);
      const z = load<f64>(k + bytesZ);
      const towardsX = (twice * x) / (here + x);
      const towardsY = (twice * y) / (here + y);
      const towardsZ = (twice * z) / (here + z);
      store<f64>(facesX + at, towardsX);
      store<f64>(facesY + at, towardsY);
      store<f64>(facesZ + at, towardsZ);
      const behind = load<f64>(facesX + at - 8) + load<f64>(facesY + at - bytesY) + load<f64>(facesZ + at - bytesZ);
      store<f64>(total + at, towardsX + towardsY + towardsZ + behind);
    }
  }
}

/** temperature[c] from content[c] by the inverse table of each cell's tissue (`tables` one after the other). */
export function temperatures(
  temperature: usize,
  content: usize,
  tissue: usize,
  tables: usize,
  tableSize: i32,
  lows: usize,
  inverseSteps: usize,
  runs: usize,
  runCount: i32,
): void {
  const top = <f64>tableSize - 1.000001;
  for (let r = 0; r < runCount; r += 2) {
    const start = load<i32>(runs + ((<usize>r) << 2));
    const end = load<i32>(runs + ((<usize>(r + 1)) << 2));
    for (let c = start; c < end; c++) {
      const kind = <usize>load<u8>(tissue + <usize>c);
      let place = (load<f64>(content + ((<usize>c) << 3)) - load<f64>(lows + (kind << 3))) * load<f64>(inverseSteps + (kind << 3));
      place = min(max(place, 0.0), top);
      const n = <i32>place;
      const share = place - <f64>n;
      const entry = tables + ((kind * <usize>tableSize + <usize>n) << 3);
      store<f64>(temperature + ((<usize>c) << 3), load<f64>(entry) * (1.0 - share) + load<f64>(entry, 8) * share);
    }
  }
}

/** Copies a field over the runs; they are short, so that a call for each would cost more than the copying. */
export function mark(to: usize, from: usize, runs: usize, runCount: i32): void {
  for (let r = 0; r < runCount; r += 2) {
    let at: usize = (<usize>load<i32>(runs + ((<usize>r) << 2))) << 3;
    const end: usize = (<usize>load<i32>(runs + ((<usize>(r + 1)) << 2))) << 3;
    const lastPair = end - 16;
    while (<isize>at <= <isize>lastPair) {
      v128.store(to + at, v128.load(from + at));
      at += 16;
    }
    if (at < end) store<f64>(to + at, load<f64>(from + at));
  }
}

/** The furthest that a field lies from another anywhere over the runs; two cells at a time. */
export function furthest(one: usize, other: usize, runs: usize, runCount: i32): f64 {
  let most = f64x2.splat(0);
  for (let r = 0; r < runCount; r += 2) {
    let at: usize = (<usize>load<i32>(runs + ((<usize>r) << 2))) << 3;
    const end: usize = (<usize>load<i32>(runs + ((<usize>(r + 1)) << 2))) << 3;
    const lastPair = end - 16;
    while (<isize>at <= <isize>lastPair) {
      most = f64x2.pmax(most, f64x2.abs(f64x2.sub(v128.load(one + at), v128.load(other + at))));
      at += 16;
    }
    if (at < end) most = f64x2.pmax(most, f64x2.splat(abs(load<f64>(one + at) - load<f64>(other + at))));
  }
  return max(f64x2.extract_lane(most, 0), f64x2.extract_lane(most, 1));
}

/** Index of the least value over the runs; −1 where there is none. */
export function coldest(temperature: usize, runs: usize, runCount: i32): i32 {
  let best: i32 = -1;
  let least: f64 = Infinity;
  for (let r = 0; r < runCount; r += 2) {
    const end = load<i32>(runs + ((<usize>(r + 1)) << 2));
    for (let c = load<i32>(runs + ((<usize>r) << 2)); c < end; c++) {
      const value = load<f64>(temperature + ((<usize>c) << 3));
      if (value < least) {
        least = value;
        best = c;
      }
    }
  }
  return best;
}

/**
 * Several steps of `../kernel.ts`'s spread; two cells at a time. Layer by layer, each step one layer behind the step
 * before: what a step has read and written is still near when the next one asks for it.
 */
export function spread(
  now: usize,
  other: usize,
  perContent: usize,
  heatsAtZero: usize,
  lessHeats: usize,
  facesX: usize,
  facesY: usize,
  facesZ: usize,
  runs: usize,
  layers: usize,
  layerCount: i32,
  strideY: i32,
  strideZ: i32,
  factor: f64,
  steps: i32,
): f64 {
  const bytesY: usize = (<usize>strideY) << 3;
  const bytesZ: usize = (<usize>strideZ) << 3;
  const factors = f64x2.splat(factor);
  let taken = f64x2.splat(0);
  for (let foremost = 0; foremost < layerCount + steps - 1; foremost++) {
    for (let step = max(0, foremost - layerCount + 1); step < steps && step <= foremost; step++) {
      const from = (step & 1) == 0 ? now : other;
      const to = (step & 1) == 0 ? other : now;
      const layer: usize = layers + ((<usize>(foremost - step)) << 2);
      const last = load<i32>(layer, 4);
      for (let r = load<i32>(layer); r < last; r += 2) {
        let at: usize = (<usize>load<i32>(runs + ((<usize>r) << 2))) << 3;
        const end: usize = (<usize>load<i32>(runs + ((<usize>r) << 2), 4)) << 3;
        while (at < end) {
          const t = from + at;
          const here = v128.load(t);
          const through = f64x2.sub(v128.load(heatsAtZero + at), f64x2.mul(v128.load(lessHeats + at), here));
          taken = f64x2.add(taken, through);
          const net = f64x2.add(through, intoTwo(t, here, facesX + at, facesY + at, facesZ + at, bytesY, bytesZ));
          const gain = f64x2.mul(f64x2.mul(factors, net), v128.load(perContent + at));
          v128.store(to + at, f64x2.add(here, gain));
          at += 16;
        }
      }
    }
  }
  return f64x2.extract_lane(taken, 0) + f64x2.extract_lane(taken, 1);
}

/** content[c] += (to[c] − from[c]) / perContent[c]; two cells at a time. */
export function settle(content: usize, to: usize, from: usize, perContent: usize, runs: usize, runCount: i32): void {
  for (let r = 0; r < runCount; r += 2) {
    let at: usize = (<usize>load<i32>(runs + ((<usize>r) << 2))) << 3;
    const end: usize = (<usize>load<i32>(runs + ((<usize>(r + 1)) << 2))) << 3;
    const lastPair = end - 16;
    while (<isize>at <= <isize>lastPair) {
      const gain = f64x2.div(f64x2.sub(v128.load(to + at), v128.load(from + at)), v128.load(perContent + at));
      v128.store(content + at, f64x2.add(v128.load(content + at), gain));
      at += 16;
    }
    if (at < end) {
      const gain = (load<f64>(to + at) - load<f64>(from + at)) / load<f64>(perContent + at);
      store<f64>(content + at, load<f64>(content + at) + gain);
    }
  }
}
