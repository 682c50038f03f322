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
