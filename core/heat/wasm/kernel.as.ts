// AssemblyScript, not TypeScript: compiled by tools/buildKernel.mjs. `../kernel.ts` is the reference that the tests
// hold this against; change both together. Arguments are byte addresses in the imported memory.

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
      let net = f64x2.mul(v128.load(facesX + at), f64x2.sub(v128.load(t, 8), here));
      net = f64x2.add(net, f64x2.mul(v128.load(facesX + at - 8), f64x2.sub(v128.load(t - 8), here)));
      net = f64x2.add(net, f64x2.mul(v128.load(facesY + at), f64x2.sub(v128.load(t + bytesY), here)));
      net = f64x2.add(net, f64x2.mul(v128.load(facesY + at - bytesY), f64x2.sub(v128.load(t - bytesY), here)));
      net = f64x2.add(net, f64x2.mul(v128.load(facesZ + at), f64x2.sub(v128.load(t + bytesZ), here)));
      net = f64x2.add(net, f64x2.mul(v128.load(facesZ + at - bytesZ), f64x2.sub(v128.load(t - bytesZ), here)));
      v128.store(content + at, f64x2.add(v128.load(content + at), f64x2.mul(factors, net)));
      at += 16;
    }
    if (at < end) {
      const t = potential + at;
      const here = load<f64>(t);
      let net = load<f64>(facesX + at) * (load<f64>(t, 8) - here);
      net += load<f64>(facesX + at - 8) * (load<f64>(t - 8) - here);
      net += load<f64>(facesY + at) * (load<f64>(t + bytesY) - here);
      net += load<f64>(facesY + at - bytesY) * (load<f64>(t - bytesY) - here);
      net += load<f64>(facesZ + at) * (load<f64>(t + bytesZ) - here);
      net += load<f64>(facesZ + at - bytesZ) * (load<f64>(t - bytesZ) - here);
      store<f64>(content + at, load<f64>(content + at) + factor * net);
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

/** Copies a field over the runs. */
export function mark(to: usize, from: usize, runs: usize, runCount: i32): void {
  for (let r = 0; r < runCount; r += 2) {
    const start: usize = (<usize>load<i32>(runs + ((<usize>r) << 2))) << 3;
    const end: usize = (<usize>load<i32>(runs + ((<usize>(r + 1)) << 2))) << 3;
    memory.copy(to + start, from + start, end - start);
  }
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

/** temperature[c] = from[c] + (content[c] − contentFrom[c]) · perContent[c]; two cells at a time. */
export function warm(
  temperature: usize,
  content: usize,
  from: usize,
  contentFrom: usize,
  perContent: usize,
  runs: usize,
  runCount: i32,
): void {
  for (let r = 0; r < runCount; r += 2) {
    let at: usize = (<usize>load<i32>(runs + ((<usize>r) << 2))) << 3;
    const end: usize = (<usize>load<i32>(runs + ((<usize>(r + 1)) << 2))) << 3;
    const lastPair = end - 16;
    while (<isize>at <= <isize>lastPair) {
      const gain = f64x2.sub(v128.load(content + at), v128.load(contentFrom + at));
      v128.store(temperature + at, f64x2.add(v128.load(from + at), f64x2.mul(gain, v128.load(perContent + at))));
      at += 16;
    }
    if (at < end) {
      const gain = load<f64>(content + at) - load<f64>(contentFrom + at);
      store<f64>(temperature + at, load<f64>(from + at) + gain * load<f64>(perContent + at));
    }
  }
}

/** One step through the skin; arguments as in `../exchange.ts`, the arrays as byte addresses. */
export function exchange(
  enthalpy: usize,
  temperature: usize,
  cells: usize,
  areas: usize,
  inners: usize,
  opens: usize,
  pans: usize,
  hots: usize,
  regions: usize,
  fronts: usize,
  skins: usize,
  vapours: usize,
  count: i32,
  drive: usize,
  driveSize: i32,
  driveLowC: f64,
  driveStepsPerK: f64,
  parameters: usize,
  stepS: f64,
  size: f64,
): f64 {
  const kelvin: f64 = 273.15;
  const perVolume = 1.0 / (size * size * size);
  const top = <f64>driveSize - 1.001;
  let heatJ: f64 = 0;
  for (let n = 0; n < count; n++) {
    // Rows of 16 numbers, in the order of `P`.
    const p: usize = parameters + ((<usize>load<u8>(regions + <usize>n)) << 7);
    const place8: usize = (<usize>n) << 3;
    const here: usize = (<usize>load<i32>(cells + ((<usize>n) << 2))) << 3;
    const open = load<f64>(opens + place8);
    const pan = load<f64>(pans + place8);
    const meatC = load<f64>(temperature + here);
    const inner = load<f64>(inners + place8);
    const warmer = load<f64>(p, 16) * load<f64>(hots + place8);
    const airC = load<f64>(p) + warmer;
    const wallC = load<f64>(p, 8) + warmer;
    const seen = open + load<f64>(p, 48) * pan;
    const blocked = max(0.0, 1.0 - open - pan);
    const still = load<f64>(p, 32);
    const convective = load<f64>(p, 24) * (still + (1.0 - still) * (seen + load<f64>(p, 56) * blocked));
    const skinK = load<f64>(skins + place8) + kelvin;
    const wallK = wallC + kelvin;
    const radiative = load<f64>(p, 40) * seen * (skinK + wallK) * (skinK * skinK + wallK * wallK);
    const film = convective + radiative;
    const lost = load<f64>(vapours + place8);
    const deepest = load<f64>(p, 112);
    const dry = load<f64>(p, 104) * max(0.0, lost);
    const crust = (dry * deepest) / (dry + deepest);
    const dryness = crust * load<f64>(p, 88);
    const through = 1.0 / (1.0 + film * dryness);
    const outer = film * through;
    const outerFromZero = (convective * airC + radiative * wallC) * through;
    const passing = convective * load<f64>(p, 72);
    const vapour = (load<f64>(p, 64) * passing) / (1.0 + passing * crust * load<f64>(p, 96));
    const outsideDrive = load<f64>(p, 80);
    const latent = load<f64>(p, 120);
    let front = load<f64>(fronts + place8);
    let flux: f64 = 0;
    for (let step = 0; step < 4; step++) {
      const place = min(max((front - driveLowC) * driveStepsPerK, 0.0), top);
      const entry = <i32>place;
      const at = drive + ((<usize>entry) << 3);
      const low = load<f64>(at);
      const rise = load<f64>(at, 8) - low;
      const scale = vapour / (front + kelvin);
      const slope = scale * rise * driveStepsPerK;
      flux = scale * (low + (place - <f64>entry) * rise - outsideDrive);
      const excess = inner * (meatC - front) + outerFromZero - outer * front - latent * flux;
      const change = excess / (inner + outer + latent * slope);
      front += change;
      flux += slope * change;
      if (abs(change) < 0.3) break;
    }
    store<f64>(vapours + place8, lost + flux * stepS);
    store<f64>(fronts + place8, front);
    store<f64>(skins + place8, front + (outerFromZero - outer * front) * dryness);
    const gain = inner * (front - meatC) * load<f64>(areas + place8) * stepS;
    store<f64>(enthalpy + here, load<f64>(enthalpy + here) + gain * perVolume);
    heatJ += gain;
  }
  return heatJ;
}
